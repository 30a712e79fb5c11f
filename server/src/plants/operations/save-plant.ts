import type { PlantProfile, PlantView, SavePlant } from '@emberfield/contract';
import { signOf } from '@emberfield/contract';
import {
  binomialOf,
  decidesAnew,
  isMilder,
  missingWarnings,
  ORGANS_OF_DANGER,
  twinsWithoutApart,
} from '@emberfield/core/plants';
import type { Dependencies } from '../../dependencies.ts';
import { isDuplicate, transact } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { updateGroup, audit } from '../../people/index.ts';
import { insertOwnProfile, lockOwnProfile } from '../repository.ts';
import { plantsOf, viewPlant, type KnownPlant } from './plants.ts';

/**
 * Saves an own plant as a new revision. A copy keeps the cautions and look-alikes of its model: they can be added to, not thinned out, since a
 * warning that somebody removed is missed by everybody. One that was written from nothing is marked as such, whatever it says of itself.
 */
export async function savePlant(deps: Dependencies, context: GroupContext<SavePlant>): Promise<PlantView> {
  const { body, group, account, params } = context;
  const key = params['plantKey']!;
  if (body.profile.key !== key) throw new AppError('badInput', { field: 'body.profile.key', reason: 'keyMismatch' });
  if (deps.catalogue.some((p) => p.key === key))
    throw new AppError('conflict', { field: 'body.profile.key', reason: 'shippedPlant' });
  const plants = await plantsOf(deps, group.id);
  const there = plants.get(key);
  const copiedFrom = there ? there.copiedFrom : body.copiedFrom;
  const base = copiedFrom === null ? null : plants.get(copiedFrom)?.profile;
  if (base === undefined) throw notFound('plant');
  assertHonest(body.profile, base, plants);
  const profile = withOrigin(body.profile, base);
  const madeAt = deps.clock.now();
  try {
    await transact(deps.db, async (tx) => {
      const before = await lockOwnProfile(tx, group.id, key);
      const revision = (before?.revision ?? 0) + 1;
      // Under the key of one that was taken off the list a new one may be written, or that one put back.
      const isAnew = before === null || (before.removed && body.baseRevision === 0);
      if (body.baseRevision !== (isAnew ? 0 : before.revision))
        throw new AppError('stale', { field: 'body.baseRevision' });
      await insertOwnProfile(tx, {
        groupId: group.id,
        key,
        revision,
        copiedFrom,
        profile,
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

const bad = (field: string, reason: string): AppError =>
  new AppError('badInput', { field: `body.profile.${field}`, reason });

function withOrigin({ origin: _, ...profile }: PlantProfile, base: PlantProfile | null): PlantProfile {
  const own = base === null || base.origin === 'own';
  return own ? { ...profile, origin: 'own' } : profile;
}

function assertHonest(profile: PlantProfile, base: PlantProfile | null, plants: ReadonlyMap<string, KnownPlant>): void {
  if (base) assertKeepsWarnings(base, profile);
  else {
    const twin = [...plants.values()].find(
      (p) => p.revision === 0 && binomialOf(p.profile.scientific) === binomialOf(profile.scientific),
    );
    // Written from nothing it would stand there without the warnings that are known.
    if (twin) throw bad('scientific', 'speciesIsShipped');
  }
  if (decidesAnew(base, profile)) throw bad('decides', 'decidesAnew');
  if (twinsWithoutApart(base, profile).length > 0) throw bad('lookAlikes', 'apartMissing');
  const known = new Map([...plants.values()].map((p) => [binomialOf(p.profile.scientific), p.profile.severity]));
  for (const { scientific, severity } of profile.lookAlikes) {
    const really = known.get(binomialOf(scientific)) ?? 'none';
    if (isMilder(severity, really)) throw bad('lookAlikes', 'milderThanKnown');
  }
  if (isMilder(profile.severity, base?.severity ?? 'none')) throw bad('severity', 'milderThanKnown');
  if (profile.severity !== 'none' && organsShown(profile).size < ORGANS_OF_DANGER)
    throw bad('shows', 'dangerNeedsSigns');
}

/** Organs that its signs are of, those of its place left out. */
const organsShown = ({ shows }: PlantProfile): ReadonlySet<string> =>
  new Set(
    shows.flatMap(({ sign }) => {
      const spec = signOf(sign);
      return spec && !spec.ofPlace ? [spec.organ] : [];
    }),
  );

function assertKeepsWarnings(base: PlantProfile, copy: PlantProfile): void {
  const { cautions, lookAlikes, protection, loosened } = missingWarnings(base, copy);
  if (lookAlikes.length > 0) throw bad('lookAlikes', 'warningMissing');
  if (cautions.length > 0) throw bad('cautions', 'warningMissing');
  if (loosened.length > 0) throw bad('windows', 'warningMissing');
  if (protection) throw bad('ceilings', 'warningMissing');
}
