import { dayOfYear, type DayNumber } from '../measure/index.ts';
import { DAY_MARK, type Climatology, type WeatherSeries } from './weather.ts';

/** A day that a thermometer would hardly show: far from the usual, a leap from the day before, or stuck for days. */
export interface OddDay {
  readonly day: DayNumber;
  readonly why: 'farFromUsual' | 'leap' | 'stuck';
}

const FAR_C = 18;
const LEAP_C = 20;
const STUCK_DAYS = 5;
/** Differences of less than this are none: readings come in tenths. */
const SAME_C = 0.05;

/**
 * Measured days that look like a fault of the station rather than weather, oldest first. Bounds are estimates: a mean more than
 * 18 °C from the usual of its day, or 20 °C from the day before's, or both readings unchanged for five days.
 */
export function oddDays(
  { firstDay, minC, maxC, mark }: WeatherSeries,
  climatology: Climatology | null,
): readonly OddDay[] {
  const odd: OddDay[] = [];
  let same = 1;
  for (let i = 0; i < minC.length; i++) {
    const before = i > 0 && mark[i - 1] === DAY_MARK.measured;
    if (mark[i] !== DAY_MARK.measured) {
      same = 1;
      continue;
    }
    const day = firstDay + i;
    const mean = (minC[i]! + maxC[i]!) / 2;
    const unchanged =
      before && Math.abs(minC[i]! - minC[i - 1]!) < SAME_C && Math.abs(maxC[i]! - maxC[i - 1]!) < SAME_C;
    same = unchanged ? same + 1 : 1;
    const k = dayOfYear(day) - 1;
    const usual = climatology && (climatology.minC[k]! + climatology.maxC[k]!) / 2;
    if (same >= STUCK_DAYS) odd.push({ day, why: 'stuck' });
    else if (usual !== null && Math.abs(mean - usual) > FAR_C) odd.push({ day, why: 'farFromUsual' });
    else if (before && Math.abs(mean - (minC[i - 1]! + maxC[i - 1]!) / 2) > LEAP_C) odd.push({ day, why: 'leap' });
  }
  return odd;
}
