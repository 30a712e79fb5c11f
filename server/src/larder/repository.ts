import { and, asc, desc, eq, inArray, isNull, ne, sql } from 'drizzle-orm';
import { account, membership } from '../people/table.ts';
import type { Queryable } from '../platform/database/database.ts';
import { taste } from './table.ts';

export type TasteRow = typeof taste.$inferSelect;

/** One person's own in a group, the latest first. */
export const tastesOf = (db: Queryable, groupId: string, accountId: string): Promise<readonly TasteRow[]> =>
  db
    .select()
    .from(taste)
    .where(and(eq(taste.groupId, groupId), eq(taste.accountId, accountId), isNull(taste.removedAt)))
    .orderBy(desc(taste.day), asc(taste.id));

/** What others of a group do not bear and let it know; of somebody who has left it nothing. */
export const sharedTastes = (db: Queryable, groupId: string, accountId: string) =>
  db
    .select({ row: taste, by: account.name })
    .from(taste)
    .innerJoin(account, eq(account.id, taste.accountId))
    .innerJoin(membership, and(eq(membership.groupId, taste.groupId), eq(membership.accountId, taste.accountId)))
    .where(
      and(
        eq(taste.groupId, groupId),
        ne(taste.accountId, accountId),
        eq(taste.shared, true),
        inArray(taste.outcome, ['known', 'something']),
        isNull(taste.removedAt),
      ),
    )
    .orderBy(asc(account.name), desc(taste.day), asc(taste.id));

export const tasteById = async (db: Queryable, id: string): Promise<TasteRow | null> =>
  (await db.select().from(taste).where(eq(taste.id, id)).for('update'))[0] ?? null;
export const insertTaste = (db: Queryable, row: typeof taste.$inferInsert) => db.insert(taste).values(row);
export const updateTaste = (db: Queryable, id: string, set: Partial<typeof taste.$inferInsert>) =>
  db
    .update(taste)
    .set({ ...set, revision: sql`${taste.revision} + 1` })
    .where(eq(taste.id, id));
