import { sql } from 'drizzle-orm';
import {
  check,
  datetime,
  foreignKey,
  index,
  int,
  mysqlEnum,
  mysqlTable,
  unique,
  varchar,
} from 'drizzle-orm/mysql-core';
import { patch } from '../patches/table.ts';
import { account, group } from '../people/table.ts';
import { day, digest, id } from '../platform/database/columns.ts';

export const stand = mysqlTable(
  'stand',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    patchId: id('patch_id').notNull(),
    plantKey: varchar('plant_key', { length: 60 }).notNull(),
    where: varchar('where_in_patch', { length: 80 }).notNull(),
    identity: mysqlEnum('identity', ['unconfirmed', 'provisional', 'confirmed']).notNull(),
    sinceYear: int('since_year'),
    restUntil: day('rest_until'),
    restReason: varchar('rest_reason', { length: 200 }).notNull().default(''),
    /** No longer gone to, from this day on, and why; all that was noted of it stays. */
    retiredOn: day('retired_on'),
    retiredWhy: varchar('retired_why', { length: 200 }).notNull().default(''),
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
  (t) => [
    index('stand_state').on(t.groupId, t.revision),
    index('stand_patch').on(t.patchId),
    unique('stand_of_group').on(t.groupId, t.id),
    foreignKey({ name: 'stand_at_patch', columns: [t.groupId, t.patchId], foreignColumns: [patch.groupId, patch.id] }),
    check('stand_counts', sql`${t.version} >= 1 AND ${t.revision} >= 1`),
  ],
);
