import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import type { Queryable } from '../platform/database/database.ts';
import { stand } from '../stands/table.ts';
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

/** Places of a group where a plant stands, or stood. */
export const placesWith = async (db: Queryable, groupId: string, plantKey: string): Promise<ReadonlySet<string>> =>
  new Set(
    (
      await db
        .select({ patchId: stand.patchId })
        .from(stand)
        .where(and(eq(stand.groupId, groupId), eq(stand.plantKey, plantKey)))
    ).map((r) => r.patchId),
  );

type Claimed = Pick<PermitRow, 'id' | 'version'>;
const inOrder = (permits: readonly Claimed[]): readonly Claimed[] =>
  [...permits].sort((a, b) => (a.id < b.id ? -1 : 1));

/**
 * Claims permits for a transaction that draws on them, before it claims the stand: whoever draws on one of them at another stand waits. In one order
 * everywhere, so that nobody waits in a circle; and by nothing but updates, since the first that is read in a transaction settles as of when it reads.
 */
export async function claimPermits(tx: Queryable, permits: readonly Claimed[]): Promise<void> {
  for (const { id } of inOrder(permits))
    await tx
      .update(permit)
      .set({ version: sql`${permit.version} + 1` })
      .where(eq(permit.id, id));
}

/** The same as long as nobody has drawn on any of them since they were read; `false` where somebody has. */
export async function claimPermitsAt(tx: Queryable, permits: readonly Claimed[]): Promise<boolean> {
  for (const { id, version } of inOrder(permits)) {
    const [{ affectedRows }] = await tx
      .update(permit)
      .set({ version: version + 1 })
      .where(and(eq(permit.id, id), eq(permit.version, version)));
    if (affectedRows !== 1) return false;
  }
  return true;
}
