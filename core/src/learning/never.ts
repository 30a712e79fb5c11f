import type { SeenSeason } from '../clocks/index.ts';
import type { SeasonPlace } from '../stages/index.ts';
import { usualOffsets } from '../stages/index.ts';

/** A stage that was looked for so long after its usual day, or after the latest on which it ever came here, and was not there. */
const LOOKED_BEYOND_USUAL_DAYS = 60;
const LOOKED_BEYOND_LATEST_DAYS = 21;
/** One season without it is a chance, or nobody looked well: from the second on it says something (an estimate). */
const LEAST_SEASONS = 2;
/** That a plant does what its profile says is worth so many seasons beforehand (an estimate). */
const PROFILE_WORTH = 2;

/** Seasons in which a stage of a stand came, and those in which somebody looked for it long after its time and found nothing. */
export interface LookedFor {
  readonly came: number;
  readonly inVain: number;
}

/** What was looked for, by stage: trees that do not bear, fungi that stay away, a stage that this kind does not reach here. */
export function lookedFor(place: SeasonPlace, seasons: readonly SeenSeason[]): readonly LookedFor[] {
  return place.stages.map((_, stage) => {
    const days = seasons.flatMap(({ bounds }) => bounds[stage]!.by ?? []);
    const latest = days.length > 0 ? Math.max(...days) + LOOKED_BEYOND_LATEST_DAYS : -Infinity;
    const inVain = seasons.filter(({ season, bounds }) => {
      const { after, by } = bounds[stage]!;
      if (by !== null || after === null) return false;
      return after > Math.max(latest, usualOffsets(place, season)[stage]! + LOOKED_BEYOND_USUAL_DAYS);
    }).length;
    return { came: days.length, inVain: inVain < LEAST_SEASONS ? 0 : inVain };
  });
}

/**
 * How likely each stage does not come at all in a season of a stand: the posterior mean of a share, the profile's word counting as
 * seasons in which it came. @returns by stage, 0 to 1; 0 until two seasons in which it was looked for in vain
 */
export const neverComes = (place: SeasonPlace, seasons: readonly SeenSeason[]): readonly number[] =>
  lookedFor(place, seasons).map(({ came, inVain }) => inVain / (came + inVain + PROFILE_WORTH));
