import { MOST_WANTS, type SaveWant } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { updateGroup } from '../../people/index.ts';
import { plantsOf } from '../../plants/index.ts';
import { isDuplicate, transact } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import * as repository from '../repository.ts';
import { givesOf } from './gives.ts';

/** Makes a want, edits one that is still as it was read, or puts a removed one back. */
export async function saveWant(
  deps: Dependencies,
  { body, group, account, params }: GroupContext<SaveWant>,
): Promise<null> {
  const id = params['wantId']!;
  await assertPossible(deps, group.id, body);
  const { revision: _, ...values } = body;
  const said = { ...values, name: body.name.trim(), madeUnit: body.madeUnit.trim() };
  const store = async (): Promise<void> =>
    transact(deps.db, async (tx) => {
      await updateGroup(tx, group.id, {});
      const before = await repository.wantById(tx, id);
      if (before && before.groupId !== group.id) throw notFound('want');
      if (body.revision !== (before?.revision ?? 0)) throw new AppError('stale', { field: 'body.revision' });
      if (!before || before.removedAt) await assertRoom(tx, group.id);
      if (before) await repository.updateWant(tx, id, { ...said, removedAt: null });
      else {
        const made = { madeBy: account.accountId, madeAt: deps.clock.now() };
        await repository.insertWant(tx, { ...said, ...made, id, groupId: group.id });
      }
    });
  await store().catch((error: unknown) => {
    // Two made it at once: the second has not seen the first.
    if (isDuplicate(error)) throw new AppError('stale', { field: 'body.revision', cause: error });
    throw error;
  });
  return null;
}

export async function removeWant(deps: Dependencies, { group, params }: GroupContext<null>): Promise<null> {
  const at = deps.clock.now();
  await transact(deps.db, async (tx) => {
    await updateGroup(tx, group.id, {});
    const before = await repository.wantById(tx, params['wantId']!);
    if (before?.groupId !== group.id || before.removedAt) throw notFound('want');
    await repository.updateWant(tx, before.id, { removedAt: at });
  });
  return null;
}

async function assertRoom(tx: Parameters<typeof repository.wantsOf>[0], groupId: string): Promise<void> {
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
