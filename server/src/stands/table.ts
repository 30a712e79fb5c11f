import { datetime, index, int, mysqlEnum, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { patch } from '../patches/table.ts';
import { account, group } from '../people/table.ts';
import { digest, id } from '../platform/database/columns.ts';

export const stand = mysqlTable(
  'stand',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    patchId: id('patch_id')
      .notNull()
      .references(() => patch.id),
    plantKey: varchar('plant_key', { length: 60 }).notNull(),
    where: varchar('where_in_patch', { length: 80 }).notNull(),
    identity: mysqlEnum('identity', ['unconfirmed', 'provisional', 'confirmed']).notNull(),
    sinceYear: int('since_year'),
    restUntil: varchar('rest_until', { length: 10 }),
    restReason: varchar('rest_reason', { length: 200 }).notNull().default(''),
    /** Guards edits by two people. */
    version: int('version').notNull().default(1),
    /** Counts every entry: derived answers are kept under it, and takers meet on this row. */
    revision: int('revision').notNull().default(1),
    contentDigest: digest('content_digest').notNull(),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [index('stand_group').on(t.groupId), index('stand_patch').on(t.patchId)],
);
