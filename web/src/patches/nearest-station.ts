import { centreOf, type PatchGeometry, type StationView } from '@emberfield/contract';

const METRES_PER_DEGREE = 111_320;

/** The station nearest to a place that is still reckoned from; `null` without one. */
export function nearestStation<S extends Pick<StationView, 'latitudeDeg' | 'longitudeDeg' | 'retiredOn'>>(
  stations: readonly S[],
  geometry: PatchGeometry | null,
): S | null {
  if (geometry === null) return null;
  const { latitudeDeg, longitudeDeg } = centreOf(geometry);
  const way = (s: S): number =>
    Math.hypot(s.latitudeDeg - latitudeDeg, (s.longitudeDeg - longitudeDeg) * Math.cos((latitudeDeg * Math.PI) / 180)) *
    METRES_PER_DEGREE;
  return stations
    .filter((s) => s.retiredOn === null)
    .reduce<S | null>((best, s) => (best === null || way(s) < way(best) ? s : best), null);
}

/** From this difference on a height is asked about: it moves dates by days. */
const ASKED_FROM_M = 100;
export const asksAboutHeight = (heightM: number, station: Pick<StationView, 'heightM'>): boolean =>
  Math.abs(heightM - station.heightM) >= ASKED_FROM_M;
