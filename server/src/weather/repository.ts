import { and, asc, between, count, desc, eq, inArray, isNull, lt, max, min, or, sql } from 'drizzle-orm';
import type { ImportReading } from '@emberfield/contract';
import type { Queryable } from '../platform/database/database.ts';
import { group } from '../people/table.ts';
import { station, stationDay, weatherImport } from './table.ts';

export type StationRow = typeof station.$inferSelect;
export type StationDayRow = typeof stationDay.$inferSelect;
export type ImportRow = Omit<typeof weatherImport.$inferSelect, 'reading'> & { readonly reading: ImportReading };

/** Stations that dates are reckoned from. */
export const stationsOf = (db: Queryable, groupId: string): Promise<StationRow[]> =>
  db
    .select()
    .from(station)
    .where(and(eq(station.groupId, groupId), isNull(station.retiredOn)))
    .orderBy(asc(station.name));
/** The same with those that are no longer. */
export const allStationsOf = (db: Queryable, groupId: string): Promise<StationRow[]> =>
  db.select().from(station).where(eq(station.groupId, groupId)).orderBy(asc(station.name));
export const setRetired = (db: Queryable, id: string, retiredOn: string | null) =>
  db.update(station).set({ retiredOn }).where(eq(station.id, id));
/** @throws an error of the database while it has days, or a place is assigned to it */
export async function deleteStation(db: Queryable, id: string): Promise<void> {
  // A file that was never stored goes with it.
  await db.delete(weatherImport).where(eq(weatherImport.stationId, id));
  await db.delete(station).where(eq(station.id, id));
}
export const stationById = async (db: Queryable, groupId: string, id: string): Promise<StationRow | null> =>
  (
    await db
      .select()
      .from(station)
      .where(and(eq(station.groupId, groupId), eq(station.id, id)))
  )[0] ?? null;
export const stationAnywhere = async (db: Queryable, id: string): Promise<StationRow | null> =>
  (await db.select().from(station).where(eq(station.id, id)))[0] ?? null;
export const insertStation = (db: Queryable, row: typeof station.$inferInsert) => db.insert(station).values(row);
export const touchStation = (db: Queryable, id: string) =>
  db
    .update(station)
    .set({ revision: sql`${station.revision} + 1` })
    .where(eq(station.id, id));

/** Stations that a service feeds, with the zone of their group: the service's days are of its own calendar. */
export const fedStations = (db: Queryable) =>
  db
    .select({ station, zone: group.zone })
    .from(station)
    .innerJoin(group, eq(group.id, station.groupId))
    .where(and(eq(station.source, 'service'), isNull(station.retiredOn)));
/** Takes the next fetching of a station upon oneself; false where another server has. */
export const claimFetch = async (db: Queryable, id: string, before: Date, at: Date): Promise<boolean> => {
  const [{ affectedRows }] = await db
    .update(station)
    .set({ fetchedAt: at })
    .where(and(eq(station.id, id), or(isNull(station.fetchedAt), lt(station.fetchedAt, before))));
  return affectedRows > 0;
};
export const noteFetch = (
  db: Queryable,
  id: string,
  set: { readonly fetchedAt: Date; readonly fetchProblem: string | null },
) => db.update(station).set(set).where(eq(station.id, id));

export interface DaySummary {
  readonly stationId: string;
  readonly dayCount: number;
  readonly firstDay: number | null;
  readonly lastDay: number | null;
  readonly outlook: boolean;
}
export const daySummaries = (db: Queryable, groupId: string): Promise<DaySummary[]> =>
  db
    .select({
      stationId: stationDay.stationId,
      outlook: stationDay.outlook,
      dayCount: count(),
      firstDay: min(stationDay.day),
      lastDay: max(stationDay.day),
    })
    .from(stationDay)
    .innerJoin(station, eq(station.id, stationDay.stationId))
    .where(eq(station.groupId, groupId))
    .groupBy(stationDay.stationId, stationDay.outlook);

