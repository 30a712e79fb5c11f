import { dayOfYear, type DayNumber } from '../measure/index.ts';

/** Where a day's temperatures come from. */
export const DAY_MARK = { measured: 0, interpolated: 1, climatology: 2, outlook: 3 } as const;

/**
 * A gapless run of days of one station. `minC[i]` and `maxC[i]` belong to day `firstDay + i`;
 * `mark[i]` is a {@link DAY_MARK}.
 */
export interface WeatherSeries {
  readonly firstDay: DayNumber;
  readonly minC: Float64Array;
  readonly maxC: Float64Array;
  readonly mark: Uint8Array;
  /** Rain of the day, mm; NaN where nobody measured it. `null` for a station without rain. */
  readonly rainMm: Float64Array | null;
}

/** One day as measured or foretold; days that are missing simply have no record. */
export interface WeatherDay {
  readonly day: DayNumber;
  readonly minC: number;
  readonly maxC: number;
  readonly rainMm?: number | null;
  readonly outlook?: boolean;
}

/** Mean minimum and maximum by day of the year, index 0 for 1 January, 366 entries. */
export interface Climatology {
  readonly minC: Float64Array;
  readonly maxC: Float64Array;
}

/** Gaps up to this many days are bridged by a straight line; longer ones take the climatology. */
export const LONGEST_BRIDGED_GAP_DAYS = 3;
const SMOOTHING_DAYS = 7;

/**
 * Climatology of a station: mean by day of the year over all measured days, smoothed with a moving mean of
 * ±7 days round the year's ring. Outlook days are left out.
 * `null` when no day of the ring has a measured day within the smoothing window of every date.
 * Cost: linear in the number of days.
 */
export function climatologyOf(days: readonly WeatherDay[]): Climatology | null {
  const minSum = new Float64Array(366);
  const maxSum = new Float64Array(366);
  const count = new Float64Array(366);
  for (const d of days) {
    if (d.outlook) continue;
    const i = dayOfYear(d.day) - 1;
    minSum[i]! += d.minC;
    maxSum[i]! += d.maxC;
    count[i]! += 1;
  }
  const minC = new Float64Array(366);
  const maxC = new Float64Array(366);
  for (let i = 0; i < 366; i++) {
    let min = 0,
      max = 0,
      n = 0;
    for (let k = -SMOOTHING_DAYS; k <= SMOOTHING_DAYS; k++) {
      const j = (i + k + 366) % 366;
      min += minSum[j]!;
      max += maxSum[j]!;
      n += count[j]!;
    }
    if (n === 0) return null;
    minC[i] = min / n;
    maxC[i] = max / n;
  }
  return { minC, maxC };
}

/**
 * Joins single days to a gapless series. Gaps of up to {@link LONGEST_BRIDGED_GAP_DAYS} days are interpolated
 * linearly between their neighbours; longer ones take the station's climatology for the day, and both are marked.
 * A long gap with no climatology (less than a year of record) is interpolated as well: a line is the best guess left.
 * Days may come in any order; of two records of one day the measured one counts, else the later in the list.
 * `null` for no days at all.
 * @throws RangeError when a maximum lies below its minimum or a figure is not finite.
 */
export function joinDays(days: readonly WeatherDay[], climatology = climatologyOf(days)): WeatherSeries | null {
  if (days.length === 0) return null;
  const byDay = new Map<DayNumber, WeatherDay>();
  for (const d of days) {
    if (!(d.maxC >= d.minC) || !Number.isFinite(d.minC) || !Number.isFinite(d.maxC))
      throw new RangeError(`day ${d.day}: minimum ${d.minC}, maximum ${d.maxC}`);
    const before = byDay.get(d.day);
    if (!before || before.outlook || !d.outlook) byDay.set(d.day, d);
  }
  const numbers = [...byDay.keys()].sort((a, b) => a - b);
  const firstDay = numbers[0]!;
  const length = numbers[numbers.length - 1]! - firstDay + 1;
  const series = {
    firstDay,
    minC: new Float64Array(length),
    maxC: new Float64Array(length),
    mark: new Uint8Array(length),
    rainMm: [...byDay.values()].some((d) => typeof d.rainMm === 'number') ? new Float64Array(length).fill(NaN) : null,
  };
  let previous = -1;
  for (const n of numbers) {
    const i = n - firstDay;
    const d = byDay.get(n)!;
    series.minC[i] = d.minC;
    series.maxC[i] = d.maxC;
    series.mark[i] = d.outlook ? DAY_MARK.outlook : DAY_MARK.measured;
    if (series.rainMm && typeof d.rainMm === 'number') series.rainMm[i] = d.rainMm;
    if (i - previous > 1) fillGap(series, previous, i, climatology);
    previous = i;
  }
  return series;
}

/** Records are kept in hundredths, finer than any thermometer: so one that travels comes out as it went in. */
export const hundredth = (value: number): number => Math.round(value * 100) / 100 + 0;

function fillGap(series: WeatherSeries, from: number, to: number, climatology: Climatology | null): void {
  const bridged = to - from - 1 <= LONGEST_BRIDGED_GAP_DAYS || climatology === null;
  for (let i = from + 1; i < to; i++) {
    if (bridged) {
      const share = (i - from) / (to - from);
      series.minC[i] = hundredth(series.minC[from]! + share * (series.minC[to]! - series.minC[from]!));
      series.maxC[i] = hundredth(series.maxC[from]! + share * (series.maxC[to]! - series.maxC[from]!));
      series.mark[i] = DAY_MARK.interpolated;
    } else {
      const k = dayOfYear(series.firstDay + i) - 1;
      series.minC[i] = hundredth(climatology.minC[k]!);
      series.maxC[i] = hundredth(climatology.maxC[k]!);
      series.mark[i] = DAY_MARK.climatology;
    }
  }
}

/** Last day of the series that was measured (not an outlook), or `null` when none was. */
export function lastMeasuredDay(series: WeatherSeries): DayNumber | null {
  for (let i = series.mark.length - 1; i >= 0; i--) if (series.mark[i] !== DAY_MARK.outlook) return series.firstDay + i;
  return null;
}
