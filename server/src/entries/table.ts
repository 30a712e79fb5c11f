import { sql } from 'drizzle-orm';
import {
  check,
  datetime,
  decimal,
  foreignKey,
  index,
  int,
  mysqlEnum,
  mysqlTable,
  unique,
  uniqueIndex,
  varchar,
} from 'drizzle-orm/mysql-core';
import { patch } from '../patches/table.ts';
import { account, group } from '../people/table.ts';
import { day, digest, id, jsonText } from '../platform/database/columns.ts';
import { stand } from '../stands/table.ts';

/** Everything that was noted, in one envelope. Rows are only ever added. */
export const entry = mysqlTable(
  'entry',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    kind: varchar('kind', { length: 30 }).notNull(),
    schemaVersion: int('schema_version').notNull(),
    patchId: id('patch_id').notNull(),
    standId: id('stand_id'),
    /** Entries of one visit share a key; there is no row that it points at. */
    visitId: id('visit_id'),
    day: day('day').notNull(),
    zone: varchar('zone', { length: 60 }).notNull(),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
    storedAt: datetime('stored_at', { fsp: 3 }).notNull(),
    device: varchar('device', { length: 80 }).notNull(),
    replaces: id('replaces'),
    body: jsonText<unknown>('body').notNull(),
    /** Of a take, as a decimal: the database holds it against its bounds, and can be asked for sums. */
    taken: decimal('taken', { precision: 12, scale: 3, mode: 'number' }).generatedAlwaysAs(
      sql`CASE WHEN kind = 'take' THEN CAST(JSON_VALUE(body, '$.amount') AS DECIMAL(12, 3)) END`,
      { mode: 'stored' },
    ),
    contentDigest: digest('content_digest').notNull(),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
  },
  (t) => [
    index('entry_stand').on(t.standId, t.day),
    index('entry_patch').on(t.patchId, t.day),
    index('entry_group_kind').on(t.groupId, t.kind, t.day),
    // One entry can be replaced once: two people correcting the same one meet here.
    uniqueIndex('entry_replaces').on(t.replaces),
    unique('entry_of_group').on(t.groupId, t.id),
    foreignKey({ name: 'entry_at_patch', columns: [t.groupId, t.patchId], foreignColumns: [patch.groupId, patch.id] }),
    foreignKey({ name: 'entry_of_stand', columns: [t.groupId, t.standId], foreignColumns: [stand.groupId, stand.id] }),
    foreignKey({ name: 'entry_replaced', columns: [t.groupId, t.replaces], foreignColumns: [t.groupId, t.id] }),
    check('entry_taken', sql`${t.taken} IS NULL OR ${t.taken} >= 0`),
  ],
);

/** How a take stood when it was stored: never reckoned anew. */
export const takeVerdict = mysqlTable('take_verdict', {
  entryId: id('entry_id')
    .primaryKey()
    .references(() => entry.id),
  verdict: mysqlEnum('verdict', ['within', 'over']).notNull(),
  leftBefore: decimal('left_before', { precision: 12, scale: 3, mode: 'number' }),
  leftAfter: decimal('left_after', { precision: 12, scale: 3, mode: 'number' }),
  allowance: jsonText<unknown>('allowance').notNull(),
  plantRevision: int('plant_revision').notNull(),
  modelRevision: varchar('model_revision', { length: 20 }).notNull(),
});

export const sought = mysqlTable(
  'sought',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    what: varchar('what', { length: 120 }).notNull(),
    note: varchar('note', { length: 600 }).notNull(),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
    endedAt: datetime('ended_at', { fsp: 3 }),
    contentDigest: digest('content_digest').notNull(),
  },
  (t) => [index('sought_group').on(t.groupId)],
);
