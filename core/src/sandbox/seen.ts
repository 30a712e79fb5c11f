// What somebody finds who counts: as the three ways of counting err.
import { completeCount, countByEye, estimateFromQuadrats, EYE_CLASSES, type CountEstimate } from '../counting/index.ts';
import { chanceOf } from '../random/index.ts';
import { seedOf } from '../truth/index.ts';

export const COUNTED_BY = ['eye', 'squares', 'all'] as const;
export type CountedBy = (typeof COUNTED_BY)[number];

/** How far off a guess by eye is, and how unlike squares are, on the log scale; of those that are there so many are seen. Estimates. */
const [EYE_SD, CLUMPED_SD, SEEN] = [0.3, 0.6, 0.97];
const [SQUARES, SQUARE_M2, STAND_M2] = [20, 2, 250];

/** @param plants that truly stand there, whole. @param key the same finds the same. */
export function countBy(how: CountedBy, plants: number, key: string): CountEstimate {
  const chance = chanceOf(seedOf('sandbox-count', how, key));
  if (how === 'eye') return byEye(plants * Math.exp(EYE_SD * chance.normal()));
  if (how === 'all') return completeCount(plants - rarely(plants, 1 - SEEN, chance.uniform));
  const mean = (plants * SQUARE_M2) / STAND_M2;
  const counts = Array.from({ length: SQUARES }, () =>
    drawn(mean * Math.exp(CLUMPED_SD * chance.normal() - CLUMPED_SD ** 2 / 2), chance.uniform),
  );
  const { value, low, high } = estimateFromQuadrats(counts, SQUARE_M2, STAND_M2);
  return { value, low, high };
}

function byEye(seems: number): CountEstimate {
  const off = (of: CountEstimate): number => Math.abs(Math.log(of.value / Math.max(1, seems)));
  return EYE_CLASSES.map(countByEye).reduce((best, one) => (off(one) < off(best) ? one : best));
}

/** So many of n, each with a small chance. */
const rarely = (n: number, p: number, uniform: () => number): number =>
  Array.from({ length: n }, uniform).filter((u) => u < p).length;

/** A number that comes by itself (Poisson; Knuth, D. E. 1969, by products of shares). @param mean small */
function drawn(mean: number, uniform: () => number): number {
  const least = Math.exp(-mean);
  let k = 0;
  for (let product = uniform(); product > least; product *= uniform()) k++;
  return k;
}
