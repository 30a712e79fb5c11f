import { and, asc, desc, eq, ne } from 'drizzle-orm';
import { v7 as newId } from 'uuid';
import type { Hazard } from '@emberfield/contract';
import { account } from '../people/table.ts';
import type { Queryable } from '../platform/database/database.ts';
import { stand } from '../stands/table.ts';
import { patch, patchHistory, type PatchRow } from './table.ts';

export const patchById = async (db: Queryable, groupId: string, id: string): Promise<PatchRow | null> =>
  ((
    await db
      .select()
      .from(patch)
      .where(and(eq(patch.groupId, groupId), eq(patch.id, id)))
  )[0] as PatchRow | undefined) ?? null;

/** Whoever's it is: only to tell a repeated request from a taken key. */
export const patchAnywhere = async (db: Queryable, id: string): Promise<PatchRow | null> =>
  ((await db.select().from(patch).where(eq(patch.id, id)))[0] as PatchRow | undefined) ?? null;

export const lockPatch = async (db: Queryable, groupId: string, id: string): Promise<PatchRow | null> =>
  ((
    await db
      .select()
      .from(patch)
      .where(and(eq(patch.groupId, groupId), eq(patch.id, id)))
      .for('update')
  )[0] as PatchRow | undefined) ?? null;

export const patchesOf = async (db: Queryable, groupId: string): Promise<readonly PatchRow[]> =>
  (await db
    .select()
    .from(patch)
    .where(eq(patch.groupId, groupId))
    .orderBy(asc(patch.name), asc(patch.id))) as PatchRow[];

export const insertPatch = (db: Queryable, row: typeof patch.$inferInsert) => db.insert(patch).values(row);
export const updatePatch = (db: Queryable, id: string, set: Partial<typeof patch.$inferInsert>) =>
  db.update(patch).set(set).where(eq(patch.id, id));
/** @throws an error of the database while a stand, an entry or a photo hangs on it */
export async function deletePatch(db: Queryable, id: string): Promise<void> {
  await db.delete(patchHistory).where(eq(patchHistory.patchId, id));
  await db.delete(patch).where(eq(patch.id, id));
}
export const keepPatchBefore = (db: Queryable, row: Omit<typeof patchHistory.$inferInsert, 'id'>) =>
  db.insert(patchHistory).values({ id: newId(), ...row });

/** What grows where: only keys, for the names on a patch. */
export const standKeysOf = (db: Queryable, groupId: string) =>
  db
    .select({
      id: stand.id,
      patchId: stand.patchId,
      plantKey: stand.plantKey,
      where: stand.where,
      retiredOn: stand.retiredOn,
    })
    .from(stand)
    .where(eq(stand.groupId, groupId))
    .orderBy(asc(stand.id));

/** Changes that took contaminations off a place, newest first. */
export const liftingsOf = async (db: Queryable, patchId: string) =>
  (await db
    .select({ hazards: patchHistory.lifted, reason: patchHistory.reason, by: account.name, at: patchHistory.changedAt })
    .from(patchHistory)
    .innerJoin(account, eq(account.id, patchHistory.changedBy))
    .where(and(eq(patchHistory.patchId, patchId), ne(patchHistory.reason, '')))
    .orderBy(desc(patchHistory.version))) as readonly {
    readonly hazards: readonly Hazard[];
    readonly reason: string;
    readonly by: string;
    readonly at: Date;
  }[];
