import type { PlantListItem, PlantProfile, PlantView, SavePlant } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { isDuplicate, transact } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { updateGroup, audit } from '../../people/index.ts';
import { insertOwnProfile, latestOwnProfiles, lockOwnProfile } from '../repository.ts';

export interface KnownPlant {
  readonly profile: PlantProfile;
  /** 0 for a shipped profile. */
  readonly revision: number;
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
  for (const { key, profile, revision, copiedFrom } of await latestOwnProfiles(db, groupId))
    known.set(key, { profile: completed(profile, known.get(copiedFrom)?.profile), revision, copiedFrom });
  return known;
}

/** An own profile saved before signs had states: what it lacks comes from the plant it was copied from. */
function completed(profile: PlantProfile, base: PlantProfile | undefined): PlantProfile {
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

export async function listPlants(deps: Dependencies, { group }: GroupContext<null>): Promise<readonly PlantListItem[]> {
  const plants = [...(await plantsOf(deps, group.id)).values()];
  return plants
    .map(({ profile: p, copiedFrom }) => ({
      key: p.key,
      names: p.names,
      scientific: p.scientific,
      family: p.family,
      habit: p.habit,
      status: p.status,
      severity: p.severity,
      parts: p.parts.map(({ key, name }) => ({ key, name })),
      deadlyLookAlikes: p.lookAlikes.filter((l) => l.severity === 'deadly').length,
      copiedFrom,
    }))
    .sort((a, b) => a.names['en']!.localeCompare(b.names['en']!));
}

export async function viewPlant(deps: Dependencies, { group, params }: GroupContext<unknown>): Promise<PlantView> {
  const plant = (await plantsOf(deps, group.id)).get(params['plantKey']!);
  if (!plant) throw notFound('plant');
  return { ...plant, sources: deps.sources };
}

/**
 * Saves an own plant as a new revision. It starts as a copy of a known one and keeps its cautions and look-alikes:
 * they can be added to, not thinned out, since a warning that somebody removed is missed by everybody.
 */
export async function savePlant(deps: Dependencies, context: GroupContext<SavePlant>): Promise<PlantView> {
  const { body, group, account, params } = context;
  const key = params['plantKey']!;
  if (body.profile.key !== key) throw new AppError('badInput', { field: 'body.profile.key', reason: 'keyMismatch' });
  if (deps.catalogue.some((p) => p.key === key))
    throw new AppError('conflict', { field: 'body.profile.key', reason: 'shippedPlant' });
  const base = (await plantsOf(deps, group.id)).get(body.copiedFrom);
  if (!base) throw notFound('plant');
  assertKeepsWarnings(base.profile, body.profile);
  const madeAt = deps.clock.now();
  try {
    await transact(deps.db, async (tx) => {
      const before = await lockOwnProfile(tx, group.id, key);
      const revision = (before?.revision ?? 0) + 1;
      if ((before?.revision ?? 0) !== body.baseRevision) throw new AppError('stale', { field: 'body.baseRevision' });
      await insertOwnProfile(tx, {
        groupId: group.id,
        key,
        revision,
        copiedFrom: before?.copiedFrom ?? body.copiedFrom,
        profile: body.profile,
        note: body.note,
        madeBy: account.accountId,
        madeAt,
      });
      await updateGroup(tx, group.id, {});
      await audit(tx, { group, account, at: madeAt }, 'plantSaved', { key, revision });
    });
  } catch (error) {
    // Two people saved the same revision at once: the second is stale.
    if (isDuplicate(error)) throw new AppError('stale', { field: 'body.baseRevision', cause: error });
    throw error;
  }
  return viewPlant(deps, context);
}

function assertKeepsWarnings(base: PlantProfile, copy: PlantProfile): void {
  const names = new Set(copy.lookAlikes.map((l) => `${l.scientific}:${l.severity}`));
  if (base.lookAlikes.some((l) => !names.has(`${l.scientific}:${l.severity}`)))
    throw new AppError('badInput', { field: 'body.profile.lookAlikes', reason: 'warningMissing' });
  const cautions = new Set(copy.cautions.map((c) => `${c.class}:${c.text['en']}`));
  if (base.cautions.some((c) => !cautions.has(`${c.class}:${c.text['en']}`)))
    throw new AppError('badInput', { field: 'body.profile.cautions', reason: 'warningMissing' });
  if (base.status === 'protected' && !copy.ceilings.some((c) => c.rule.kind === 'protected'))
    throw new AppError('badInput', { field: 'body.profile.ceilings', reason: 'warningMissing' });
}
