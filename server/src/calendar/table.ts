import { datetime, index, int, mysqlTable, primaryKey, uniqueIndex } from 'drizzle-orm/mysql-core';
import type { CalendarKind } from '@emberfield/contract';
import { account, group } from '../people/table.ts';
import { day, digest, id, jsonText } from '../platform/database/columns.ts';

/** A person's calendar of a group, read by whoever has its secret address. */
export const calendarFeed = mysqlTable(
  'calendar_feed',
  {
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    accountId: id('account_id')
      .notNull()
      .references(() => account.id),
    tokenDigest: digest('token_digest').notNull(),
    kinds: jsonText<readonly CalendarKind[]>('kinds').notNull(),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
    lastReadAt: datetime('last_read_at', { fsp: 3 }),
  },
  (t) => [primaryKey({ columns: [t.groupId, t.accountId] }), uniqueIndex('calendar_feed_token').on(t.tokenDigest)],
);

/** What has been said of a day to come, so that a calendar's entry moves instead of doubling, and a great move is told. */
export const announcement = mysqlTable(
  'announcement',
  {
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    /** Digest of what is announced: its stand, part, use and season, never its day. */
    keyDigest: digest('key_digest').notNull(),
    day: day('day').notNull(),
    sequence: int('sequence').notNull().default(0),
    /** The day that people may have planned by, and when it was last moved far from it. */
    plannedDay: day('planned_day').notNull(),
    movedFrom: day('moved_from'),
    movedOn: day('moved_on'),
  },
  (t) => [primaryKey({ columns: [t.groupId, t.keyDigest] }), index('announcement_day').on(t.groupId, t.day)],
);
