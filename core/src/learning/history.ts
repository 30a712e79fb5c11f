import { type DayNumber, seasonFirstDay, seasonOf } from '../measure/index.ts';
import { boundsOf, sightingSeasons, type StageSighting, spreadWithin, usualOffsets } from '../stages/index.ts';
import type { Censored } from './censored.ts';
import { stageClocks, type SeasonPlace } from './stage-clock.ts';

/** What was seen of one stage in one season, on that stage's clock. */
export interface SeasonSighting extends Censored {
  readonly stage: number;
  readonly season: number;
  /** Day on which the stage usually comes in that season. */
  readonly usually: DayNumber;
  /** The days that it was seen on: not yet come, and come. */
  readonly after: DayNumber | null;
  readonly by: DayNumber | null;
}

/** All that is learned from of one stand. */
export interface StandHistory {
  readonly standId: string;
  readonly plantKey: string;
  readonly stageKeys: readonly string[];
  /** Usual day of each stage, counted from the season's first day: what lies near each other is alike. */
  readonly usualDays: readonly number[];
  readonly seen: readonly SeasonSighting[];
}

/** The eye is so many days off when it says that a stage has come (a standard deviation; an estimate). */
const EYE_SD_DAYS = 1.3;
const LEAST_NOISE = 0.03;
const MOST_NOISE = 1.5;
/** Older seasons say little of how things are now, and cost as much. */
const MOST_SEASONS = 12;

/** A stand as far as learning goes: where it grows, what it is, and all that was seen of its stages. */
export interface SeenStand {
  readonly standId: string;
  readonly plantKey: string;
  readonly place: SeasonPlace;
  readonly sightings: readonly StageSighting[];
}

/**
 * The sightings of a stand put on the clocks of their seasons. Nothing after `until` is known, and no season after `season`.
 * What nothing can be learned from (a stage that has no clock, a season without weather) is left out.
 */
export function historyOf(
  { standId, plantKey, place, sightings }: SeenStand,
  { until, season: last = Infinity }: { readonly until: DayNumber; readonly season?: number },
): StandHistory {
  const { stages, seasonStart, site } = place;
  const seasonOfSighting = sightingSeasons(place);
  const bySeason = new Map<number, StageSighting[]>();
  for (const s of sightings) {
    const season = seasonOfSighting(s);
    if (s.day <= until && season <= last) bySeason.set(season, [...(bySeason.get(season) ?? []), s]);
  }
  const spreadDays = spreadWithin([...bySeason.values()].flat());
  const seasons = [...bySeason.keys()].sort((a, b) => b - a).slice(0, MOST_SEASONS);
  return {
    standId,
    plantKey,
    stageKeys: stages.map((s) => s.key),
    usualDays: usualOffsets(place, seasonOf(until, seasonStart, site.latitudeDeg)),
    seen: seasons.flatMap((season) => seenInSeason(place, season, bySeason.get(season)!, { until, spreadDays })),
  };
}

/** What one season's sightings say on its clocks. */
function seenInSeason(
  place: SeasonPlace,
  season: number,
  sightings: readonly StageSighting[],
  { until, spreadDays }: { readonly until: DayNumber; readonly spreadDays: number },
): readonly SeasonSighting[] {
  const firstDay = seasonFirstDay(season, place.seasonStart, place.site.latitudeDeg);
  const usualDays = usualOffsets(place, season);
  const bounds = boundsOf(
    place.stages.map((s) => s.key),
    sightings,
    firstDay,
    spreadDays,
  );
  const clocks = stageClocks(place, season, { until, bounds });
  return bounds.flatMap(({ after, by }, stage) => {
    const clock = clocks[stage];
    if (!clock || (after === null && by === null)) return [];
    const low = after === null ? -Infinity : clock.at(after);
    const high = by === null ? Infinity : clock.at(by);
    if (high === -Infinity || (low === -Infinity && high === Infinity)) return [];
    const usually = firstDay + usualDays[stage]!;
    const days = { after: after === null ? null : firstDay + after, by: by === null ? null : firstDay + by };
    return [
      { stage, season, usually, low: Math.min(low, high), high, noise: noiseAt(clock.at, by ?? after!), ...days },
    ];
  });
}

/** The eye's error of days on the clock: small where the clock runs slowly. */
function noiseAt(at: (day: number) => number, day: number): number {
  const [before, after] = [at(day - 2), at(day + 2)];
  const aDay = Number.isFinite(before) ? (after - before) / 4 : MOST_NOISE;
  return Math.min(MOST_NOISE, Math.max(LEAST_NOISE, EYE_SD_DAYS * aDay));
}
