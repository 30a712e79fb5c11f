import { and, asc, eq, sql } from 'drizzle-orm';
import type { PatchRow } from '../patches/index.ts';
import { patch } from '../patches/table.ts';
import type { Queryable } from '../platform/database/database.ts';
import { stand } from './table.ts';

export type StandRow = typeof stand.$inferSelect;
export interface StandAtPatch {
  readonly stand: StandRow;
  readonly patch: PatchRow;
}

export const standsOf = async (db: Queryable, groupId: string): Promise<readonly StandAtPatch[]> =>
  (await db
    .select({ stand, patch })
    .from(stand)
    .innerJoin(patch, eq(patch.id, stand.patchId))
    .where(eq(stand.groupId, groupId))
    .orderBy(asc(patch.name), asc(stand.id))) as unknown as StandAtPatch[];

export const standById = async (db: Queryable, groupId: string, id: string): Promise<StandAtPatch | null> =>
  ((
    await db
      .select({ stand, patch })
      .from(stand)
      .innerJoin(patch, eq(patch.id, stand.patchId))
      .where(and(eq(stand.groupId, groupId), eq(stand.id, id)))
  )[0] as unknown as StandAtPatch | undefined) ?? null;

export const standAnywhere = async (db: Queryable, id: string): Promise<StandRow | null> =>
  (await db.select().from(stand).where(eq(stand.id, id)))[0] ?? null;
export const insertStand = (db: Queryable, row: typeof stand.$inferInsert) => db.insert(stand).values(row);
export const updateStand = (db: Queryable, id: string, set: Partial<typeof stand.$inferInsert>) =>
  db.update(stand).set(set).where(eq(stand.id, id));

/**
 * Claims a stand's row for this transaction by updating it, and reads it as it is then. The update takes the row's lock, so
 * takers of one server wait for each other; and it makes takers on several writing nodes of a cluster conflict, where locks
 * do not reach across. `null` where the group has no such stand.
 */
export async function claimStand(tx: Queryable, groupId: string, id: string): Promise<StandAtPatch | null> {
  const [{ affectedRows }] = await tx
    .update(stand)
    .set({ revision: sql`${stand.revision} + 1` })
    .where(and(eq(stand.groupId, groupId), eq(stand.id, id)));
  return affectedRows === 0 ? null : standById(tx, groupId, id);
}
