import { sql } from 'drizzle-orm';
import { boolean, check, datetime, index, int, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import type { SaveTaste } from '@emberfield/contract';
import { account, group } from '../people/table.ts';
import { day, id } from '../platform/database/columns.ts';

/** What somebody has eaten of, and what they do not bear; one that was removed can be put back. */
export const taste = mysqlTable(
  'taste',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    accountId: id('account_id')
      .notNull()
      .references(() => account.id),
    plantKey: varchar('plant_key', { length: 60 }),
    family: varchar('family', { length: 60 }),
    part: varchar('part', { length: 20 }).$type<NonNullable<SaveTaste['part']>>(),
    /** As it was named; it may have been taken back since. */
    batchId: id('batch_id'),
    day: day('day').notNull(),
    cooked: boolean('cooked').notNull(),
    outcome: varchar('outcome', { length: 10 }).$type<SaveTaste['outcome']>().notNull(),
    note: varchar('note', { length: 600 }).notNull(),
    shared: boolean('shared').notNull(),
    revision: int('revision').notNull().default(1),
    removedAt: datetime('removed_at', { fsp: 3 }),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [
    index('taste_group').on(t.groupId, t.accountId),
    check('taste_of', sql`(${t.plantKey} IS NULL) <> (${t.family} IS NULL)`),
  ],
);
