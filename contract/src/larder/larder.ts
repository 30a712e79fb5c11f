import type { Batch, BatchStep, LearnedMass } from '@emberfield/core/larder';
import type { IdentityStatus } from '@emberfield/core/identity';
import type { Text } from '@emberfield/core/measure';
import type { Eating, PartKey, PlantProfile, UnitKey } from '@emberfield/core/plants';
import type { EntryBodies, VESSELS } from '@emberfield/core/stand';

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
  /** What one unit weighs, as far as anybody knows. */
  readonly each: LearnedMass | null;
  /** As it was noted, so that it can be put right at the table: for whoever took it; else `null`. */
  readonly said: { readonly visitId: string | null; readonly body: EntryBodies['take'] } | null;
}

/** What one unit of a part weighs in the hands of this group, and what their handfuls and bags hold. */
export interface UnitLearned {
  readonly plantKey: string;
  readonly plantName: Text;
  readonly part: PartKey;
  readonly partName: Text;
  readonly each: LearnedMass;
  /** Units in one, with the 80 % range. */
  readonly vessels: readonly { readonly vessel: (typeof VESSELS)[number]; readonly holds: LearnedMass }[];
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
  readonly family: string;
  /** How settled it is what grows where it comes from. */
  readonly identity: IdentityStatus;
  /** What the plant's profile warns of. */
  readonly cautions: PlantProfile['cautions'];
  readonly bestBefore: string | null;
  /** Weighings and steps as they were noted, oldest first. */
  readonly noted: readonly NotedOfBatch[];
}

export interface LarderView {
  readonly batches: readonly BatchView[];
  readonly table: readonly OpenTake[];
  /** Of parts of which something that was counted has been weighed. */
  readonly units: readonly UnitLearned[];
}
