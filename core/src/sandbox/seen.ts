// What somebody finds who counts: as the three ways of counting err.
import { completeCount, countByEye, estimateFromQuadrats, EYE_CLASSES, type CountEstimate } from '../counting/index.ts';
import { binomialAt, poissonAt } from '../population/index.ts';
import { chanceOf } from '../random/index.ts';
import { seedOf } from '../truth/index.ts';

export type CountedBy = 'eye' | 'squares' | 'all';

/** How far off a guess by eye is, and how unlike squares are, on the log scale; of those that are there so many are seen. Estimates. */
const [EYE_SD, CLUMPED_SD, SEEN] = [0.3, 0.6, 0.97];
const [SQUARES, SQUARE_M2, STAND_M2] = [20, 2, 250];

/** @param plants that truly stand there, whole. @param key the same finds the same. */
export function countBy(how: CountedBy, plants: number, key: string): CountEstimate {
  const chance = chanceOf(seedOf('sandbox-count', how, key));
  if (how === 'eye') return byEye(plants * Math.exp(EYE_SD * chance.normal()));
  if (how === 'all') return completeCount(binomialAt(chance.uniform(), plants, SEEN));
  const mean = (plants * SQUARE_M2) / STAND_M2;
  const counts = Array.from({ length: SQUARES }, () =>
    poissonAt(chance.uniform(), mean * Math.exp(CLUMPED_SD * chance.normal() - CLUMPED_SD ** 2 / 2)),
  );
  const { value, low, high } = estimateFromQuadrats(counts, SQUARE_M2, STAND_M2);
  return { value, low, high };
}

function byEye(seems: number): CountEstimate {
  const off = (of: CountEstimate): number => Math.abs(Math.log(of.value / Math.max(1, seems)));
  return EYE_CLASSES.map(countByEye).reduce((best, one) => (off(one) < off(best) ? one : best));
}
