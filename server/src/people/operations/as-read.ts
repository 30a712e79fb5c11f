// Rows that a group keeps and that people edit: each edit is of the row as it was read, and a removed row can be put back.
import { isDuplicate, transact } from '../../platform/database/transact.ts';
import type { Thing } from '@emberfield/words';
import type { Queryable } from '../../platform/database/database.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { Dependencies } from '../../dependencies.ts';
import { updateGroup } from '../repository.ts';

interface KeptRow {
  readonly groupId: string;
  readonly revision: number;
  readonly removedAt: Date | null;
}
interface Kept<R extends KeptRow> {
  readonly groupId: string;
  readonly id: string;
  /** What it is, for whoever names one that is not there. */
  readonly what: Thing;
  /** Claims the row until the transaction is over. */
  readonly byId: (tx: Queryable, id: string) => Promise<R | null>;
}

/**
 * Writes a row that is new, still as it was read, or removed.
 * @param write is told the row as it is; `null`: there is none yet
 * @throws AppError `stale` where somebody has edited it since, `notFound` where it is another group's
 */
export async function saveAsRead<R extends KeptRow>(
  { db }: Pick<Dependencies, 'db'>,
  { groupId, id, what, byId, revision }: Kept<R> & { readonly revision: number },
  write: (tx: Queryable, before: R | null) => Promise<void>,
): Promise<void> {
  const store = transact(db, async (tx) => {
    await updateGroup(tx, groupId, {});
    const before = await byId(tx, id);
    if (before && before.groupId !== groupId) throw notFound(what);
    if (revision !== (before?.revision ?? 0)) throw new AppError('stale', { field: 'body.revision' });
    await write(tx, before);
  });
  await store.catch((error: unknown) => {
    // Two made it at once: the second has not seen the first.
    if (isDuplicate(error)) throw new AppError('stale', { field: 'body.revision', cause: error });
    throw error;
  });
}

/** Removes a row that is there. @throws AppError `notFound` */
export async function removeKept<R extends KeptRow>(
  { db }: Pick<Dependencies, 'db'>,
  { groupId, id, what, byId }: Kept<R>,
  remove: (tx: Queryable, before: R) => Promise<void>,
): Promise<void> {
  await transact(db, async (tx) => {
    await updateGroup(tx, groupId, {});
    const before = await byId(tx, id);
    if (before?.groupId !== groupId || before.removedAt) throw notFound(what);
    await remove(tx, before);
  });
}
