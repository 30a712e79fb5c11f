// What a count of a stand amounts to.
import {
  completeCount,
  countByEye,
  estimateFromBelts,
  estimateFromClumps,
  estimateFromQuadrats,
  type CountEstimate,
  type CountFit,
  type MarkedTree,
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
  /** Of trees that were measured one by one. */
  readonly trees?: readonly MarkedTree[];
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
    case 'trees':
      return { method: body.method, plants: completeCount(body.trees.length), trees: body.trees, ...plain };
    case 'eye':
      return { method: body.method, plants: countByEye(body.eye), ...plain };
  }
}

const bare = ({ value, low, high }: CountEstimate): CountEstimate => ({ value, low, high });