export const allDays = (db: Queryable, stationId: string): Promise<StationDayRow[]> =>
  db.select().from(stationDay).where(eq(stationDay.stationId, stationId)).orderBy(asc(stationDay.day));
export const daysBetween = (db: Queryable, stationId: string, from: number, to: number): Promise<StationDayRow[]> =>
  db
    .select()
    .from(stationDay)
    .where(and(eq(stationDay.stationId, stationId), between(stationDay.day, from, to)))
    .orderBy(asc(stationDay.day));

/** Takes measured days out, in pieces that every database takes. */
export async function deleteDays(db: Queryable, stationId: string, days: readonly number[]): Promise<void> {
  for (let i = 0; i < days.length; i += DAYS_AT_ONCE)
    await db
      .delete(stationDay)
      .where(and(eq(stationDay.stationId, stationId), inArray(stationDay.day, days.slice(i, i + DAYS_AT_ONCE))));
}
const DAYS_AT_ONCE = 2_000;

export type NewStationDay = typeof stationDay.$inferInsert;

/**
 * Stores days, a later record of the same day replacing the earlier. The rows travel as one JSON text that the database
 * takes apart: one parameter instead of tens of thousands, which is what makes twenty years take a moment.
 */
export async function upsertDays(
  db: Queryable,
  stationId: string,
  rows: readonly Omit<NewStationDay, 'stationId'>[],
): Promise<void> {
  if (rows.length === 0) return;
  const json = JSON.stringify(
    rows.map(({ day, minC, maxC, rainMm, outlook }) => ({
      d: day,
      n: minC,
      x: maxC,
      r: rainMm ?? null,
      o: outlook ? 1 : 0,
    })),
  );
  await db.execute(sql`INSERT INTO ${stationDay} (station_id, day, min_c, max_c, rain_mm, outlook)
    SELECT ${sql.param(stationId, stationDay.stationId)}, d, n, x, r, o FROM JSON_TABLE(${json}, '$[*]'
      COLUMNS (d INT PATH '$.d', n DECIMAL(4,1) PATH '$.n', x DECIMAL(4,1) PATH '$.x', r DECIMAL(5,1) PATH '$.r', o TINYINT PATH '$.o')) AS t
    ON DUPLICATE KEY UPDATE min_c = VALUES(min_c), max_c = VALUES(max_c), rain_mm = VALUES(rain_mm), outlook = VALUES(outlook)`);
}

export const importById = async (db: Queryable, groupId: string, id: string): Promise<ImportRow | null> =>
  ((
    await db
      .select()
      .from(weatherImport)
      .where(and(eq(weatherImport.groupId, groupId), eq(weatherImport.id, id)))
  )[0] as ImportRow | undefined) ?? null;
export const importAnywhere = async (db: Queryable, id: string): Promise<ImportRow | null> =>
  ((await db.select().from(weatherImport).where(eq(weatherImport.id, id)))[0] as ImportRow | undefined) ?? null;
export const openImports = async (db: Queryable, groupId: string): Promise<ImportRow[]> =>
  (await db
    .select()
    .from(weatherImport)
    .where(and(eq(weatherImport.groupId, groupId), sql`${weatherImport.storedAt} IS NULL`))
    .orderBy(desc(weatherImport.madeAt))) as ImportRow[];
export const insertImport = (db: Queryable, row: typeof weatherImport.$inferInsert) =>
  db.insert(weatherImport).values(row);
export const updateImport = (db: Queryable, id: string, set: Partial<typeof weatherImport.$inferInsert>) =>
  db.update(weatherImport).set(set).where(eq(weatherImport.id, id));
export const sweepImports = (db: Queryable, before: Date) =>
  db.delete(weatherImport).where(lt(weatherImport.madeAt, before));
export const deleteImport = (db: Queryable, id: string) => db.delete(weatherImport).where(eq(weatherImport.id, id));
