import { Z90 } from '../measure/index.ts';
import type { CountEstimate } from './census.ts';

/**
 * Counts of one stand by different ways, weighed by their precision on the log scale; each interval is taken for nine of ten. What was counted plant by plant
 * is there: the low end is not below any of `least`.
 * @param counts at least one, each with a value above 0.
 * @param least complete counts among them: so many plants stand for certain.
 * Source: the usual weighing by inverse variance; Cochran, W. G. (1937), Problems arising in the analysis of a series of similar experiments.
 * @example combineCounts([{ value: 100, low: 50, high: 200 }, { value: 100, low: 50, high: 200 }], []).low // 61
 */
export function combineCounts(counts: readonly CountEstimate[], least: readonly number[]): CountEstimate {
  const [first] = counts;
  if (!first || counts.some((c) => !(c.value > 0)))
    throw new RangeError('counts to be weighed hold at least one plant');
  if (counts.length === 1) return first;
  const words = counts.map((c) => {
    const sd = (Math.log(c.high) - Math.log(Math.max(c.low, c.value / 50))) / (2 * Z90);
    return { log: Math.log(c.value), weight: 1 / Math.max(sd, LEAST_SD) ** 2 };
  });
  const weight = words.reduce((sum, w) => sum + w.weight, 0);
  const log = words.reduce((sum, w) => sum + w.weight * w.log, 0) / weight;
  const half = Z90 / Math.sqrt(weight);
  const floor = Math.max(0, ...least);
  const value = Math.max(floor, Math.round(Math.exp(log)));
  return {
    value,
    low: Math.max(floor, Math.floor(Math.exp(log - half))),
    high: Math.max(value, Math.ceil(Math.exp(log + half))),
  };
}
/** Nothing is known better than to one in a hundred. */
const LEAST_SD = 0.01;
