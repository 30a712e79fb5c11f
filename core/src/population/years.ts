import jStat from 'jstat';
import type { Rates, YearSpread } from './life-history.ts';

/**
 * Good and bad years, in classes that come equally often: the survival and the births of each. One is drawn a year, so that all of a stand
 * have the same year.
 */
export interface YearClasses {
  readonly count: number;
  /** By stage, by class, 0–1. */
  readonly survival: readonly Float64Array[];
  /** By birth, by class. */
  readonly births: readonly Float64Array[];
}

/** Classes of each of the two ways in which years differ; together the square of it. A power of two. */
const STEPS = 16;
const YEAR_CLASSES = STEPS * STEPS;
const MOST_NEWTON_STEPS = 60;

/** Means of equally likely parts of the standard normal distribution, in order, with their own spread made 1. */
const parts = ((): Float64Array => {
  const edges = Array.from({ length: STEPS + 1 }, (_, i) => jStat.normal.inv(i / STEPS, 0, 1));
  const density = (z: number): number => (Number.isFinite(z) ? Math.exp(-0.5 * z * z) / Math.sqrt(2 * Math.PI) : 0);
  const means = Float64Array.from({ length: STEPS }, (_, i) => STEPS * (density(edges[i]!) - density(edges[i + 1]!)));
  const spread = Math.sqrt(means.reduce((s, z) => s + z * z, 0) / STEPS);
  return means.map((z) => z / spread);
})();

/**
 * The classes of years of some rates. Survival varies on the logit scale and births on the log scale, with the correlation between them; over
 * all classes the mean of each is the rate itself, so that the mean stand grows by the matrix of the rates.
 * @throws RangeError for a spread below 0 or a correlation beyond −1 to 1.
 */
export function yearClassesOf(rates: Rates, { survival, births, correlation }: YearSpread): YearClasses {
  if (!(survival >= 0 && births >= 0 && Math.abs(correlation) <= 1))
    throw new RangeError('years differ by a spread from 0 up, correlated by −1 to 1');
  const own = Math.sqrt(1 - correlation ** 2);
  // Class c: the year's survival by its lower digit, its births by both.
  const good = Float64Array.from({ length: YEAR_CLASSES }, (_, c) => parts[c % STEPS]!);
  const fertile = Float64Array.from(
    { length: YEAR_CLASSES },
    (_, c) => correlation * parts[c % STEPS]! + own * parts[Math.floor(c / STEPS)]!,
  );
  return {
    count: YEAR_CLASSES,
    survival: rates.survival.map((mean) => aroundOnLogit(mean, good, survival)),
    births: rates.births.map(({ number }) => aroundOnLog(number, fertile, births)),
  };
}

function aroundOnLog(mean: number, z: Float64Array, spread: number): Float64Array {
  const raw = z.map((x) => Math.exp(spread * x));
  const average = raw.reduce((s, x) => s + x, 0) / raw.length;
  return raw.map((x) => (mean * x) / average);
}

/** Values whose logits are spread by z and whose mean is as asked; 0 and 1 stay what they are. */
function aroundOnLogit(mean: number, z: Float64Array, spread: number): Float64Array {
  if (mean === 0 || mean === 1 || spread === 0) return z.map(() => mean);
  let middle = Math.log(mean / (1 - mean));
  for (let i = 0; i < MOST_NEWTON_STEPS; i++) {
    let sum = 0;
    let slope = 0;
    for (const x of z) {
      const p = 1 / (1 + Math.exp(-(middle + spread * x)));
      sum += p;
      slope += p * (1 - p);
    }
    const miss = sum / z.length - mean;
    if (Math.abs(miss) < 1e-13) break;
    middle -= (miss * z.length) / slope;
  }
  return z.map((x) => 1 / (1 + Math.exp(-(middle + spread * x))));
}
