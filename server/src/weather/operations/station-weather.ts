import { climatologyOf, joinDays, type StationWeather, type WeatherDay } from '@emberfield/core/phenology';
import type { Queryable } from '../../platform/database/database.ts';
import { KeptLater } from '../../platform/kept.ts';
import { allDays, type StationRow } from '../repository.ts';

export interface KnownWeather {
  readonly station: StationRow;
  /** `null` while the station has no days. */
  readonly weather: StationWeather | null;
  readonly rainMm: ReadonlyMap<number, number>;
}

const MOST_STATIONS_KEPT = 50;
const kept = new KeptLater<KnownWeather>(MOST_STATIONS_KEPT);

/** A station's days joined to a series, kept until its days change. */
export function weatherOf(db: Queryable, station: StationRow): Promise<KnownWeather> {
  const key = `${station.id}:${station.revision}`;
  return kept.get(key, () => loadWeather(db, station));
}

async function loadWeather(db: Queryable, station: StationRow): Promise<KnownWeather> {
  const rows = await allDays(db, station.id);
  const days: WeatherDay[] = rows.map(({ day, minC, maxC, rainMm, outlook }) => ({ day, minC, maxC, rainMm, outlook }));
  const climatology = climatologyOf(days);
  const series = joinDays(days, climatology);
  return {
    station,
    weather: series && { series, climatology, heightM: station.heightM },
    rainMm: new Map(rows.flatMap((r) => (r.rainMm === null ? [] : [[r.day, r.rainMm] as const]))),
  };
}
