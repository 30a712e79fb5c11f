import { getTimes } from 'suncalc';
import type { TideAtPlace, TurnView } from '@emberfield/contract';
import type { DayNumber } from '@emberfield/core/measure';
import { lowWaterWithin, turnsWithin, within, type Span } from '@emberfield/core/tide';
import { Kept } from '../../platform/kept.ts';
import { clockIn, dayIn, solarNoon } from '../../platform/zoned.ts';
import type { TideRow } from '../repository.ts';

interface Spot {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
}
/** The tide that holds at a place; `null` where none is known near enough. */
export function nearestTide(tides: readonly TideRow[], spot: Spot): TideRow | null {
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
  readonly tide: TideRow;
  readonly levelM: number;
  readonly zone: string;
}

/** It takes a while to go out and come back. */
const LEAST_MS = 30 * 60_000;
const MOST_KEPT = 20_000;
const kept = new Kept<{ readonly spans: readonly Span[] | null }>(MOST_KEPT);

/** When on a day the water leaves the place free by daylight; `null` where the table does not reach. */
export function freeOn({ tide, levelM, zone, ...spot }: Shore, day: DayNumber): readonly Span[] | null {
  const key = [tide.id, levelM, zone, spot.latitudeDeg, spot.longitudeDeg, day].join(':');
  return kept.get(key, () => {
    const low = lowWaterWithin(tide.source, levelM, dayIn(zone, day));
    const light = daylight(spot, day);
    return { spans: low && (light ? within(low, light, LEAST_MS) : []) };
  }).spans;
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
export function turnsOn(tide: TideRow, day: DayNumber, zone: string): readonly TurnView[] | null {
  const turns = turnsWithin(tide.source, dayIn(zone, day));
  return (
    turns &&
    turns.map(({ at, levelM, high }) => ({ clock: clockIn(zone, at), levelM: Math.round(levelM * 10) / 10, high }))
  );
}
