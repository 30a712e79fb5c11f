import type { DayNumber } from '../measure/index.ts';
import { dayRange, type DayRange } from './day-range.ts';
import type { SeasonForecast } from './forecast.ts';
import { SEASON_HORIZON_DAYS } from './season.ts';

/** Opens and closes so many days after (or, below 0, before) a stage is reached. */
export interface WindowEdge {
  readonly stage: string;
  readonly offsetDays: number;
}

export interface WindowSpec {
  readonly part: string;
  readonly use: string;
  readonly opens: WindowEdge;
  readonly closes: WindowEdge;
  /** Where within the window the part is best, 0 at its opening, 1 at its closing. */
  readonly peakShare: number;
  /** From this stage on the look-alikes can be told apart. Absent: throughout. */
  readonly separableFrom?: string;
}

export interface WindowForecast {
  readonly part: string;
  readonly use: string;
  readonly season: number;
  readonly opens: DayRange;
  readonly closes: DayRange;
  readonly separable: DayRange | null;
  readonly peakShare: number;
  readonly firstDay: DayNumber;
  /** Probability that the window is open on each day of the season's horizon, from `firstDay` on, in two hundredths; see `openOn`. */
  readonly openProbability: Uint8Array;
}

/**
 * When a part of the stand is worth taking, from the dates of its stages. A window never closes before it opens.
 * @throws RangeError when it names a stage the forecast does not have.
 */
export function forecastWindow(spec: WindowSpec, forecast: SeasonForecast): WindowForecast {
  const opens = edgeDates(spec.opens, forecast);
  const closes = edgeDates(spec.closes, forecast);
  const { weight, firstDay } = forecast;
  let total = 0;
  const change = new Float64Array(SEASON_HORIZON_DAYS + 1);
  for (let j = 0; j < opens.length; j++) {
    if (closes[j]! < opens[j]!) closes[j] = opens[j]!;
    total += weight[j]!;
    const from = Math.max(0, opens[j]!);
    const to = Math.max(0, closes[j]! + 1);
    if (from < SEASON_HORIZON_DAYS) change[from]! += weight[j]!;
    if (to < SEASON_HORIZON_DAYS) change[to]! -= weight[j]!;
  }
  const openProbability = new Uint8Array(SEASON_HORIZON_DAYS);
  let now = 0;
  for (let i = 0; i < SEASON_HORIZON_DAYS; i++) {
    now += change[i]!;
    // What was added and taken away again leaves a trace of rounding behind.
    openProbability[i] = now / total < ROUNDING ? 0 : Math.round(PER_ONE * Math.min(1, now / total));
  }
  return {
    part: spec.part,
    use: spec.use,
    season: forecast.season,
    opens: dayRange(opens, weight, firstDay),
    closes: dayRange(closes, weight, firstDay),
    separable: spec.separableFrom
      ? dayRange(edgeDates({ stage: spec.separableFrom, offsetDays: 0 }, forecast), weight, firstDay)
      : null,
    peakShare: spec.peakShare,
    firstDay,
    openProbability,
  };
}

const ROUNDING = 1e-9;
/** A probability is kept to half a hundredth, in one byte: thousands of windows are held. */
const PER_ONE = 200;

function edgeDates(edge: WindowEdge, forecast: SeasonForecast): Float64Array {
  const stage = forecast.stages.find((s) => s.key === edge.stage);
  if (!stage) throw new RangeError(`no stage ${edge.stage}`);
  return stage.dates.map((d) => d + edge.offsetDays);
}

/** Probability that the window is open on a day; 0 outside the season's horizon. */
export function openOn(window: WindowForecast, day: DayNumber): number {
  return (window.openProbability[day - window.firstDay] ?? 0) / PER_ONE;
}
