import {
  boolean,
  datetime,
  decimal,
  double,
  index,
  int,
  mysqlEnum,
  mysqlTable,
  primaryKey,
  varchar,
} from 'drizzle-orm/mysql-core';
import { account, group } from '../people/table.ts';
import { bytes, digest, id, jsonText } from '../platform/database/columns.ts';

export const station = mysqlTable(
  'station',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    name: varchar('name', { length: 80 }).notNull(),
    latitudeDeg: double('latitude_deg').notNull(),
    longitudeDeg: double('longitude_deg').notNull(),
    heightM: double('height_m').notNull(),
    source: mysqlEnum('source', ['csv', 'simulated', 'service']).notNull(),
    /** Counts every change of its days: derived answers are kept under it. */
    revision: int('revision').notNull().default(1),
    contentDigest: digest('content_digest').notNull(),
    /** Of a station that a service feeds. */
    fetchedAt: datetime('fetched_at', { fsp: 3 }),
    fetchProblem: varchar('fetch_problem', { length: 20 }),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [index('station_group').on(t.groupId)],
);

export const stationDay = mysqlTable(
  'station_day',
  {
    stationId: id('station_id')
      .notNull()
      .references(() => station.id),
    /** Whole days since 1970-01-01: half the size of a text, and what the core computes with. */
    day: int('day').notNull(),
    minC: decimal('min_c', { precision: 4, scale: 1, mode: 'number' }).notNull(),
    maxC: decimal('max_c', { precision: 4, scale: 1, mode: 'number' }).notNull(),
    rainMm: decimal('rain_mm', { precision: 5, scale: 1, mode: 'number' }),
    outlook: boolean('outlook').notNull(),
  },
  (t) => [primaryKey({ columns: [t.stationId, t.day] })],
);

/** An uploaded file with the way it is read, until it is stored or dropped. */
export const weatherImport = mysqlTable(
  'weather_import',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    stationId: id('station_id')
      .notNull()
      .references(() => station.id),
    fileName: varchar('file_name', { length: 120 }).notNull(),
    content: bytes('content').notNull(),
    reading: jsonText<unknown>('reading').notNull(),
    storedAt: datetime('stored_at', { fsp: 3 }),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [index('weather_import_group').on(t.groupId)],
);
