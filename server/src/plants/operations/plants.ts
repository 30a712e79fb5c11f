import type { PlantListItem, PlantProfile, PlantView } from '@emberfield/contract';
import { growsIn, statusIn, withWarningsOf, type Region } from '@emberfield/core/plants';
import type { Dependencies } from '../../dependencies.ts';
import { notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { latestOwnProfiles } from '../repository.ts';

export interface KnownPlant {
  readonly profile: PlantProfile;
  /** 0 for a shipped profile. */
  readonly revision: number;
  /** `null` for a shipped one, and for one that was written from nothing. */
  readonly copiedFrom: string | null;
}

/** Every plant a group can use, by key: the shipped ones and its own. */
export async function plantsOf(
  { db, catalogue }: Pick<Dependencies, 'db' | 'catalogue'>,
  groupId: string,
): Promise<ReadonlyMap<string, KnownPlant>> {
  const known = new Map<string, KnownPlant>(
    catalogue.map((profile) => [profile.key, { profile, revision: 0, copiedFrom: null }]),
  );
  const own = new Map((await latestOwnProfiles(db, groupId)).map((row) => [row.key, row]));
  // One may be a copy of another: its model first.
  const add = (key: string): KnownPlant | undefined => {
    const row = own.get(key);
    if (!row || known.has(key)) return known.get(key);
    const { profile, revision, copiedFrom } = row;
    const base = copiedFrom === null ? undefined : add(copiedFrom)?.profile;
    known.set(key, { profile: completed(profile, base), revision, copiedFrom });
    return known.get(key);
  };
  for (const key of own.keys()) add(key);
  return known;
}

/**
 * A copy with whatever warnings its model has today, those included that came after it was made; what decides a pair by itself is what its
 * model says of it today, and of one without a model nothing is.
 */
function completed({ decides: _, ...own }: PlantProfile, base: PlantProfile | undefined): PlantProfile {
  if (!base) return withSigns(own, base);
  return {
    ...withWarningsOf(base, withSigns(own, base)),
    regions: own.regions ?? base.regions,
    ...(base.decides ? { decides: base.decides } : {}),
  };
}

/** An own profile saved before signs had states: what it lacks comes from the plant it was copied from. */
function withSigns(profile: PlantProfile, base: PlantProfile | undefined): PlantProfile {
  if (Array.isArray(profile.shows)) return profile;
  return {
    ...profile,
    severity: base?.severity ?? 'none',
    shows: base?.shows ?? [],
    substitutes: base?.substitutes ?? [],
    parts: profile.parts.map((p) => ({
      ...p,
      eating: base?.parts.find((b) => b.key === p.key)?.eating ?? 'none',
    })),
  };
}

/** Whether a plant may stand where a group gathers: what it has written itself it has here, whatever a file said of it elsewhere. */
export const isHere = (
  { profile, revision }: Pick<KnownPlant, 'profile' | 'revision'>,
  regions: readonly Region[],
): boolean => revision > 0 || growsIn(profile, regions);

export async function listPlants(deps: Dependencies, { group }: GroupContext<null>): Promise<readonly PlantListItem[]> {
  const plants = [...(await plantsOf(deps, group.id)).values()];
  return plants
    .map(({ profile: p, revision, copiedFrom }) => ({
      key: p.key,
      names: p.names,
      scientific: p.scientific,
      family: p.family,
      habit: p.habit,
      status: statusIn(p, group.regions),
      here: isHere({ profile: p, revision }, group.regions),
      severity: p.severity,
      parts: p.parts.map(({ key, name, unit }) => ({ key, name, unit })),
      deadlyLookAlikes: p.lookAlikes.filter((l) => l.severity === 'deadly').length,
      own: revision > 0,
      copiedFrom,
    }))
    .sort((a, b) => Number(b.here) - Number(a.here) || a.names['en']!.localeCompare(b.names['en']!));
}

export async function viewPlant(deps: Dependencies, { group, params }: GroupContext<unknown>): Promise<PlantView> {
  const plant = (await plantsOf(deps, group.id)).get(params['plantKey']!);
  if (!plant) throw notFound('plant');
  return { ...plant, sources: deps.sources };
}
