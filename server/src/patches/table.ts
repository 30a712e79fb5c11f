import { boolean, datetime, double, index, int, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import type { PatchFacts, PatchGeometry } from '@emberfield/contract';
import { account, group } from '../people/table.ts';
import { digest, id, jsonText } from '../platform/database/columns.ts';

export const patch = mysqlTable(
  'patch',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    name: varchar('name', { length: 80 }).notNull(),
    geometry: jsonText<unknown>('geometry').notNull(),
    latitudeDeg: double('latitude_deg').notNull(),
    longitudeDeg: double('longitude_deg').notNull(),
    heightM: double('height_m').notNull(),
    /** The other facts of the place, as the contract names them. */
    facts: jsonText<unknown>('facts').notNull(),
    secret: boolean('secret').notNull(),
    /** The station that its dates are reckoned from; `null` for the nearest. No reference: rooms meet one way only. */
    stationId: id('station_id'),
    version: int('version').notNull().default(1),
    contentDigest: digest('content_digest').notNull(),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [index('patch_group').on(t.groupId, t.name)],
);

type OtherFacts = Omit<PatchFacts, 'name' | 'geometry' | 'heightM' | 'secret'>;
export type PatchRow = Omit<typeof patch.$inferSelect, 'geometry' | 'facts'> & {
  readonly geometry: PatchGeometry;
  readonly facts: OtherFacts;
};

/** What a patch was before each change, with who changed it. */
export const patchHistory = mysqlTable(
  'patch_history',
  {
    id: id('id').primaryKey(),
    patchId: id('patch_id')
      .notNull()
      .references(() => patch.id),
    version: int('version').notNull(),
    before: jsonText<unknown>('before_change').notNull(),
    /** Contaminations that the change took off, and why; empty for any other change. */
    lifted: jsonText<unknown>('lifted').notNull(),
    reason: varchar('reason', { length: 300 }).notNull().default(''),
    changedBy: id('changed_by')
      .notNull()
      .references(() => account.id),
    changedAt: datetime('changed_at', { fsp: 3 }).notNull(),
  },
  (t) => [index('patch_history_patch').on(t.patchId, t.version)],
);
