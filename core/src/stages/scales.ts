import type { StageEffects } from './effects.ts';

/**
 * Shares of the variance that a profile's figure has: what is so for the kind everywhere round here, for this stand, for the
 * season everywhere round here, for the season at this stand, and for a stage on its own. They add up to 1 before anything is
 * learned, so that without sightings the profile stands as it is. Estimates, scaled by what the group has seen.
 */
export interface Scales {
  readonly kind: number;
  readonly stand: number;
  readonly season: number;
  readonly standSeason: number;
  readonly stage: number;
}
export const PRIOR_SCALES: Scales = { kind: 0.45, stand: 0.2, season: 0.12, standSeason: 0.08, stage: 0.15 };

/** Stages so many days apart share only 1/e of what they do not share with all (estimates). */
const STAND_REACH_DAYS = 60;
const SEASON_REACH_DAYS = 75;
/** Share of a stand's or kind's own way that all of its stages have in common, however far apart (an estimate). */
const COMMON_SHARE = 0.5;

/** Correlation of what is lasting at two stages so many days apart, 0.5 to 1. */
export const standLikeness = (daysApart: number): number =>
  COMMON_SHARE + (1 - COMMON_SHARE) * Math.exp(-Math.abs(daysApart) / STAND_REACH_DAYS);
/** Correlation of how early or late things are on two days, 0 to 1. */
export const seasonLikeness = (daysApart: number): number => Math.exp(-Math.abs(daysApart) / SEASON_REACH_DAYS);

/** The profile's spread alone: nothing has been learned. */
export function effectsOfProfile(usualDays: readonly number[]): StageEffects {
  const n = usualDays.length;
  const { kind, stand, season, standSeason, stage } = PRIOR_SCALES;
  const covariance = new Float64Array(n * n);
  for (let s = 0; s < n; s++)
    for (let t = 0; t < n; t++) {
      const apart = usualDays[s]! - usualDays[t]!;
      covariance[s * n + t] =
        (kind + stand) * standLikeness(apart) + (season + standSeason) * seasonLikeness(apart) + (s === t ? stage : 0);
    }
  return { mean: new Float64Array(n), covariance };
}
