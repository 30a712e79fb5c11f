import {
  binomialOf,
  type PlantFile,
  type PlantListItem,
  type PlantProfile,
  type PlantView,
} from '@emberfield/contract';
import { countMissing, missingWarnings, withWarningsOf } from '@emberfield/core/plants';
import { keyFrom } from './key-from.ts';

/** What a plant from a file becomes here. */
export interface Incoming {
  readonly profile: PlantProfile;
  /** Key of the plant whose warnings it keeps here; `null`: it stands for itself. */
  readonly copiedFrom: string | null;
  readonly baseRevision: number;
  /** The group's own plant that it is a new version of. */
  readonly again: boolean;
  /** So many warnings of its model were missing in the file and are put back. */
  readonly putBack: number;
}

/**
 * Which plant of the list one from a file keeps the warnings of: the one that it names, else whichever shipped one is the same species.
 * @returns `null` where the list has none
 */
export function modelOf({ copiedFrom, profile }: PlantFile, plants: readonly PlantListItem[]): string | null {
  const isSame = (p: PlantListItem): boolean => binomialOf(p.scientific) === binomialOf(profile.scientific);
  const own = plants.find((p) => p.own && p.key === profile.key);
  if (own) return own.copiedFrom;
  // A key of another group's own plant may be anybody's here: it counts only for the same species.
  const named = plants.find((p) => p.key === copiedFrom && (!p.own || isSame(p)));
  return (named ?? plants.find((p) => !p.own && isSame(p)))?.key ?? null;
}

/** A plant from a file as it would be stored: with a key that is free here, and the warnings of its model. */
export function incoming(
  { profile }: PlantFile,
  plants: readonly PlantListItem[],
  model: PlantProfile | null,
  mine: Pick<PlantView, 'revision'> | null,
): Incoming {
  const taken = new Set(plants.map((p) => p.key));
  const again = plants.some((p) => p.own && p.key === profile.key);
  const key = again || !taken.has(profile.key) ? profile.key : freeKey(profile.key, taken);
  const kept = model ? withWarningsOf(model, { ...profile, key }) : { ...profile, key };
  return {
    profile: kept,
    copiedFrom: model?.key ?? null,
    baseRevision: again ? (mine?.revision ?? 0) : 0,
    again,
    putBack: model ? countMissing(missingWarnings(model, profile)) : 0,
  };
}

function freeKey(key: string, taken: ReadonlySet<string>): string {
  for (let n = 2; ; n++) {
    const next = keyFrom(`${key} ${n}`);
    if (!taken.has(next)) return next;
  }
}
