import type { SeenSeason } from '../clocks/index.ts';
import { type SeasonPlace, usualOffsets } from '../stages/index.ts';

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
    const came = seasons.flatMap(({ bounds }) => bounds[stage]!.by ?? []);
    const open = seasons.filter(({ bounds }) => bounds[stage]!.by === null && bounds[stage]!.after !== null);
    // Nearly always too few to say anything: when it usually comes need not be reckoned for that.
    if (open.length < LEAST_SEASONS) return { came: came.length, inVain: 0 };
    const latest = Math.max(...came, -Infinity) + LOOKED_BEYOND_LATEST_DAYS;
    const isBeyond = ({ season, bounds }: SeenSeason): boolean =>
      bounds[stage]!.after! > Math.max(latest, usualOffsets(place, season)[stage]! + LOOKED_BEYOND_USUAL_DAYS);
    const inVain = open.filter(isBeyond).length;
    return { came: came.length, inVain: inVain < LEAST_SEASONS ? 0 : inVain };
  });
}

/**
 * How likely each stage does not come at all in a season of a stand: the posterior mean of a share, the profile's word counting as
 * seasons in which it came. @returns by stage, 0 to 1; 0 until two seasons in which it was looked for in vain
 */
export const neverComes = (place: SeasonPlace, seasons: readonly SeenSeason[]): readonly number[] =>
  lookedFor(place, seasons).map(({ came, inVain }) => inVain / (came + inVain + PROFILE_WORTH));
