// What becomes of what was taken: a batch is made of takes and of other batches, and what is noted of one is of one that stands.
import type { Entry, EntryOf } from '@emberfield/contract';
import { entryById, replacementsOf, type ReadEntry } from '../../entries/index.ts';
import type { Transaction } from '../../platform/database/database.ts';
import { AppError, notFound } from '../../platform/errors.ts';

/** @returns the entry, where it stands in the group and is of one of the kinds */
async function standing(
  tx: Transaction,
  groupId: string,
  id: string,
  kinds: readonly Entry['kind'][],
): Promise<ReadEntry> {
  const found = await entryById(tx, id);
  if (found?.entry.groupId !== groupId || !kinds.includes(found.entry.kind)) throw notFound('entry');
  if ((await replacementsOf(tx, [id])).has(id)) throw new AppError('conflict', { field: 'body.parents' });
  return found;
}

/** Each of its parents stands, none of them twice, and none was taken after it. */
export async function assertBatch(
  tx: Transaction,
  groupId: string,
  { id, day, body }: EntryOf<'batch'>,
): Promise<void> {
  if (new Set(body.parents).size < body.parents.length || body.parents.includes(id))
    throw new AppError('badInput', { field: 'body.parents', reason: 'parentTwice' });
  for (const parent of body.parents) {
    const { entry } = await standing(tx, groupId, parent, ['take', 'batch']);
    if (entry.day > day) throw new AppError('badInput', { field: 'day', reason: 'beforeTaken' });
  }
}

/** What is noted of a batch is of one that stands, at its own stand, and not before it was made. */
export async function assertOfBatch(
  tx: Transaction,
  groupId: string,
  { standId, day, body }: EntryOf<'batchWeighing'> | EntryOf<'batchStep'>,
): Promise<void> {
  const { entry } = await standing(tx, groupId, body.batchId, ['batch']);
  if (entry.standId !== standId) throw notFound('entry');
  if (entry.day > day) throw new AppError('badInput', { field: 'day', reason: 'beforeTaken' });
}
