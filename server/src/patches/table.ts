import { sql } from 'drizzle-orm';
import {
  boolean,
  check,
  datetime,
  double,
  foreignKey,
  index,
  int,
  mysqlTable,
  unique,
  varchar,
} from 'drizzle-orm/mysql-core';
import type { PatchFacts, PatchGeometry } from '@emberfield/contract';
import { account, group } from '../people/table.ts';
import { day, digest, id, jsonText } from '../platform/database/columns.ts';
import { station } from '../weather/table.ts';

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
    /** The station that its dates are reckoned from; `null` for the nearest. */
    stationId: id('station_id'),
    /** No longer gone to, from this day on, and why; all that was noted of it stays. */
    retiredOn: day('retired_on'),
    retiredWhy: varchar('retired_why', { length: 200 }).notNull().default(''),
    version: int('version').notNull().default(1),
    contentDigest: digest('content_digest').notNull(),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [
    index('patch_group').on(t.groupId, t.name),
    index('patch_state').on(t.groupId, t.version),
    // Whatever points at a place names its group as well: a row of one group can never point at another's.
    unique('patch_of_group').on(t.groupId, t.id),
    foreignKey({
      name: 'patch_station',
      columns: [t.groupId, t.stationId],
      foreignColumns: [station.groupId, station.id],
    }),
    check('patch_on_earth', sql`${t.latitudeDeg} BETWEEN -90 AND 90 AND ${t.longitudeDeg} BETWEEN -180 AND 180`),
    check('patch_height', sql`${t.heightM} BETWEEN -500 AND 9000`),
  ],
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
