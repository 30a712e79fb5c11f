import type { SavePermit } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { audit, updateGroup } from '../../people/index.ts';
import { plantsOf } from '../../plants/index.ts';
import { isDuplicate, transact } from '../../platform/database/transact.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import * as repository from '../repository.ts';

/** Makes a permit, edits one that is still as it was read, or puts a removed one back. */
export async function savePermit(
  deps: Dependencies,
  { body, group, account, params }: GroupContext<SavePermit>,
): Promise<null> {
  const id = params['permitId']!;
  await assertPossible(deps, group.id, body);
  const { revision: _, ...values } = body;
  const said = { ...values, name: body.name.trim(), note: body.note.trim(), patchIds: body.patchIds ?? [] };
  const at = deps.clock.now();
  const store = async (): Promise<void> =>
    transact(deps.db, async (tx) => {
      await updateGroup(tx, group.id, {});
      const before = await repository.permitById(tx, id);
      if (before && before.groupId !== group.id) throw notFound('permit');
      if (body.revision !== (before?.revision ?? 0)) throw new AppError('stale', { field: 'body.revision' });
      if (before) await repository.updatePermit(tx, id, { ...said, removedAt: null });
      else await repository.insertPermit(tx, { ...said, id, groupId: group.id, madeBy: account.accountId, madeAt: at });
      await audit(tx, { group, account, at }, 'permitSaved', { name: said.name });
    });
  await store().catch((error: unknown) => {
    // Two made it at once: the second has not seen the first.
    if (isDuplicate(error)) throw new AppError('stale', { field: 'body.revision', cause: error });
    throw error;
  });
  return null;
}

export async function removePermit(deps: Dependencies, { group, account, params }: GroupContext<null>): Promise<null> {
  const at = deps.clock.now();
  await transact(deps.db, async (tx) => {
    await updateGroup(tx, group.id, {});
    const before = await repository.permitById(tx, params['permitId']!);
    if (before?.groupId !== group.id || before.removedAt) throw notFound('permit');
    await repository.updatePermit(tx, before.id, { removedAt: at });
    await audit(tx, { group, account, at }, 'permitRemoved', { name: before.name });
  });
  return null;
}

/** A part that the plant has, a weight only where somebody knows what one weighs, and places where it grows. */
async function assertPossible(
  deps: Dependencies,
  groupId: string,
  { plantKey, part: key, measure, patchIds }: SavePermit,
): Promise<void> {
  const plant = (await plantsOf(deps, groupId)).get(plantKey);
  if (!plant) throw notFound('plant');
  const part = plant.profile.parts.find((p) => p.key === key);
  if (!part) throw new AppError('badInput', { field: 'body.part', reason: 'unknownPart' });
  if (measure === 'gram' && part.unit !== 'gram' && part.massG === null)
    throw new AppError('badInput', { field: 'body.measure', reason: 'noMassKnown' });
  if (patchIds === null) return;
  const places = await repository.placesWith(deps.db, groupId, plantKey);
  if (patchIds.some((p) => !places.has(p)))
    throw new AppError('badInput', { field: 'body.patchIds', reason: 'plantNotThere' });
}
