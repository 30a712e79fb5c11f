import { seenSeasons, stageClocks, type SeenSeason, type SeenStand } from '../clocks/index.ts';
import { type DayNumber, seasonOf } from '../measure/index.ts';
import { type SeasonPlace, usualOffsets } from '../stages/index.ts';
import type { Censored } from './censored.ts';

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
  /** Usual day of each stage, counted from the season's first day: what lies near each other is alike. */
  readonly usualDays: readonly number[];
  readonly seen: readonly SeasonSighting[];
  /** By stage, by how much more than usual a season varies there; as usual where it is left out. */
  readonly spread?: readonly number[];
}

/** Stages of a stand that were seen to have come, season by season. */
export const cameBy = ({ seen }: Pick<StandHistory, 'seen'>): number => seen.filter((s) => s.by !== null).length;

/** The eye is so many days off when it says that a stage has come (a standard deviation; an estimate). */
const EYE_SD_DAYS = 1.3;
const LEAST_NOISE = 0.03;
const MOST_NOISE = 1.5;

/**
 * The sightings of a stand put on the clocks of their seasons. Nothing after `until` is known, and no season after `season`.
 * What nothing can be learned from (a stage that has no clock, a season without weather) is left out.
 */
export function historyOf(
  stand: SeenStand,
  known: { readonly until: DayNumber; readonly season?: number },
): StandHistory {
  const { standId, plantKey, place } = stand;
  const { until } = known;
  return {
    standId,
    plantKey,
    usualDays: usualOffsets(place, seasonOf(until, place.seasonStart, place.site.latitudeDeg)),
    seen: seenSeasons(stand, known).flatMap((season) => onClocks(place, season, until)),
  };
}

/** What one season's sightings say on its clocks. */
function onClocks(
  place: SeasonPlace,
  { season, firstDay, bounds }: SeenSeason,
  until: DayNumber,
): readonly SeasonSighting[] {
  const usualDays = usualOffsets(place, season);
  const clocks = stageClocks(place, season, { until, bounds });
  return bounds.flatMap(({ after, by }, stage) => {
    const clock = clocks[stage];
    if (!clock || (after === null && by === null)) return [];
    const high = by === null ? Infinity : clock.at(by);
    const from = after === null ? -Infinity : clock.at(after);
    // Nothing was gathered between the two: only the later one says anything.
    const low = from < high ? from : -Infinity;
    const usually = firstDay + usualDays[stage]!;
    const days = { after: after === null ? null : firstDay + after, by: by === null ? null : firstDay + by };
    return [{ stage, season, usually, low, high, noise: noiseAt(clock.at, by ?? after!), ...days }];
  });
}

/** The eye's error of days on the clock: small where the clock runs slowly. */
function noiseAt(at: (day: number) => number, day: number): number {
  const [before, after] = [at(day - 2), at(day + 2)];
  const aDay = Number.isFinite(before) ? (after - before) / 4 : MOST_NOISE;
  return Math.min(MOST_NOISE, Math.max(LEAST_NOISE, EYE_SD_DAYS * aDay));
}
