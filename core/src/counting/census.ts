import jStat from 'jstat';

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

export interface QuadratEstimate extends CountEstimate {
  /** Quadrats in all that would bring the interval to ±20 % of the estimate; `null` when none were found. */
  readonly quadratsForTwentyPercent: number | null;
}

/**
 * Number of plants of a stand from counts in quadrats laid at random: mean density times area, with a 90 % interval
 * by Student's t and the finite-population correction 1 − n·a/A. The low end is never below what was counted.
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
  const mean = sum / n;
  const variance = counts.reduce((a, c) => a + (c - mean) ** 2, 0) / (n - 1);
  const possible = standAreaM2 / quadratAreaM2;
  const correction = 1 - n / possible;
  const halfWidth = jStat.studentt.inv(0.95, n - 1) * Math.sqrt((variance / n) * correction) * possible;
  const total = mean * possible;
  return {
    value: Math.round(total),
    low: Math.max(sum, Math.floor(total - halfWidth)),
    high: Math.max(sum, Math.ceil(total + halfWidth)),
    quadratsForTwentyPercent: mean === 0 ? null : quadratsNeeded(Math.sqrt(variance) / mean, possible),
  };
}

/** Iterates n = (t · cv / 0.2)², corrected for the finite number of quadrats, until t and n agree. */
function quadratsNeeded(variation: number, possible: number): number {
  let n = 30;
  for (let i = 0; i < 20; i++) {
    const t = jStat.studentt.inv(0.95, Math.max(1, n - 1));
    const endless = ((t * variation) / 0.2) ** 2;
    const next = Math.max(2, Math.ceil(endless / (1 + endless / possible)));
    if (next === n) break;
    n = next;
  }
  return Math.min(n, Math.ceil(possible));
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
