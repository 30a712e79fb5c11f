// When the tide leaves a place free by daylight.
import { getTimes } from 'suncalc';
import { clockIn, dayIn, solarNoon, type DayNumber } from '../measure/index.ts';
import { lowWaterWithin, turnsWithin, within, type Span, type TideSource } from './tide.ts';

/** A place of which the tide is known. */
export interface KnownTide extends Spot {
  readonly name: string;
  readonly source: TideSource;
}

/** When on a day the water leaves a place free, by daylight: wall-clock times of the group's zone. */
export interface TideAtPlace {
  readonly name: string;
  readonly spans: readonly { readonly from: string; readonly to: string }[];
}

/** High or low water on a day: wall-clock time of the group's zone. */
export interface TurnView {
  readonly clock: string;
  readonly levelM: number;
  readonly high: boolean;
}

interface Spot {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
}
/** The tide that holds at a place; `null` where none is known near enough. */
export function nearestTide<T extends Spot>(tides: readonly T[], spot: Spot): T | null {
  const away = (t: Spot): number =>
    Math.hypot(
      t.latitudeDeg - spot.latitudeDeg,
      (t.longitudeDeg - spot.longitudeDeg) * Math.cos((spot.latitudeDeg * Math.PI) / 180),
    );
  const [nearest] = tides.filter((t) => away(t) <= FARTHEST_DEG).sort((a, b) => away(a) - away(b));
  return nearest ?? null;
}
/** Some 55 km: beyond, the tide is another one. */
const FARTHEST_DEG = 0.5;

/** A place that the tide covers: it is reached while the water stands at `levelM` or below. */
export interface Shore extends Spot {
  readonly tide: KnownTide;
  readonly levelM: number;
  readonly zone: string;
}

/** It takes a while to go out and come back. */
const LEAST_MS = 30 * 60_000;
/** Days of a shore that were asked for, as long as somebody holds the shore: each asks for a month of them. */
const asked = new WeakMap<Shore, Map<DayNumber, readonly Span[] | null>>();

/** When on a day the water leaves the place free by daylight; `null` where the table does not reach. */
export function freeOn(shore: Shore, day: DayNumber): readonly Span[] | null {
  let days = asked.get(shore);
  if (!days) asked.set(shore, (days = new Map<DayNumber, readonly Span[] | null>()));
  let spans = days.get(day);
  if (spans === undefined) days.set(day, (spans = reckonFree(shore, day)));
  return spans;
}

function reckonFree({ tide, levelM, zone, ...spot }: Shore, day: DayNumber): readonly Span[] | null {
  const low = lowWaterWithin(tide.source, levelM, dayIn(zone, day));
  const light = daylight(spot, day);
  return low && (light ? within(low, light, LEAST_MS) : []);
}

function daylight({ latitudeDeg, longitudeDeg }: Spot, day: DayNumber): Span | null {
  const { sunrise, sunset } = getTimes(new Date(solarNoon(day, longitudeDeg)), latitudeDeg, longitudeDeg);
  const [from, to] = [sunrise?.getTime() ?? NaN, sunset?.getTime() ?? NaN];
  return Number.isNaN(from) || Number.isNaN(to) ? null : { from, to };
}

/** A lunar month has every tide that there is. */
const FARTHEST_DAYS = 30;
/** The next day after one on which the place is left free; `null` for none within a month. */
export function nextFree(shore: Shore, day: DayNumber): DayNumber | null {
  for (let d = day + 1; d <= day + FARTHEST_DAYS; d++) if ((freeOn(shore, d)?.length ?? 0) > 0) return d;
  return null;
}

/** The same in wall-clock times. */
export function viewFree(shore: Shore, day: DayNumber): TideAtPlace | null {
  const spans = freeOn(shore, day);
  const clock = (at: number): string => clockIn(shore.zone, at);
  return spans && { name: shore.tide.name, spans: spans.map((s) => ({ from: clock(s.from), to: clock(s.to) })) };
}

/** High and low waters of a day. */
export function turnsOn(tide: Pick<KnownTide, 'source'>, day: DayNumber, zone: string): readonly TurnView[] | null {
  const turns = turnsWithin(tide.source, dayIn(zone, day));
  return (
    turns &&
    turns.map(({ at, levelM, high }) => ({ clock: clockIn(zone, at), levelM: Math.round(levelM * 10) / 10, high }))
  );
}
