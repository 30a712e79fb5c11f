import type { DayNumber } from '../measure/index.ts';
import type { StageBounds, StageSighting } from './stage-sighting.ts';
import { halfWithin, USUAL_SPREAD_DAYS } from './stand-spread.ts';

/** Scale of the error of a sighting's day (logistic), and the share of sightings that are plain mistakes. Estimates. */
const SIGHTING_SCALE_DAYS = 1.5;
const MISTAKE_SHARE = 0.02;

/**
 * Bounds of every stage, in days of the season, from the sightings of that season. A stage seen reached bounds the
 * stages before it; one seen not yet reached bounds those after it. Where the two contradict each other for a stage,
 * "reached" holds and the other is dropped, as an eye more often overlooks a stage than invents it.
 * @param spreadDays standard deviation of the days on which the plants of the stand reach a stage, for sightings with shares
 */
export function boundsOf(
  stages: readonly string[],
  sightings: readonly StageSighting[],
  firstDay: DayNumber,
  spreadDays = USUAL_SPREAD_DAYS,
): readonly StageBounds[] {
  const after: (number | null)[] = stages.map(() => null);
  const by: (number | null)[] = stages.map(() => null);
  for (const sighting of sightings) {
    const at = stages.indexOf(sighting.stage);
    if (at < 0) continue;
    const { after: early, by: late } = halfWithin(sighting, spreadDays);
    if (late !== null) for (let s = at; s >= 0; s--) by[s] = Math.min(by[s] ?? Infinity, late - firstDay);
    if (early !== null)
      for (let s = at; s < stages.length; s++) after[s] = Math.max(after[s] ?? -Infinity, early - firstDay);
  }
  return stages.map((_, s) => {
    const late = by[s] ?? null;
    const early = after[s] ?? null;
    return { by: late, after: early !== null && late !== null && early >= late ? null : early };
  });
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
