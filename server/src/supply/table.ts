import { sql } from 'drizzle-orm';
import { boolean, check, datetime, double, index, int, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import type { SaveWant } from '@emberfield/contract';
import { account, group } from '../people/table.ts';
import { day, id, jsonText } from '../platform/database/columns.ts';

/** What a group wants of a season; one that was removed can be put back. */
export const seasonWant = mysqlTable(
  'season_want',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    name: varchar('name', { length: 80 }).notNull(),
    of: jsonText<SaveWant['of']>('of').notNull(),
    measure: varchar('measure', { length: 10 }).$type<SaveWant['measure']>().notNull(),
    madeUnit: varchar('made_unit', { length: 30 }).notNull(),
    amount: double('amount').notNull(),
    /** In each week of its days. */
    weekly: boolean('weekly').notNull(),
    from: day('from_day').notNull(),
    until: day('until_day').notNull(),
    place: double('place').notNull(),
    revision: int('revision').notNull().default(1),
    removedAt: datetime('removed_at', { fsp: 3 }),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [
    index('season_want_group').on(t.groupId, t.place),
    check('season_want_days', sql`${t.from} <= ${t.until}`),
    check('season_want_amount', sql`${t.amount} > 0`),
  ],
);
