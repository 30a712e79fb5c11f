import type { SavePermit } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { audit, removeKept, saveAsRead } from '../../people/index.ts';
import { plantsOf } from '../../plants/index.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import * as repository from '../repository.ts';

/** Makes a permit, edits one that is still as it was read, or puts a removed one back. */
export async function savePermit(deps: Dependencies, context: GroupContext<SavePermit>): Promise<null> {
  const { body, group, account } = context;
  await assertPossible(deps, group.id, body);
  const { revision, ...values } = body;
  const said = { ...values, name: body.name.trim(), note: body.note.trim(), patchIds: body.patchIds ?? [] };
  const at = deps.clock.now();
  const kept = keptIn(context);
  await saveAsRead(deps, { ...kept, revision }, async (tx, before) => {
    if (before) await repository.updatePermit(tx, kept.id, { ...said, removedAt: null });
    else
      await repository.insertPermit(tx, {
        ...said,
        ...{ id: kept.id, groupId: group.id },
        madeBy: account.accountId,
        madeAt: at,
      });
    await audit(tx, { group, account, at }, 'permitSaved', { name: said.name });
  });
  return null;
}

export async function removePermit(deps: Dependencies, context: GroupContext<null>): Promise<null> {
  const { group, account } = context;
  const at = deps.clock.now();
  await removeKept(deps, keptIn(context), async (tx, before) => {
    await repository.updatePermit(tx, before.id, { removedAt: at });
    await audit(tx, { group, account, at }, 'permitRemoved', { name: before.name });
  });
  return null;
}

const keptIn = ({ group, params }: Pick<GroupContext<unknown>, 'group' | 'params'>) => ({
  ...{ groupId: group.id, id: params['permitId']!, what: 'permit' as const },
  byId: repository.permitById,
});

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
