import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import type { Queryable } from '../platform/database/database.ts';
import { seasonWant } from './table.ts';

export type WantRow = typeof seasonWant.$inferSelect;

/** Wants of a group that nobody has removed, first what comes first. */
export const wantsOf = (db: Queryable, groupId: string): Promise<readonly WantRow[]> =>
  db
    .select()
    .from(seasonWant)
    .where(and(eq(seasonWant.groupId, groupId), isNull(seasonWant.removedAt)))
    .orderBy(asc(seasonWant.place), asc(seasonWant.id));

export const wantById = async (db: Queryable, id: string): Promise<WantRow | null> =>
  (await db.select().from(seasonWant).where(eq(seasonWant.id, id)).for('update'))[0] ?? null;
export const insertWant = (db: Queryable, row: typeof seasonWant.$inferInsert) => db.insert(seasonWant).values(row);
export const updateWant = (db: Queryable, id: string, set: Partial<typeof seasonWant.$inferInsert>) =>
  db
    .update(seasonWant)
    .set({ ...set, revision: sql`${seasonWant.revision} + 1` })
    .where(eq(seasonWant.id, id));
