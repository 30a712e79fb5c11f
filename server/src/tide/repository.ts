import { and, asc, eq } from 'drizzle-orm';
import type { Queryable } from '../platform/database/database.ts';
import { tidePlace } from './table.ts';

export type TideRow = typeof tidePlace.$inferSelect;

export const tidesOf = (db: Queryable, groupId: string): Promise<TideRow[]> =>
  db.select().from(tidePlace).where(eq(tidePlace.groupId, groupId)).orderBy(asc(tidePlace.name));
export const tideAnywhere = async (db: Queryable, id: string): Promise<TideRow | null> =>
  (await db.select().from(tidePlace).where(eq(tidePlace.id, id)))[0] ?? null;
export const insertTide = (db: Queryable, row: typeof tidePlace.$inferInsert) => db.insert(tidePlace).values(row);
export const deleteTide = async (db: Queryable, groupId: string, id: string): Promise<boolean> => {
  const [{ affectedRows }] = await db
    .delete(tidePlace)
    .where(and(eq(tidePlace.groupId, groupId), eq(tidePlace.id, id)));
  return affectedRows > 0;
};
