import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import type { Queryable } from '../platform/database/database.ts';
import { permit } from './table.ts';

export type PermitRow = typeof permit.$inferSelect;

/** Permits and quotas of a group that nobody has removed, whether in force or not. */
export const permitsOf = (db: Queryable, groupId: string): Promise<readonly PermitRow[]> =>
  db
    .select()
    .from(permit)
    .where(and(eq(permit.groupId, groupId), isNull(permit.removedAt)))
    .orderBy(asc(permit.id));

export const permitById = async (db: Queryable, id: string): Promise<PermitRow | null> =>
  (await db.select().from(permit).where(eq(permit.id, id)).for('update'))[0] ?? null;
export const insertPermit = (db: Queryable, row: typeof permit.$inferInsert) => db.insert(permit).values(row);
export const updatePermit = (db: Queryable, id: string, set: Partial<typeof permit.$inferInsert>) =>
  db
    .update(permit)
    .set({ ...set, revision: sql`${permit.revision} + 1`, version: sql`${permit.version} + 1` })
    .where(eq(permit.id, id));

/**
 * Claims permits for a transaction that draws on them, before it claims the stand: whoever draws on one of them at another stand waits. `false` where one
 * was drawn on since it was read. In one order everywhere, so that nobody waits in a circle.
 */
export async function claimPermits(
  tx: Queryable,
  read: readonly Pick<PermitRow, 'id' | 'version'>[],
): Promise<boolean> {
  let unmoved = true;
  for (const { id, version } of [...read].sort((a, b) => (a.id < b.id ? -1 : 1))) {
    await tx
      .update(permit)
      .set({ version: sql`${permit.version} + 1` })
      .where(eq(permit.id, id));
    const [row] = await tx.select({ version: permit.version }).from(permit).where(eq(permit.id, id));
    unmoved &&= row?.version === version + 1;
  }
  return unmoved;
}
