import { type ChangeStand, type EntryPage, type NewStand, type StandRef, isUuid } from '@emberfield/contract';
import { dayNumber } from '@emberfield/core/measure';
import type { Dependencies } from '../../dependencies.ts';
import { patchById, seesExactly } from '../../patches/index.ts';
import { updateGroup } from '../../people/index.ts';
import { isDuplicate, transact } from '../../platform/database/transact.ts';
import { lockOwnProfile } from '../../plants/index.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { contentDigest } from '../../platform/tokens.ts';
import * as repository from '../repository.ts';
import { dossiersOf } from './dossier.ts';
import { commonsOf, type KnownGroup } from './group-commons.ts';
import { pageOfEntries } from './entry-page.ts';
import { dangerous } from './poison.ts';
import { refOf } from './stand-view.ts';

export async function addStand(
  deps: Dependencies,
  { body, group, account }: GroupContext<NewStand>,
): Promise<StandRef> {
  if (!(await patchById(deps.db, group.id, body.patchId))) throw notFound('patch');
  const { plants, poison } = await commonsOf(deps, group);
  if (!plants.has(body.plantKey)) throw new AppError('badInput', { field: 'body.plantKey', reason: 'unknownPlant' });
  const { since, where, ...columns } = body;
  const digest = contentDigest(body);
  try {
    await transact(deps.db, async (tx) => {
      // An own plant may be taken off the list at this very moment.
      if ((await lockOwnProfile(tx, group.id, body.plantKey))?.removed)
        throw new AppError('badInput', { field: 'body.plantKey', reason: 'unknownPlant' });
      await repository.insertStand(tx, {
        ...columns,
        where: where.trim(),
        sinceYear: since,
        // What it is somebody says by its signs, not by entering it.
        identity: 'unconfirmed',
        groupId: group.id,
        contentDigest: digest,
        madeBy: account.accountId,
        madeAt: deps.clock.now(),
      });
      // Something poisonous counts at the stands around, and what a find may have been is settled by a stand: their answers hang on
      // the group's row.
      const settles = poison.some((p) => p.patch.id === body.patchId);
      if (settles || dangerous(body.plantKey, plants).length > 0) await updateGroup(tx, group.id, {});
    });
  } catch (error) {
    if (!isDuplicate(error)) throw error;
    const before = await repository.standAnywhere(deps.db, body.id);
    if (before?.groupId !== group.id || !before.contentDigest.equals(digest))
      throw new AppError('idTaken', { field: 'body.id', cause: error });
  }
  return oneRef(deps, group, body.id);
}

/** Rest and age are the keeper's to set; a stale edit changes nothing. */
export async function changeStand(
  deps: Dependencies,
  { body, group, params }: GroupContext<ChangeStand>,
): Promise<StandRef> {
  const id = params['standId']!;
  await transact(deps.db, async (tx) => {
    const row = await repository.claimStand(tx, group.id, id);
    if (!row) throw notFound('stand');
    const asked = {
      where: body.where.trim(),
      sinceYear: body.since,
      restUntil: body.restUntil,
      restReason: body.restReason,
    };
    // Sent again after an answer that was lost: what is asked for is what is there.
    if ((Object.keys(asked) as (keyof typeof asked)[]).every((key) => row.stand[key] === asked[key])) return;
    if (row.stand.version !== body.version) throw new AppError('stale', { field: 'body.version' });
    // A rest that has run out may stay as it is; a new one is for days to come.
    if (asked.restUntil !== row.stand.restUntil && asked.restUntil !== null && asked.restUntil < group.today)
      throw new AppError('badInput', { field: 'body.restUntil', reason: 'dayPassed' });
    await repository.updateStand(tx, id, { ...asked, version: body.version + 1 });
  });
  return oneRef(deps, group, id);
}

async function oneRef(
  deps: Dependencies,
  group: KnownGroup & { readonly today: string },
  id: string,
): Promise<StandRef> {
  const {
    stands: [dossier],
  } = await dossiersOf(deps, group, id);
  if (!dossier) throw notFound('stand');
  return refOf(dossier, dayNumber(group.today));
}

export async function listEntries(
  deps: Dependencies,
  { group, account, params, query }: GroupContext<null>,
): Promise<EntryPage> {
  const row = await repository.standById(deps.db, group.id, params['standId']!);
  if (!row) throw notFound('stand');
  const before = query['before'] ?? null;
  if (before !== null && !isUuid(before)) throw new AppError('badInput', { field: 'query.before', reason: 'notAnId' });
  const blurred = !seesExactly(row.patch, group.viewer);
  return pageOfEntries(deps, { stand: row.stand, accountId: account.accountId, before, blurred });
}
