// Plants as they travel: lines of the list, one with its sources, one that is saved.
import type { Schema } from 'yup';
import type { Severity } from '@emberfield/core/identity';
import type { PartKey, PlantProfile, UnitKey } from '@emberfield/core/plants';
import { exactly, freeText, orNull, whole, type Text } from '../platform/schema.ts';
import { key, plantProfileSchema } from './profile.ts';

export interface PlantListItem {
  readonly key: string;
  readonly names: Text;
  readonly scientific: string;
  readonly family: string;
  readonly habit: PlantProfile['habit'];
  /** How it does in the regions of the group. */
  readonly status: PlantProfile['status'];
  /** It is known to grow in them. */
  readonly here: boolean;
  readonly severity: Severity;
  readonly parts: readonly { readonly key: PartKey; readonly name: Text; readonly unit: UnitKey }[];
  readonly deadlyLookAlikes: number;
  /** The group's own: written from nothing, or a copy. */
  readonly own: boolean;
  /** Key of the profile it was copied from; `null` for a shipped one, and for one that was written from nothing. */
  readonly copiedFrom: string | null;
}

export interface PlantView {
  readonly profile: PlantProfile;
  /** 0 for a shipped profile. */
  readonly revision: number;
  readonly copiedFrom: string | null;
  readonly sources: Readonly<Record<string, string>>;
}

export interface SavePlant {
  /** `null`: written from nothing. */
  readonly copiedFrom: string | null;
  /** Revision that was edited; 0 for a new copy. */
  readonly baseRevision: number;
  readonly profile: PlantProfile;
  readonly note: string;
}

export const savePlantSchema: Schema<SavePlant> = exactly({
  copiedFrom: orNull(key()),
  baseRevision: whole(0, 1e6),
  profile: plantProfileSchema,
  note: freeText(400),
}).required('missing');

/** A plant that was taken off the list: saved again after this revision it is back. */
export interface RemovedPlant {
  readonly revision: number;
}
