import type { DayNumber } from '../measure/index.ts';
import type { StageBounds, StageSighting } from './stage-sighting.ts';
import { halfWithin, USUAL_SPREAD_DAYS } from './stand-spread.ts';

/** Scale of the error of a sighting's day (logistic), and the share of sightings that are plain mistakes. Estimates. */
const SIGHTING_SCALE_DAYS = 1.5;
const MISTAKE_SHARE = 0.02;

/** That a stage is seen that is not there is a graver mistake than that one is overlooked: so much more has to speak against it. */
const INVENTED = 1.25;

/**
 * Bounds of every stage, in days of the season, from the sightings of that season. A stage seen reached bounds the
 * stages before it; one seen not yet reached bounds those after it. Where the two contradict each other for a stage, those are
 * dropped that are fewest: one "reached" does not outweigh two later "not yet", but it does a single one, as an eye more often
 * overlooks a stage than invents it.
 * @param spreadDays standard deviation of the days on which the plants of the stand reach a stage, for sightings with shares
 */
export function boundsOf(
  stages: readonly string[],
  sightings: readonly StageSighting[],
  firstDay: DayNumber,
  spreadDays = USUAL_SPREAD_DAYS,
): readonly StageBounds[] {
  const seen: readonly { readonly early: number[]; readonly late: number[] }[] = stages.map(() => ({
    early: [],
    late: [],
  }));
  for (const sighting of sightings) {
    const at = stages.indexOf(sighting.stage);
    if (at < 0) continue;
    const { after: early, by: late } = halfWithin(sighting, spreadDays);
    if (late !== null) for (let s = at; s >= 0; s--) seen[s]!.late.push(late - firstDay);
    if (early !== null) for (let s = at; s < stages.length; s++) seen[s]!.early.push(early - firstDay);
  }
  return seen.map(({ early, late }) => agreed(early, late));
}

/** The bounds that contradict fewest: days by which a stage had come, and days on which it had not. */
function agreed(early: readonly number[], late: readonly number[]): StageBounds {
  const after = early.length > 0 ? Math.max(...early) : null;
  const by = late.length > 0 ? Math.min(...late) : null;
  if (after === null || by === null || after < by) return { after, by };
  let best = { cost: Infinity, day: by };
  // It came on one of the days on which it was seen to have come, or after all of them.
  for (const day of [...new Set(late), Infinity]) {
    const cost = INVENTED * late.filter((d) => d < day).length + early.filter((d) => d >= day).length;
    if (cost < best.cost || (cost === best.cost && day < best.day)) best = { cost, day };
  }
  const kept = early.filter((d) => d < best.day);
  return {
    after: kept.length > 0 ? Math.max(...kept) : null,
    by: Number.isFinite(best.day) ? best.day : null,
  };
}

/** How likely the bounds are if the stage was truly reached on `date`; between the share of mistakes and 1. */
export function sightingLikelihood(date: number, { after, by }: StageBounds): number {
  let likelihood = 1;
  if (by !== null) likelihood *= agreement(by + 0.5 - date);
  if (after !== null) likelihood *= agreement(date - after - 0.5);
  return likelihood;
}

function agreement(marginDays: number): number {
  return MISTAKE_SHARE / 2 + (1 - MISTAKE_SHARE) / (1 + Math.exp(-marginDays / SIGHTING_SCALE_DAYS));
}
