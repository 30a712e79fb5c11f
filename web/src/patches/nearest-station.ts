import { nearestTo } from '@emberfield/core/measure';
import { centreOf, type PatchGeometry, type StationView } from '@emberfield/contract';

/** The station nearest to a place of those that dates are reckoned from; `null` without one. */
export function nearestStation<S extends Pick<StationView, 'latitudeDeg' | 'longitudeDeg' | 'reckonedFrom'>>(
  stations: readonly S[],
  geometry: PatchGeometry | null,
): S | null {
  if (geometry === null) return null;
  return nearestTo(
    centreOf(geometry),
    stations.filter((s) => s.reckonedFrom),
  );
}

/** From this difference on a height is asked about: it moves dates by days. */
const ASKED_FROM_M = 100;
export const asksAboutHeight = (heightM: number, station: Pick<StationView, 'heightM'>): boolean =>
  Math.abs(heightM - station.heightM) >= ASKED_FROM_M;
