import { sql } from 'drizzle-orm';
import { check, datetime, double, index, int, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import type { PermitKind } from '@emberfield/contract';
import type { PartKey } from '@emberfield/core/plants';
import { account, group } from '../people/table.ts';
import { day, id, jsonText } from '../platform/database/columns.ts';

/** A permit or a quota; one that was removed stays, so that takes can be asked what they were judged by. */
export const permit = mysqlTable(
  'permit',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    kind: varchar('kind', { length: 10 }).$type<PermitKind>().notNull(),
    name: varchar('name', { length: 80 }).notNull(),
    plantKey: varchar('plant_key', { length: 60 }).notNull(),
    part: varchar('part', { length: 20 }).$type<PartKey>().notNull(),
    measure: varchar('measure', { length: 10 }).$type<'unit' | 'gram'>().notNull(),
    amount: double('amount').notNull(),
    from: day('from_day').notNull(),
    until: day('until_day').notNull(),
    /** None named: all places of the group. */
    patchIds: jsonText<readonly string[]>('patch_ids').notNull(),
    note: varchar('note', { length: 400 }).notNull(),
    /** Moves with every edit. */
    revision: int('revision').notNull().default(1),
    /** Moves with every take and whatever else draws on it: all its stands hang on it. */
    version: int('version').notNull().default(1),
    removedAt: datetime('removed_at', { fsp: 3 }),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [
    index('permit_group').on(t.groupId, t.version),
    check('permit_days', sql`${t.from} <= ${t.until}`),
    check('permit_amount', sql`${t.amount} > 0`),
  ],
);
