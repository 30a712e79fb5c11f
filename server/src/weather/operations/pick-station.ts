import type { DaySummary, StationRow } from '../repository.ts';

const METRES_PER_DEGREE = 111_320;
/** A height difference weighs like so much way: 100 m up is as far as 10 km along. */
const WAY_PER_HEIGHT = 100;
/** A station needs a past year to continue this one by, and a bit for its gaps. */
const LEAST_DAYS = 380;

/** Stations that dates can be reckoned from; all of them where none can: a thermometer hung up yesterday displaces no long record. */
export function fitStations(stations: readonly StationRow[], days: readonly DaySummary[]): readonly StationRow[] {
  const measured = new Map(days.filter((d) => !d.outlook).map((d) => [d.stationId, d.dayCount]));
  const fit = stations.filter((s) => (measured.get(s.id) ?? 0) >= LEAST_DAYS);
  return fit.length > 0 ? fit : stations;
}

/** The station that tells most about a place: nearest, height weighed in. `null` without stations. */
export function pickNearest(
  stations: readonly StationRow[],
  place: { readonly latitudeDeg: number; readonly longitudeDeg: number; readonly heightM: number },
): StationRow | null {
  const distance = (s: StationRow): number => {
    const north = (s.latitudeDeg - place.latitudeDeg) * METRES_PER_DEGREE;
    const east =
      (s.longitudeDeg - place.longitudeDeg) * METRES_PER_DEGREE * Math.cos((place.latitudeDeg * Math.PI) / 180);
    return Math.hypot(north, east) + WAY_PER_HEIGHT * Math.abs(s.heightM - place.heightM);
  };
  return stations.reduce<StationRow | null>(
    (best, s) => (best === null || distance(s) < distance(best) ? s : best),
    null,
  );
}

/** What somebody chose for a place, else the nearest of those that are fit. */
export const stationFor = (
  { all, fit }: { readonly all: readonly StationRow[]; readonly fit: readonly StationRow[] },
  place: Parameters<typeof pickNearest>[1] & { readonly stationId?: string | null },
): StationRow | null => all.find((s) => s.id === place.stationId) ?? pickNearest(fit, place);
