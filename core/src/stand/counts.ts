// What a count of a stand amounts to, and how many plants are reckoned with on a day.
import {
  combineCounts,
  completeCount,
  countByEye,
  estimateFromBelts,
  estimateFromClumps,
  estimateFromQuadrats,
  type CountEstimate,
  type CountFit,
} from '../counting/index.ts';
import type { DayNumber } from '../measure/index.ts';
import type { CountMethod, EntryBodies } from './entry.ts';

export interface RecordedCount {
  readonly id: string;
  readonly day: DayNumber;
  readonly plants: CountEstimate;
  readonly mature: CountEstimate | null;
  readonly flowering: CountEstimate | null;
  readonly method: CountMethod;
  /** How the interval was found, where there is a choice. */
  readonly fit?: CountFit;
  readonly by: string;
}

/** What was counted. @throws RangeError for counts that cannot be */
export function countOf(body: EntryBodies['census']): Omit<RecordedCount, 'id' | 'day' | 'by'> {
  const plain = { mature: null, flowering: null };
  switch (body.method) {
    case 'complete':
      return {
        method: body.method,
        plants: completeCount(body.plants),
        mature: body.mature === null ? null : completeCount(body.mature),
        flowering: body.flowering === null ? null : completeCount(body.flowering),
      };
    case 'quadrats': {
      const { counts, mature, flowering, quadratAreaM2, standAreaM2 } = body;
      const of = (classCounts: readonly number[] | undefined): CountEstimate | null =>
        classCounts ? bare(estimateFromQuadrats(classCounts, quadratAreaM2, standAreaM2)) : null;
      const { fit, ...plants } = estimateFromQuadrats(counts, quadratAreaM2, standAreaM2);
      return { method: body.method, fit, plants: bare(plants), mature: of(mature), flowering: of(flowering) };
    }
    case 'belts': {
      const belts = body.belts.map(({ plants, lengthM }) => ({ plants, areaM2: lengthM * body.widthM }));
      return { method: body.method, plants: estimateFromBelts(belts, body.standAreaM2), ...plain };
    }
    case 'clumps': {
      const { fit, ...plants } = estimateFromClumps(body.clumps, body.shoots);
      return { method: body.method, fit, plants: bare(plants), ...plain };
    }
    case 'eye':
      return { method: body.method, plants: countByEye(body.eye), ...plain };
  }
}

const bare = ({ value, low, high }: CountEstimate): CountEstimate => ({ value, low, high });

/** Counts as near as this to each other are of the same plants. */
const TOGETHER_DAYS = 30;

/** The count that is reckoned with: the last one, and those of other methods shortly before it that it was weighed with. */
export interface CountOnDay extends RecordedCount {
  readonly weighedWith: readonly CountMethod[];
}

/**
 * How many plants are reckoned with on a day. Counts by other methods within a month before the last one are weighed with it, unless something was killed
 * between them.
 */
export function countOn(
  {
    counts,
    takes,
  }: {
    readonly counts: readonly RecordedCount[];
    readonly takes: readonly { readonly day: DayNumber; readonly killed: number | null }[];
  },
  day: DayNumber,
): CountOnDay | null {
  const last = counts.findLast((c) => c.day <= day);
  if (!last) return null;
  const others = new Map<CountMethod, RecordedCount>();
  if (last.plants.value > 0)
    for (const c of counts)
      if (c.day <= last.day && last.day - c.day <= TOGETHER_DAYS && c.method !== last.method && c.plants.value > 0)
        others.set(c.method, c);
  const same = [...others.values()].filter(
    (c) => !takes.some((t) => t.day >= c.day && t.day <= last.day && (t.killed ?? 0) > 0),
  );
  if (same.length === 0) return { ...last, weighedWith: [] };
  const all = [last, ...same];
  const plants = combineCounts(
    all.map((c) => c.plants),
    all.filter((c) => c.method === 'complete').map((c) => c.plants.low),
  );
  return { ...last, plants, weighedWith: same.map((c) => c.method) };
}
