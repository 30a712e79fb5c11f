import { joinDays, joinStations, type StationWeather, usualBy, type WeatherDay } from '@emberfield/core/weather';
import { readSite, type Site, type SiteReading } from '@emberfield/core/climate';
import type { Queryable } from '../../platform/database/database.ts';
import { laterCacheOf } from '../../answers/index.ts';
import type { Dependencies } from '../../dependencies.ts';
import { allDays, type StationRow } from '../repository.ts';
import { stationsFor, thermometerAt, type Spot, type StationShare } from './pick-station.ts';

const STATIONS = laterCacheOf<StationWeather | null>(50);
type Loading = Pick<Dependencies, 'db' | 'answers'>;

/** A station's days joined to a series, kept until its days change; `null` while it has none. */
export function weatherOf({ db, answers }: Loading, station: StationRow): Promise<StationWeather | null> {
  return answers.of(STATIONS).get(keyOf(station), () => loadWeather(db, station));
}
const keyOf = ({ id, revision }: StationRow): string => `${id}:${revision}`;

async function loadWeather(db: Queryable, station: StationRow): Promise<StationWeather | null> {
  const rows = await allDays(db, station.id);
  const days: WeatherDay[] = rows.map(({ day, minC, maxC, rainMm, outlook }) => ({ day, minC, maxC, rainMm, outlook }));
  // Only whole years make a usual one: half a year would draw it to its own spring.
  const climatology = usualBy(days, Infinity);
  const series = joinDays(days, climatology);
  return series && { series, climatology, heightM: station.heightM };
}

/** The weather that a place's dates are reckoned from. */
export interface PlaceWeather {
  /** Greatest share first, at least one. */
  readonly stations: readonly StationShare[];
  /** What it hangs on, as a text to keep answers under. */
  readonly key: string;
  /** `null` while no station has a day. */
  readonly weather: StationWeather | null;
  /** What a thermometer that hangs there says of the place itself. */
  readonly thermometer: { readonly station: StationRow; readonly reading: SiteReading } | null;
}

const JOINED = laterCacheOf<StationWeather | null>(60);

/** Weather for a place from the stations about it; `null` without stations. */
export async function weatherAt(
  deps: Loading,
  stations: { readonly all: readonly StationRow[]; readonly fit: readonly StationRow[] },
  place: Spot & Site & { readonly stationId?: string | null },
): Promise<PlaceWeather | null> {
  const shares = stationsFor(stations, place);
  if (shares.length === 0) return null;
  const key = shares.map(({ station, share }) => `${keyOf(station)}*${share}`).join('+');
  const weather = await deps.answers.of(JOINED).get(key, async () => {
    const told = await Promise.all(shares.map(async (s) => ({ ...s, weather: await weatherOf(deps, s.station) })));
    const having = told.flatMap((s) => (s.weather ? [{ weather: s.weather, share: s.share }] : []));
    return having.length === 0 ? null : joinStations(having);
  });
  const hung = weather && place.stationId == null ? thermometerAt(stations, place) : null;
  const own = hung && (await weatherOf(deps, hung));
  const reading = own && weather && readSite(own.series, weather, place);
  return {
    stations: shares,
    key: hung && reading ? `${key}@${keyOf(hung)}` : key,
    weather,
    thermometer: hung && reading ? { station: hung, reading } : null,
  };
}

/** The stations by name, greatest share first. */
export const namesOf = ({ stations }: Pick<PlaceWeather, 'stations'>): string =>
  stations.map((s) => s.station.name).join(' + ');
