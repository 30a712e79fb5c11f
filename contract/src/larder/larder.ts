import type { Batch, BatchStep } from '@emberfield/core/larder';
import type { Text } from '@emberfield/core/measure';
import type { Eating, PartKey, UnitKey } from '@emberfield/core/plants';

/** What something in the larder comes from, as its reader may know it. */
interface FromStand {
  readonly standId: string;
  readonly patchId: string;
  readonly patchName: string;
  /** Where it is, is a secret: it goes on no label by itself. */
  readonly secret: boolean;
  readonly plantKey: string;
  readonly plantName: Text;
  readonly scientific: string;
  readonly partName: Text;
}

/** A take that has not been to the table yet. */
export interface OpenTake extends FromStand {
  readonly id: string;
  readonly day: string;
  readonly by: string;
  readonly part: PartKey;
  readonly amount: number;
  readonly unit: UnitKey;
  /** What it weighs, g, as far as anybody knows what one weighs. */
  readonly massG: number | null;
}

export interface NotedOfBatch {
  readonly id: string;
  readonly day: string;
  readonly by: string;
  readonly mine: boolean;
  readonly step: BatchStep | 'weighed';
  readonly massG: number | null;
  readonly where: string;
}

export interface BatchView extends Batch, FromStand {
  readonly madeAt: string;
  readonly by: string;
  readonly mine: boolean;
  readonly eating: Eating;
  /** What the plant's profile warns of. */
  readonly cautions: readonly Text[];
  readonly bestBefore: string | null;
  /** Weighings and steps as they were noted, oldest first. */
  readonly noted: readonly NotedOfBatch[];
}

export interface LarderView {
  readonly batches: readonly BatchView[];
  readonly table: readonly OpenTake[];
}
