import { MOST_WANTS, type SaveWant } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { removeKept, saveAsRead } from '../../people/index.ts';
import { plantsOf } from '../../plants/index.ts';
import type { Queryable } from '../../platform/database/database.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import * as repository from '../repository.ts';
import { givesOf } from './gives.ts';

/** Makes a want, edits one that is still as it was read, or puts a removed one back. */
export async function saveWant(deps: Dependencies, context: GroupContext<SaveWant>): Promise<null> {
  const { body, group, account } = context;
  await assertPossible(deps, group.id, body);
  const { revision, ...values } = body;
  const said = { ...values, name: body.name.trim(), madeUnit: body.madeUnit.trim() };
  const kept = keptIn(context);
  await saveAsRead(deps, { ...kept, revision }, async (tx, before) => {
    if (!before || before.removedAt) await assertRoom(tx, group.id);
    if (before) return void (await repository.updateWant(tx, kept.id, { ...said, removedAt: null }));
    const made = { madeBy: account.accountId, madeAt: deps.clock.now() };
    await repository.insertWant(tx, { ...said, ...made, id: kept.id, groupId: group.id });
  });
  return null;
}

export async function removeWant(deps: Dependencies, context: GroupContext<null>): Promise<null> {
  const removedAt = deps.clock.now();
  await removeKept(
    deps,
    keptIn(context),
    async (tx, { id }) => void (await repository.updateWant(tx, id, { removedAt })),
  );
  return null;
}

const keptIn = ({ group, params }: Pick<GroupContext<unknown>, 'group' | 'params'>) => ({
  ...{ groupId: group.id, id: params['wantId']!, what: 'want' as const },
  byId: repository.wantById,
});

async function assertRoom(tx: Queryable, groupId: string): Promise<void> {
  if ((await repository.wantsOf(tx, groupId)).length >= MOST_WANTS)
    throw new AppError('badInput', { field: 'body', reason: 'tooMany', values: { max: MOST_WANTS } });
}

/** Parts that the plants have, counted alike, and weighed only where somebody knows what one weighs. */
async function assertPossible(
  deps: Dependencies,
  groupId: string,
  { of, measure }: Pick<SaveWant, 'of' | 'measure'>,
): Promise<void> {
  const plants = await plantsOf(deps, groupId);
  const units = new Set<string>();
  for (const [i, { plantKey, part: key, gives }] of of.entries()) {
    const field = `body.of.${i}`;
    const plant = plants.get(plantKey);
    if (!plant) throw notFound('plant');
    const part = plant.profile.parts.find((p) => p.key === key);
    if (!part) throw new AppError('badInput', { field, reason: 'unknownPart' });
    if (givesOf(part, { measure, gives }) === null) throw new AppError('badInput', { field, reason: 'noMassKnown' });
    units.add(part.unit);
  }
  if (measure === 'unit' && units.size > 1)
    throw new AppError('badInput', { field: 'body.measure', reason: 'unitsDiffer' });
}
