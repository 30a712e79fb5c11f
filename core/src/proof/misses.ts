import type { DayNumber } from '../measure/index.ts';
import type { SeenInterval } from './seen-interval.ts';

/** A date held against what was seen. */
export interface Dated {
  readonly day: DayNumber;
  readonly seen: SeenInterval;
}
/** Mean of days off: of their sizes, and with their sign (above 0 later than it came). */
export interface MeanMiss {
  readonly size: number;
  readonly bias: number;
}

/** Before anything is held against it, a date is supposed to be off by a week; that weighs as one trial (an estimate). */
const SUPPOSED_DAYS = 7;
const MOST_SWEEPS = 300;
const ENOUGH_DAYS = 1e-3;
/** The longest way between two days of a season and the next. */
const REACH_DAYS = 1_000;

/**
 * How far off dates were on average, days, where the day itself is known only to lie between two visits: each interval counts with
 * the miss to be expected within it if misses are normal about 0 and as wide as all of them together say (self-consistent, in the
 * manner of Turnbull (1976), whom `bandShares` names). For days known exactly that is the plain mean of their sizes. A date between two
 * visits is thus neither right nor off by half of what lies between them. As far as days are not known exactly, a week is supposed.
 * @returns `null` without any
 */
export function meanMiss(dated: readonly Dated[]): MeanMiss | null {
  if (dated.length === 0) return null;
  // Misses of a date, from the day before which it surely came not, to the last on which it may have.
  const ranges = dated.map(({ day, seen: { after, by } }) => [day - by, day - after - 1] as const);
  const supposed = ranges.filter(([low, high]) => high > low).length / ranges.length;
  let size = SUPPOSED_DAYS;
  for (let sweep = 0; sweep < MOST_SWEEPS; sweep++) {
    const within = sumsWithin(size);
    const total = ranges.reduce((sum, range) => sum + within(range).size, 0);
    const next = (total + supposed * SUPPOSED_DAYS) / (ranges.length + supposed);
    const moved = Math.abs(next - size);
    size = next;
    if (moved < ENOUGH_DAYS) break;
  }
  const within = sumsWithin(size);
  return { size, bias: ranges.reduce((sum, range) => sum + within(range).bias, 0) / ranges.length };
}

/** Mean size of a normal about 0, by its standard deviation: √(2/π). */
const MEAN_SIZE = Math.sqrt(2 / Math.PI);

/** The miss to be expected between two, where misses are normal with so large a mean size; by sums that are made once. */
function sumsWithin(size: number): (range: readonly [number, number]) => MeanMiss {
  const share = new Float64Array(REACH_DAYS + 2);
  const days = new Float64Array(REACH_DAYS + 2);
  for (let k = 0; k <= REACH_DAYS; k++) {
    const at = Math.exp(-0.5 * ((k * MEAN_SIZE) / size) ** 2);
    share[k + 1] = share[k]! + at;
    days[k + 1] = days[k]! + k * at;
  }
  /** Shares, and days weighed by them, of misses of so many days: from one to before another, both of one sign. */
  const between = (from: number, to: number): readonly [number, number] => {
    const [a, b] = [Math.min(from, REACH_DAYS + 1), Math.min(to, REACH_DAYS + 1)];
    return b > a ? [share[b]! - share[a]!, days[b]! - days[a]!] : [0, 0];
  };
  return ([low, high]) => {
    const [lateShare, lateDays] = between(Math.max(0, low), high + 1);
    const [earlyShare, earlyDays] = between(Math.max(1, -high), 1 - low);
    const total = lateShare + earlyShare;
    // Known exactly, or further off than such misses ever are: the nearer end, as the limit has it.
    if (low === high || !(total > 0)) {
      const nearest = low > 0 ? low : Math.min(0, high);
      return { size: Math.abs(nearest), bias: nearest };
    }
    return { size: (lateDays + earlyDays) / total, bias: (lateDays - earlyDays) / total };
  };
}
