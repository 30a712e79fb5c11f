import jStat from 'jstat';
import type { DayNumber } from '../measure/index.ts';
import type { StageBounds, StageSighting } from './stage-sighting.ts';

/** Standard deviation of the days on which the plants of one stand reach a stage: the sunny and the shaded end. An estimate. */
export const USUAL_SPREAD_DAYS = 4;
/** By so much the logarithm of that differs between stands, and by so much two shares seen tell it wrong (estimates). */
const SPREAD_LOG_SD = 0.5;
const SEEN_LOG_SD = 0.5;
/** An eye puts a share down as so much more or less than it is, and "none" and "all" leave so much room (estimates). */
const EYE_SHARE = 0.15;
const LEAST_SHARE = 0.03;

const quantile = (share: number): number =>
  jStat.normal.inv(Math.min(1 - LEAST_SHARE, Math.max(LEAST_SHARE, share)), 0, 1);

/**
 * Between which days half of the stand reaches a stage, from one sighting. Days on which single plants do are taken as normal:
 * a share p seen on day d puts the half at d − σ·z(p), and the eye's error in p gives both ends. "Reached" and "not yet" without
 * a share bound it on one side, by the day itself; so does "all of it", from which on nothing more is said of how long ago.
 * @param spreadDays σ, days, above 0
 * @example halfWithin({ stage: 'flower', day: 100, reached: true, share: 0.5 }, 4) // { after: 98, by: 102 }
 */
export function halfWithin({ day, reached, share }: StageSighting, spreadDays: number): StageBounds {
  if (!reached || share === 0) return { after: day, by: null };
  if (share === undefined || share === null) return { after: null, by: day };
  const by = Math.round(day - spreadDays * quantile(share - EYE_SHARE));
  if (share >= 1) return { after: null, by };
  return { by, after: Math.min(by - 1, Math.round(day - spreadDays * quantile(share + EYE_SHARE))) };
}

/**
 * Spread of a stand from sightings that tell shares of one stage twice in a season, drawn towards the usual one: two shares p
 * and q seen n days apart say σ = n / (z(q) − z(p)); logarithms are taken as normal.
 * @returns days, above 0; the usual spread without such sightings
 */
export function spreadWithin(sightings: readonly StageSighting[]): number {
  let precision = 1 / SPREAD_LOG_SD ** 2;
  let sum = Math.log(USUAL_SPREAD_DAYS) * precision;
  const last = new Map<string, StageSighting & { readonly share: number }>();
  for (const seen of [...sightings].sort((a, b) => a.day - b.day)) {
    const { share } = seen;
    if (!seen.reached || share === undefined || share === null || share <= 0 || share >= 1) continue;
    const before = last.get(seen.stage);
    last.set(seen.stage, { ...seen, share });
    if (!before || !sameSpell(before.day, seen.day) || share <= before.share) continue;
    const told = (seen.day - before.day) / (quantile(share) - quantile(before.share));
    if (!(told > 0)) continue;
    const own = 1 / SEEN_LOG_SD ** 2;
    precision += own;
    sum += Math.log(told) * own;
  }
  return Math.exp(sum / precision);
}

/** Two sightings of one season's coming: further apart they are of different seasons. */
const LONGEST_SPELL_DAYS = 60;
const sameSpell = (one: DayNumber, other: DayNumber): boolean => other - one <= LONGEST_SPELL_DAYS;
