import jStat from 'jstat';
import { boundsOfMean, isClumped, momentsOf } from './clumped.ts';

/** A count with its 90 % interval. Whole plants (or stems, clumps: whatever the stand is counted in). */
export interface CountEstimate {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}

/**
 * A complete count. Every plant counted is there, so the low end is the count itself; some are overlooked, so the
 * high end allows for 5 % (an estimate) more.
 * @throws RangeError for a count that is not a whole number from 0 up.
 * @example completeCount(41) // { value: 41, low: 41, high: 44 }
 */
export function completeCount(plants: number): CountEstimate {
  assertCount(plants);
  return { value: plants, low: plants, high: Math.ceil(plants * (1 + OVERLOOKED_SHARE)) };
}

const OVERLOOKED_SHARE = 0.05;

/** How the interval was found: Student's t, or a negative binomial where plants stand in heaps. */
export type CountFit = 't' | 'negativeBinomial';

export interface QuadratEstimate extends CountEstimate {
  readonly fit: CountFit;
  /** More quadrats that would bring the interval to ±20 % of the estimate; 0 when it is there already, `null` when no plant was found in any. */
  readonly moreQuadrats: number | null;
}

/**
 * Number of plants of a stand from counts in quadrats laid at random: mean density times area, with a 90 % interval
 * by Student's t and the finite-population correction 1 − n·a/A; where few quadrats are more unlike than chance would make them, by the spread of a
 * negative binomial, whose longer arm points up. The low end is never below what was counted.
 * @param counts plants in each quadrat, at least two of them.
 * @param quadratAreaM2 area of one quadrat, m². @param standAreaM2 area of the stand, m², at least that of all quadrats.
 * @throws RangeError for fewer than two quadrats, counts that are not whole, or areas that do not fit.
 * Source: Krebs, C. J. (1999), Ecological Methodology, 2nd ed., on simple random sampling.
 * @example estimateFromQuadrats([4, 6, 5, 7, 3], 1, 200).value // 1000
 */
export function estimateFromQuadrats(
  counts: readonly number[],
  quadratAreaM2: number,
  standAreaM2: number,
): QuadratEstimate {
  if (counts.length < 2) throw new RangeError('at least two quadrats are needed for an interval');
  counts.forEach(assertCount);
  const n = counts.length;
  if (!(quadratAreaM2 > 0) || !(standAreaM2 >= n * quadratAreaM2))
    throw new RangeError('the quadrats do not fit the stand');
  const sum = counts.reduce((a, b) => a + b, 0);
  const { mean, variance } = momentsOf(counts);
  const possible = standAreaM2 / quadratAreaM2;
  const total = mean * possible;
  const fit: CountFit = n < MANY && isClumped(counts) ? 'negativeBinomial' : 't';
  // The whole of it would be known if the quadrats covered the stand.
  const narrowed = Math.sqrt(1 - n / possible);
  const halfWidth = jStat.studentt.inv(0.95, n - 1) * Math.sqrt(variance / n) * narrowed;
  const bounds = fit === 't' ? null : boundsOfMean(counts);
  const [below, above] = bounds
    ? [(mean - bounds.low) * narrowed, (bounds.high - mean) * narrowed]
    : [halfWidth, halfWidth];
  return {
    value: Math.round(total),
    low: Math.max(sum, Math.floor(total - below * possible)),
    high: Math.max(sum, Math.ceil(total + above * possible)),
    fit,
    moreQuadrats: mean === 0 ? null : quadratsNeeded(n, Math.max(below, above) / mean, possible) - n,
  };
}

/** From so many quadrats on the mean is near enough to normal, however they differ (central limit). */
const MANY = 30;

/**
 * Number of plants from counts along belts of one width and any length, laid at random across the stand: the ratio estimator Σc / Σa · A, with a 90 %
 * interval by Student's t.
 * @param belts plants on each and its area, m²; at least two.
 * @throws RangeError for fewer than two belts, counts that are not whole, or areas that do not fit.
 * Source: Cochran, W. G. (1977), Sampling Techniques, 3rd ed., chapter 6.
 * @example estimateFromBelts([{ plants: 4, areaM2: 10 }, { plants: 6, areaM2: 15 }], 100).value // 40
 */
