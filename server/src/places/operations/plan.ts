// What a file of places is held against, and what it amounts to.
import type { OnTheGround } from '@emberfield/core/measure';
import type { Entry, NewPatch, NewStand, PlaceReading, PlantProfile, ShownPlace } from '@emberfield/contract';
import type { LeftOut, Position } from '../../formats/feature.ts';

/** What `device` a line of a table is kept with. */
export const FROM_TABLE = 'table';

export interface StandThere {
  readonly id: string;
  readonly patchId: string;
  readonly plantKey: string;
  /** Where in its place; '' where nobody said. */
  readonly where: string;
}

/** What is there already: by it lines of a table find their place and stand. */
export interface Existing {
  readonly plants: ReadonlyMap<string, { readonly profile: PlantProfile }>;
  readonly patches: readonly (OnTheGround & { readonly id: string; readonly name: string })[];
  /** Stations that dates are reckoned from: a place without a height has that of the nearest. */
  readonly stations: readonly (OnTheGround & { readonly heightM: number })[];
  /** Keys of paths that are there. */
  readonly paths: ReadonlySet<string>;
  readonly stands: readonly StandThere[];
  /** Group of a patch's key, for keys that a file brings along. */
  readonly takenPatches: ReadonlyMap<string, string>;
  readonly takenStands: ReadonlySet<string>;
}

export interface PlannedPath {
  readonly id: string;
  readonly name: string;
  readonly kind: 'track' | 'route';
  readonly day: string | null;
  readonly lengthM: number;
  readonly coordinates: readonly Position[];
}
/** Everything a file amounts to, checked by the contract's own schemas; nothing of it is stored yet. */
export interface Plan {
  readonly patches: readonly NewPatch[];
  readonly stands: readonly NewStand[];
  readonly paths: readonly PlannedPath[];
  readonly entries: readonly Entry[];
  readonly already: number;
  readonly crossing: number;
  /** Places whose height nobody said: they have their station's. */
  readonly heightGuessed: number;
  readonly shown: readonly ShownPlace[];
  readonly leftOut: readonly LeftOut[];
  readonly problem: string | null;
}

/** A plan, and the heads and first lines of the table that it was made from. */
export interface PlannedFile {
  readonly plan: Plan;
  readonly headers: readonly string[];
  readonly sample: readonly (readonly string[])[];
}

export interface Asked {
  /** Made of the group and of what is in the file: keys hang on it, so that the same file sent again is the same places. */
  readonly seed: string;
  readonly groupId: string;
  readonly zone: string;
  readonly today: string;
  readonly madeAt: string;
  readonly fileName: string;
  readonly reading: PlaceReading;
  readonly existing: Existing;
}
