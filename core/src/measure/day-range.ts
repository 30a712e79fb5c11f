import type { DayNumber } from './day.ts';
import { SEASON_HORIZON_DAYS } from './season.ts';

/** 10, 50 and 90 % days; a `null` lies beyond the season's horizon (the event may not come at all). */
export interface DayRange {
  readonly p10: DayNumber | null;
  readonly p50: DayNumber | null;
  readonly p90: DayNumber | null;
}

/** Events are looked for from so many days before the season's first day (a window may open before its stage). */
const LEAD_DAYS = 120;
/** Room for one call: it is asked for some twenty times a season of every stand. */
const HISTOGRAM = new Float64Array(LEAD_DAYS + SEASON_HORIZON_DAYS + LEAD_DAYS);

/**
 * 10, 50 and 90 % days of weighed dates counted from `firstDay`: the first day by which that share of the weight has
 * come. Dates are whole days, so a histogram does; infinite ones weigh in as "never".
 */
export function dayRange(dates: Float64Array, weight: Float64Array, firstDay: DayNumber): DayRange {
  const histogram = HISTOGRAM.fill(0);
  let total = 0;
  for (let j = 0; j < dates.length; j++) {
    total += weight[j]!;
    const at = Math.max(0, dates[j]! + LEAD_DAYS);
    if (at < histogram.length) histogram[at]! += weight[j]!;
  }
  const days: (number | null)[] = [null, null, null];
  let sum = 0;
  let next = 0;
  for (let i = 0; i < histogram.length && next < 3; i++) {
    sum += histogram[i]!;
    while (next < 3 && sum >= PROBABILITIES[next]! * total * (1 - 1e-12) && sum > 0)
      days[next++] = firstDay + i - LEAD_DAYS;
  }
  return { p10: days[0]!, p50: days[1]!, p90: days[2]! };
}

const PROBABILITIES = [0.1, 0.5, 0.9] as const;
