import { datetime, double, index, mysqlEnum, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { account, group } from '../people/table.ts';
import { bytes, day, id, jsonText } from '../platform/database/columns.ts';

export interface ImportMade {
  readonly patches: readonly string[];
  readonly stands: readonly string[];
  readonly paths: readonly string[];
}

/** A file of places as it was read, packed, until it is stored or dropped. */
export const placeImport = mysqlTable(
  'place_import',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    fileName: varchar('file_name', { length: 120 }).notNull(),
    format: mysqlEnum('format', ['gpx', 'geojson', 'kml', 'kmz', 'csv']).notNull(),
    packed: bytes('packed').notNull(),
    reading: jsonText<unknown>('reading').notNull(),
    storedAt: datetime('stored_at', { fsp: 3 }),
    /** What it made, to take it back. */
    made: jsonText<ImportMade | null>('made'),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [index('place_import_group').on(t.groupId), index('place_import_made').on(t.madeAt)],
);

/** A path that was walked, or a route that is planned. */
export const path = mysqlTable(
  'path',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    name: varchar('name', { length: 80 }).notNull(),
    kind: mysqlEnum('kind', ['track', 'route']).notNull(),
    day: day('day'),
    lengthM: double('length_m').notNull(),
    geometry: jsonText<unknown>('geometry').notNull(),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [index('path_group').on(t.groupId)],
);
