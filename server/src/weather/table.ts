import { sql } from 'drizzle-orm';
import {
  boolean,
  check,
  datetime,
  decimal,
  double,
  foreignKey,
  index,
  int,
  mysqlEnum,
  mysqlTable,
  primaryKey,
  unique,
  varchar,
} from 'drizzle-orm/mysql-core';
import { account, group } from '../people/table.ts';
import { bytes, day, digest, id, jsonText } from '../platform/database/columns.ts';

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
    /** No longer reckoned from, from this day on; its days stay. */
    retiredOn: day('retired_on'),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [
    unique('station_of_group').on(t.groupId, t.id),
    check('station_on_earth', sql`${t.latitudeDeg} BETWEEN -90 AND 90 AND ${t.longitudeDeg} BETWEEN -180 AND 180`),
  ],
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
  (t) => [
    primaryKey({ columns: [t.stationId, t.day] }),
    check('station_day_order', sql`${t.minC} <= ${t.maxC}`),
    check('station_day_rain', sql`${t.rainMm} IS NULL OR ${t.rainMm} >= 0`),
  ],
);

export interface ImportMade {
  readonly days: readonly number[];
  readonly before: readonly {
    readonly day: number;
    readonly minC: number;
    readonly maxC: number;
    readonly rainMm: number | null;
    readonly outlook: boolean;
  }[];
}

/** An uploaded file with the way it is read, until it is stored or dropped. */
export const weatherImport = mysqlTable(
  'weather_import',
  {
    id: id('id').primaryKey(),
    groupId: id('group_id')
      .notNull()
      .references(() => group.id),
    stationId: id('station_id').notNull(),
    fileName: varchar('file_name', { length: 120 }).notNull(),
    content: bytes('content').notNull(),
    reading: jsonText<unknown>('reading').notNull(),
    storedAt: datetime('stored_at', { fsp: 3 }),
    /** The days that it stored, and what stood there before, to take it back. */
    made: jsonText<ImportMade | null>('made'),
    madeBy: id('made_by')
      .notNull()
      .references(() => account.id),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
  },
  (t) => [
    index('weather_import_made').on(t.madeAt),
    foreignKey({
      name: 'weather_import_station',
      columns: [t.groupId, t.stationId],
      foreignColumns: [station.groupId, station.id],
    }),
  ],
);
