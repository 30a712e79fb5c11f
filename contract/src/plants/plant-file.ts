import type { Schema } from 'yup';
import type { PlantProfile } from '@emberfield/core/plants';
import { faultsOf, type Fault } from '../platform/faults.ts';
import { exactly, finite, line, oneOf, orNull } from '../platform/schema.ts';
import type { PlantView } from './plant-list.ts';
import { plantProfileSchema } from './profile.ts';

export const PLANT_FILE_FORMAT = 'emberfield-plant';
const PLANT_FILE_VERSION = 1;
export const LARGEST_PLANT_FILE_BYTES = 1_000_000;

/** One plant on its way between groups; see docs/plant-file.md. */
export interface PlantFile {
  readonly format: typeof PLANT_FILE_FORMAT;
  readonly version: number;
  /** Key of the plant whose warnings it keeps; `null`: written from nothing. */
  readonly copiedFrom: string | null;
  readonly profile: PlantProfile;
}
const plantFileSchema: Schema<PlantFile> = exactly({
  format: oneOf([PLANT_FILE_FORMAT]),
  version: finite(PLANT_FILE_VERSION, PLANT_FILE_VERSION),
  copiedFrom: orNull(line(60)),
  profile: plantProfileSchema,
}).required('missing');

/** A plant as a file. A shipped one arrives elsewhere as a copy of itself. */
export function plantFileOf({ profile: { decides: _, ...profile }, revision, copiedFrom }: PlantView): PlantFile {
  // What decides a pair by itself the list says where it is read, which may be of another version: a copy has that of its model.
  return {
    format: PLANT_FILE_FORMAT,
    version: PLANT_FILE_VERSION,
    copiedFrom: revision === 0 ? profile.key : copiedFrom,
    profile,
  };
}

export type ReadPlantFile =
  | { readonly kind: 'read'; readonly file: PlantFile }
  /** Not a plant file at all, or one of a version that is not known here. */
  | { readonly kind: 'refused'; readonly reason: 'notJson' | 'notAPlant' | 'newerVersion' }
  | { readonly kind: 'faulty'; readonly faults: readonly Fault[] };

/** What a file holds, or every reason why it cannot be taken. */
export function readPlantFile(text: string): ReadPlantFile {
  let found: Partial<PlantFile> | null;
  try {
    found = JSON.parse(text) as Partial<PlantFile> | null;
  } catch {
    return { kind: 'refused', reason: 'notJson' };
  }
  if (typeof found !== 'object' || found?.format !== PLANT_FILE_FORMAT) return { kind: 'refused', reason: 'notAPlant' };
  if (typeof found.version === 'number' && found.version > PLANT_FILE_VERSION)
    return { kind: 'refused', reason: 'newerVersion' };
  const faults = faultsOf(plantFileSchema, found);
  return faults.length > 0 ? { kind: 'faulty', faults } : { kind: 'read', file: found as PlantFile };
}
