import { and, asc, eq, isNull } from 'drizzle-orm';
import { account } from '../people/table.ts';
import type { Queryable } from '../platform/database/database.ts';
import { sought } from '../entries/index.ts';

export const openSought = (db: Queryable, groupId: string) =>
  db
    .select({ sought, by: account.name })
    .from(sought)
    .innerJoin(account, eq(account.id, sought.madeBy))
    .where(and(eq(sought.groupId, groupId), isNull(sought.endedAt)))
    .orderBy(asc(sought.id));
export const soughtAnywhere = async (db: Queryable, id: string) =>
  (
    await db
      .select({ sought, by: account.name })
      .from(sought)
      .innerJoin(account, eq(account.id, sought.madeBy))
      .where(eq(sought.id, id))
  )[0] ?? null;
export const insertSought = (db: Queryable, row: typeof sought.$inferInsert) => db.insert(sought).values(row);
export const endSought = async (db: Queryable, groupId: string, id: string, at: Date) =>
  (
    await db
      .update(sought)
      .set({ endedAt: at })
      .where(and(eq(sought.groupId, groupId), eq(sought.id, id)))
  )[0].affectedRows > 0;
