import { dayOfYear, seasonFirstDay, seasonOf, type DayNumber } from '../measure/index.ts';
import { degreeDays } from './degree-days.ts';
import type { Climatology, WeatherSeries } from './weather.ts';

/** Warmth since midwinter's turn of the year against the usual: since 1 January, in the south since the beginning of July. */
export interface WarmthLead {
  /** °C·day above `baseC` from `since` to the day, and what they usually are by then. */
  readonly sum: number;
  readonly usualSum: number;
  readonly baseC: number;
  readonly since: DayNumber;
  /** Days by which the year runs ahead of the usual one, below 0 behind. */
  readonly daysAhead: number;
}

/** Degree days that the usual year gains in a day, below which days cannot be told by warmth. An estimate. */
const LEAST_GAIN = 1;
const GAIN_HALF_WINDOW_DAYS = 7;

/**
 * How far the growing year's warmth runs ahead of the station's usual: the day on which the climatology's degree days
 * would have reached today's sum, against today.
 * @param latitudeDeg below 0 the growing year begins half a year later
 * @returns `null` when the growing year's first days are not in the series, or nothing has been warm enough to tell, or the usual year
 * gains next to no warmth at this season: a mild week of November would make it weeks "early".
 * Note that the climatology's smooth days give slightly less warmth than real ones near the base.
 */
export function warmthLead(
  series: WeatherSeries,
  climatology: Climatology,
  { day, latitudeDeg, baseC = 5 }: { readonly day: DayNumber; readonly latitudeDeg: number; readonly baseC?: number },
): WarmthLead | null {
  const start = seasonFirstDay(seasonOf(day, '01-01', latitudeDeg), '01-01', latitudeDeg);
  if (series.firstDay > start || day >= series.firstDay + series.minC.length || day < start) return null;
  let sum = 0;
  for (let d = start; d <= day; d++) {
    const i = d - series.firstDay;
    sum += degreeDays(series.minC[i]!, series.maxC[i]!, baseC);
  }
  const usual = new Float64Array(366);
  let total = 0;
  const first = dayOfYear(start) - 1;
  for (let k = 0; k < 366; k++) {
    const i = (first + k) % 366;
    usual[k] = total += degreeDays(climatology.minC[i]!, climatology.maxC[i]!, baseC);
  }
  const today = day - start;
  if (sum < 5 && usual[today]! < 5) return null;
  if (usualGain(usual, today) < LEAST_GAIN) return null;
  let reached = usual.findIndex((s) => s >= sum);
  if (reached < 0) reached = 365;
  return { sum, usualSum: usual[today]!, baseC, since: start, daysAhead: reached - today };
}

/** Mean gain of the usual sum round a day of the ring, °C·day a day. */
function usualGain(usual: Float64Array, index: number): number {
  const from = Math.max(0, index - GAIN_HALF_WINDOW_DAYS);
  const to = Math.min(usual.length - 1, index + GAIN_HALF_WINDOW_DAYS);
  return (usual[to]! - usual[from]!) / (to - from);
}
