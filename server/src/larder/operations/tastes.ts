import { MOST_TASTES, type SaveTaste, type TasteView, type TastesView } from '@emberfield/contract';
import { doubtfulOf } from '@emberfield/core/larder';
import type { Dependencies } from '../../dependencies.ts';
import { removeKept, saveAsRead } from '../../people/index.ts';
import { plantsOf } from '../../plants/index.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import * as repository from '../repository.ts';
import { viewLarder } from './larder.ts';

/** One's own, and what others say that they do not bear. What anybody eats is nobody else's to read: a keeper's neither. */
export async function listTastes({ db }: Dependencies, { group, account }: GroupContext<null>): Promise<TastesView> {
  const [mine, others] = await Promise.all([
    repository.tastesOf(db, group.id, account.accountId),
    repository.sharedTastes(db, group.id, account.accountId),
  ]);
  return {
    mine: mine.map((row): TasteView => ({ id: row.id, terms: termsOf(row) })),
    others: others.map(({ by, row: { id, plantKey, family, part, day, cooked, outcome, note } }) => ({
      ...{ id, by, plantKey, family, part, day, cooked, outcome, note },
    })),
  };
}

function termsOf({ revision, plantKey, family, part, batchId, ...row }: repository.TasteRow): SaveTaste {
  const { day, cooked, outcome, note, shared } = row;
  return { revision, plantKey, family, part, batchId, day, cooked, outcome, note, shared };
}

export async function saveTaste(deps: Dependencies, context: GroupContext<SaveTaste>): Promise<null> {
  const { body, group, account } = context;
  if (body.day > group.today) throw new AppError('futureDay', { field: 'body.day', values: { today: group.today } });
  await assertPossible(deps, context);
  const { revision, ...values } = body;
  const said = { ...values, note: body.note.trim() };
  const kept = keptIn(context);
  await saveAsRead(deps, { ...kept, revision }, async (tx, before) => {
    assertOwn(before, account.accountId);
    if (before) return void (await repository.updateTaste(tx, kept.id, { ...said, removedAt: null }));
    if ((await repository.tastesOf(tx, group.id, account.accountId)).length >= MOST_TASTES)
      throw new AppError('badInput', { field: 'body', reason: 'tooMany', values: { max: MOST_TASTES } });
    const whose = { groupId: group.id, accountId: account.accountId, madeAt: deps.clock.now() };
    await repository.insertTaste(tx, { ...said, ...whose, id: kept.id });
  });
  return null;
}

export async function removeTaste(deps: Dependencies, context: GroupContext<null>): Promise<null> {
  const removedAt = deps.clock.now();
  await removeKept(deps, keptIn(context), async (tx, row) => {
    assertOwn(row, context.account.accountId);
    await repository.updateTaste(tx, row.id, { removedAt });
  });
  return null;
}

const keptIn = ({ group, params }: Pick<GroupContext<unknown>, 'group' | 'params'>) => ({
  ...{ groupId: group.id, id: params['tasteId']!, what: 'taste' as const },
  byId: repository.tasteById,
});

/** Another's is as if it were not there. */
function assertOwn(row: repository.TasteRow | null, accountId: string): void {
  if (row && row.accountId !== accountId) throw notFound('taste');
}

/** Of what is not for eating, not settled or to be held back no first taste is noted; what somebody does not bear is noted of anything. */
async function assertPossible(deps: Dependencies, context: GroupContext<SaveTaste>): Promise<void> {
  const { body, group } = context;
  const { plantKey, part: key, outcome, cooked, batchId } = body;
  if (plantKey === null) return;
  const plant = (await plantsOf(deps, group.id)).get(plantKey);
  if (!plant) throw notFound('plant');
  if (key === null) return;
  const part = plant.profile.parts.find((p) => p.key === key);
  if (!part) throw new AppError('badInput', { field: 'body.part', reason: 'unknownPart' });
  if (outcome !== 'waiting') return;
  if (part.eating === 'none') throw new AppError('badInput', { field: 'body.part', reason: 'notForEating' });
  if (part.eating === 'cooked' && !cooked)
    throw new AppError('badInput', { field: 'body.cooked', reason: 'onlyCooked' });
  if (batchId === null) return;
  const { batches } = await viewLarder(deps, context);
  const batch = batches.find((b) => b.id === batchId);
  if (!batch) throw notFound('batch');
  if (batch.identity !== 'confirmed' || doubtfulOf(batches).has(batchId))
    throw new AppError('badInput', { field: 'body.batchId', reason: 'notSettled' });
}
