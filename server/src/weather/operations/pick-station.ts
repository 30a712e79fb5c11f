import { wayBetween, type OnTheGround } from '@emberfield/core/measure';
import type { DaySummary, StationRow } from '../repository.ts';

/** A height difference weighs like so much way: 100 m up is as far as 10 km along. */
const WAY_PER_HEIGHT = 100;
/** A station needs a past year to continue this one by, and a bit for its gaps. */
const LEAST_DAYS = 380;

/** A point that weather is asked for. */
export interface Spot extends OnTheGround {
  readonly heightM: number;
}

/** Stations that dates can be reckoned from; all of them where none can: a thermometer hung up yesterday displaces no long record. */
export function fitStations(stations: readonly StationRow[], days: readonly DaySummary[]): readonly StationRow[] {
  const measured = new Map(days.filter((d) => !d.outlook).map((d) => [d.stationId, d.dayCount]));
  const fit = stations.filter((s) => (measured.get(s.id) ?? 0) >= LEAST_DAYS);
  return fit.length > 0 ? fit : stations;
}

export interface StationShare {
  readonly station: StationRow;
  /** Above 0; those of a spot add up to 1. */
  readonly share: number;
}

const MOST_STATIONS = 3;
/** A station no farther than this is as good as there. */
const AS_GOOD_AS_THERE_M = 1000;
/** Shares go by eighths: places near each other share one joined record instead of each having its own. */
const STEPS = 8;

/** Stations that tell of a spot, nearest first, by the inverse square of the way to them, height weighed in. */
export function sharesFor(stations: readonly StationRow[], spot: Spot): readonly StationShare[] {
  const near = stations
    .map((station) => ({ station, weight: (AS_GOOD_AS_THERE_M + wayTo(station, spot)) ** -2 }))
    .sort((a, b) => b.weight - a.weight)
    .slice(0, MOST_STATIONS);
  const total = near.reduce((sum, s) => sum + s.weight, 0);
  const stepped = near.map(({ station, weight }) => ({ station, steps: Math.round((STEPS * weight) / total) }));
  const told = stepped.filter((s) => s.steps > 0);
  const steps = told.reduce((sum, s) => sum + s.steps, 0);
  return told.map((s) => ({ station: s.station, share: s.steps / steps }));
}

/** What somebody chose for a place alone, else those that are fit by their shares. */
export function stationsFor(
  { all, fit }: { readonly all: readonly StationRow[]; readonly fit: readonly StationRow[] },
  spot: Spot & { readonly stationId?: string | null },
): readonly StationShare[] {
  const chosen = all.find((s) => s.id === spot.stationId);
  return chosen ? [{ station: chosen, share: 1 }] : sharesFor(fit, spot);
}

/** A thermometer so near hangs at the place itself. */
const AT_THE_PLACE_M = 300;
const AT_ITS_HEIGHT_M = 40;

/** Of stations too short to reckon from, the one that hangs at a spot. */
export function thermometerAt(
  { all, fit }: { readonly all: readonly StationRow[]; readonly fit: readonly StationRow[] },
  spot: Spot,
): StationRow | null {
  const [nearest] = all
    .filter((s) => !fit.includes(s) && Math.abs(s.heightM - spot.heightM) <= AT_ITS_HEIGHT_M)
    .map((station) => ({ station, way: wayBetween(station, spot) }))
    .filter((s) => s.way <= AT_THE_PLACE_M)
    .sort((a, b) => a.way - b.way);
  return nearest?.station ?? null;
}

const wayTo = (a: Spot, b: Spot): number => wayBetween(a, b) + WAY_PER_HEIGHT * Math.abs(a.heightM - b.heightM);
