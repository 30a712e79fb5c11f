import { and, eq, inArray, sql } from 'drizzle-orm';
import { account, group, membership } from '../people/table.ts';
import type { Queryable } from '../platform/database/database.ts';
import { announcement, calendarFeed } from './table.ts';

export type AnnouncementRow = typeof announcement.$inferSelect;

export const feedOf = async (db: Queryable, groupId: string, accountId: string) =>
  (
    await db
      .select()
      .from(calendarFeed)
      .where(and(eq(calendarFeed.groupId, groupId), eq(calendarFeed.accountId, accountId)))
  )[0] ?? null;

export const putFeed = (db: Queryable, row: typeof calendarFeed.$inferInsert) => {
  const { tokenDigest, kinds, madeAt } = row;
  return db
    .insert(calendarFeed)
    .values(row)
    .onDuplicateKeyUpdate({ set: { tokenDigest, kinds, madeAt, lastReadAt: null } });
};
export const dropFeed = (db: Queryable, groupId: string, accountId: string) =>
  db.delete(calendarFeed).where(and(eq(calendarFeed.groupId, groupId), eq(calendarFeed.accountId, accountId)));

/** The feed of a secret address, its group and what its owner is there today; whoever left the group has none. */
export const feedByToken = async (db: Queryable, tokenDigest: Buffer) =>
  (
    await db
      .select({ feed: calendarFeed, group, role: membership.role, name: account.name, language: account.language })
      .from(calendarFeed)
      .innerJoin(group, eq(group.id, calendarFeed.groupId))
      .innerJoin(account, eq(account.id, calendarFeed.accountId))
      .innerJoin(
        membership,
        and(eq(membership.groupId, calendarFeed.groupId), eq(membership.accountId, calendarFeed.accountId)),
      )
      .where(eq(calendarFeed.tokenDigest, tokenDigest))
  )[0] ?? null;

export const noteRead = (db: Queryable, groupId: string, accountId: string, at: Date) =>
  db
    .update(calendarFeed)
    .set({ lastReadAt: at })
    .where(and(eq(calendarFeed.groupId, groupId), eq(calendarFeed.accountId, accountId)));

const AT_ONCE = 1_000;

/** What has been announced under these keys, by hexadecimal key. */
export async function announced(
  db: Queryable,
  groupId: string,
  keys: readonly Buffer[],
): Promise<ReadonlyMap<string, AnnouncementRow>> {
  const found = new Map<string, AnnouncementRow>();
  for (let i = 0; i < keys.length; i += AT_ONCE)
    for (const row of await db
      .select()
      .from(announcement)
      .where(and(eq(announcement.groupId, groupId), inArray(announcement.keyDigest, keys.slice(i, i + AT_ONCE)))))
      found.set(row.keyDigest.toString('hex'), row);
  return found;
}

export async function putAnnouncements(
  db: Queryable,
  rows: readonly (typeof announcement.$inferInsert)[],
): Promise<void> {
  for (let i = 0; i < rows.length; i += AT_ONCE)
    await db
      .insert(announcement)
      .values(rows.slice(i, i + AT_ONCE))
      .onDuplicateKeyUpdate({
        set: {
          day: sql`VALUES(${announcement.day})`,
          sequence: sql`VALUES(${announcement.sequence})`,
          plannedDay: sql`VALUES(${announcement.plannedDay})`,
          movedFrom: sql`VALUES(${announcement.movedFrom})`,
          movedOn: sql`VALUES(${announcement.movedOn})`,
        },
      });
}

export const sweepAnnouncements = (db: Queryable, before: string) =>
  db.delete(announcement).where(sql`${announcement.day} < ${before}`);
