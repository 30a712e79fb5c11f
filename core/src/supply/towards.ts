// What was taken, and what the larder holds, counts towards what is wanted.
import type { DayNumber } from '../measure/index.ts';
import { DAYS_IN_WEEK, type SeasonWant } from './season.ts';

/** So much of something, in the unit of its part. */
export interface Had {
  readonly what: string;
  readonly day: DayNumber;
  readonly amount: number;
  /** The wants that it can serve; left out: all that are of such. */
  readonly serves?: ReadonlySet<string>;
}
export interface Towards {
  /** Taken in the days of the want, in its measure; never more than is wanted, of what is not weekly. */
  readonly taken: number;
  readonly takenThisWeek: number;
  /** In the larder of before its days, in its measure. */
  readonly stocked: number;
}

const LACKS = 1e-9;

/**
 * Shares out what there is over the wants: each take, and each jar, serves the first want on the list that it can serve and that still lacks it. A jar of before a
 * want's days serves it; one that was made within them is what was taken for it, and counts once. What is wanted each week is served by the takes of that week, and by no jar.
 * @param wants first what comes first
 * @param jars by the day on which they were made
 */
export function towards(
  wants: readonly SeasonWant[],
  takes: readonly Had[],
  jars: readonly Had[],
  today: DayNumber,
): readonly Towards[] {
  const stocked = shareOut(wants, jars, (w, { day }) => !w.weekly && day < w.first);
  const once = shareOut(wants, takes, (w, { day }) => !w.weekly && isWithin(w, day), stocked);
  const week = today - DAYS_IN_WEEK + 1;
  const thisWeek = shareOut(wants, takes, (w, { day }) => w.weekly && isWithin(w, day) && day >= week);
  return wants.map((w, i) => ({
    taken: w.weekly ? thisWeek[i]! : once[i]!,
    takenThisWeek: thisWeek[i]!,
    stocked: stocked[i]!,
  }));
}

const isWithin = ({ first, last }: SeasonWant, day: DayNumber): boolean => first <= day && day <= last;

function shareOut(
  wants: readonly SeasonWant[],
  all: readonly Had[],
  serves: (want: SeasonWant, had: Had) => boolean,
  before: readonly number[] = wants.map(() => 0),
): readonly number[] {
  const given = wants.map(() => 0);
  for (const had of [...all].sort((a, b) => a.day - b.day)) {
    let left = had.amount;
    for (const [i, w] of wants.entries()) {
      const gives = w.of.find((o) => o.what === had.what)?.gives ?? 0;
      const lacks = w.amount - before[i]! - given[i]!;
      if (!(gives > 0) || lacks <= LACKS || left <= LACKS || had.serves?.has(w.id) === false || !serves(w, had))
        continue;
      const used = Math.min(left, lacks / gives);
      given[i] = given[i]! + used * gives;
      left -= used;
    }
  }
  return given;
}

/** What is still wanted; `null`: nothing any more. A week that is served begins again when its seven days are over. */
export function stillWanted(want: SeasonWant, had: Towards, today: DayNumber): SeasonWant | null {
  const first = Math.max(want.first, today);
  if (want.weekly) {
    const next = had.takenThisWeek >= want.amount - LACKS ? Math.max(first, today + DAYS_IN_WEEK) : first;
    return next > want.last ? null : { ...want, first: next };
  }
  const amount = want.amount - had.taken - had.stocked;
  return amount <= LACKS * want.amount || first > want.last ? null : { ...want, amount, first };
}