export function estimateFromBelts(
  belts: readonly { readonly plants: number; readonly areaM2: number }[],
  standAreaM2: number,
): CountEstimate {
  if (belts.length < 2) throw new RangeError('at least two belts are needed for an interval');
  belts.forEach((b) => assertCount(b.plants));
  const n = belts.length;
  const area = belts.reduce((sum, b) => sum + b.areaM2, 0);
  if (belts.some((b) => !(b.areaM2 > 0)) || !(standAreaM2 >= area - 1e-9))
    throw new RangeError('the belts do not fit the stand');
  const sum = belts.reduce((s, b) => s + b.plants, 0);
  const density = sum / area;
  const variance = belts.reduce((s, b) => s + (b.plants - density * b.areaM2) ** 2, 0) / (n - 1);
  const total = density * standAreaM2;
  const narrowed = Math.max(0, 1 - area / standAreaM2);
  const halfWidth = jStat.studentt.inv(0.95, n - 1) * (standAreaM2 / (area / n)) * Math.sqrt((variance / n) * narrowed);
  return {
    value: Math.round(total),
    low: Math.max(sum, Math.floor(total - halfWidth)),
    high: Math.max(sum, Math.ceil(total + halfWidth)),
  };
}

/**
 * Number of shoots (ramets) from all clumps of a stand and the shoots of some of them, picked at random: clumps are then as quadrats of which the stand has
 * so many.
 * @param clumps all there are; @param shoots of those that were counted, at least two.
 * @throws RangeError as `estimateFromQuadrats`
 * @example estimateFromClumps(10, [4, 6]).value // 50
 */
export const estimateFromClumps = (clumps: number, shoots: readonly number[]): QuadratEstimate =>
  estimateFromQuadrats(shoots, 1, clumps);

/** Half of the interval, as a share of the estimate, that is good enough to go by. */
const GOOD_ENOUGH = 0.2;

/**
 * The fewest quadrats whose interval is within ±20 % of the estimate if they vary as those that were counted: its longer arm falls
 * with every quadrat more as t · √(1/n − 1/N) does, from what it is now, and is 0 once they cover the stand.
 * @param counted quadrats so far, two or more @param arm the longer arm of their interval, as a share of the estimate
 * @returns at least those counted
 */
function quadratsNeeded(counted: number, arm: number, possible: number): number {
  if (arm <= GOOD_ENOUGH) return counted;
  const all = Math.ceil(possible);
  const width = (n: number): number => jStat.studentt.inv(0.95, n - 1) * Math.sqrt(Math.max(0, 1 / n - 1 / possible));
  const now = width(counted);
  const isEnough = (n: number): boolean => arm * width(n) <= GOOD_ENOUGH * now;
  let [few, enough] = [counted, counted + 1];
  while (enough < all && !isEnough(enough)) [few, enough] = [enough, Math.min(all, 2 * enough)];
  while (enough - few > 1) {
    const n = (few + enough) >> 1;
    if (isEnough(n)) enough = n;
    else few = n;
  }
  return enough;
}

/** What people say when they count by eye. */
export const EYE_CLASSES = ['few', 'dozens', 'hundreds', 'carpet'] as const;
export type EyeClass = (typeof EYE_CLASSES)[number];

/** 90 % ranges of the eye classes (estimates); the value is their geometric mean, as for a log-normal spread. */
const EYE_RANGES: Readonly<Record<EyeClass, readonly [number, number]>> = {
  few: [3, 12],
  dozens: [20, 110],
  hundreds: [120, 900],
  carpet: [800, 12_000],
};

/** A count by eye. @example countByEye('dozens') // { value: 47, low: 20, high: 110 } */
export function countByEye(eyeClass: EyeClass): CountEstimate {
  const [low, high] = EYE_RANGES[eyeClass];
  return { value: Math.round(Math.sqrt(low * high)), low, high };
}

function assertCount(plants: number): void {
  if (!Number.isInteger(plants) || plants < 0) throw new RangeError('a count is a whole number from 0 up');
}
