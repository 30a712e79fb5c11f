// How many plants of a stand are reckoned with on a day.
import { combineCounts } from '../counting/index.ts';
import type { DayNumber } from '../measure/index.ts';
import type { Book } from './book.ts';
import type { RecordedCount } from './counts.ts';
import type { CountMethod } from './entry.ts';
import { killedBy } from './takes.ts';

/** Counts as near as this to each other are of the same plants. */
const TOGETHER_DAYS = 30;

/** The count that is reckoned with: the last one, and those of other methods shortly before it that it was weighed with. */
export interface CountOnDay extends RecordedCount {
  readonly weighedWith: readonly CountMethod[];
}

interface Counted extends Pick<Book, 'profile'> {
  readonly record: Pick<Book['record'], 'counts' | 'takes'>;
}

/**
 * How many plants are reckoned with on a day. Counts by other methods within a month before the last one are weighed with it, unless something was killed
 * between them.
 */
export function countOn({ record: { counts, takes }, profile }: Counted, day: DayNumber): CountOnDay | null {
  const last = counts.findLast((c) => c.day <= day);
  if (!last) return null;
  const others = new Map<CountMethod, RecordedCount>();
  if (last.plants.value > 0)
    for (const c of counts)
      if (c.day <= last.day && last.day - c.day <= TOGETHER_DAYS && c.method !== last.method && c.plants.value > 0)
        others.set(c.method, c);
  const same = [...others.values()].filter(
    (c) => !takes.some((t) => t.day >= c.day && t.day <= last.day && killedBy(profile, t) > 0),
  );
  if (same.length === 0) return { ...last, weighedWith: [] };
  const all = [last, ...same];
  const plants = combineCounts(
    all.map((c) => c.plants),
    all.filter((c) => c.method === 'complete' || c.method === 'trees').map((c) => c.plants.low),
  );
  return { ...last, plants, weighedWith: same.map((c) => c.method) };
}
