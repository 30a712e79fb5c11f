// Counts that lie in heaps: how unlike each other they are, and what follows for the number of plants.
import jStat from 'jstat';

/**
 * Whether counts are more unlike each other than plants spread by chance would make them: the index of dispersion (n − 1) s² / m against the chi-square
 * distribution of n − 1 degrees of freedom, at 5 in a hundred.
 * Source: Krebs, C. J. (1999), Ecological Methodology, 2nd ed., section 4.3.
 */
export function isClumped(counts: readonly number[]): boolean {
  const { mean, variance } = momentsOf(counts);
  const free = counts.length - 1;
  return mean > 0 && free >= 1 && (free * variance) / mean > jStat.chisquare.inv(0.95, free);
}

export function momentsOf(counts: readonly number[]): { readonly mean: number; readonly variance: number } {
  const mean = counts.reduce((a, b) => a + b, 0) / counts.length;
  return { mean, variance: counts.reduce((a, c) => a + (c - mean) ** 2, 0) / (counts.length - 1) };
}

/** Mean of the counts and k, the smaller the more clumped; `Infinity` where they are not clumped at all. */
export interface NegativeBinomial {
  readonly mean: number;
  readonly k: number;
}

const LEAST_K = 1e-3;
const MOST_K = 1e4;
/** Of golden section: 16 on the log scale to a thousandth. */
const STEPS = 20;

/**
 * Negative binomial by maximum likelihood: the mean is that of the counts, k is found on its own.
 * Source: Bliss, C. I. and Fisher, R. A. (1953), Fitting the negative binomial distribution to biological data, Biometrics 9.
 */
export function fitNegativeBinomial(counts: readonly number[]): NegativeBinomial {
  const { mean } = momentsOf(counts);
  return { mean, k: mean === 0 ? Infinity : likeliestK(counts, mean) };
}

/** The k under which counts with a given mean are likeliest, by golden section on the log scale. */
function likeliestK(counts: readonly number[], mean: number): number {
  const like = (log: number): number => logLikelihood(counts, { mean, k: Math.exp(log) });
  const golden = (Math.sqrt(5) - 1) / 2;
  let [low, high] = [Math.log(LEAST_K), Math.log(MOST_K)];
  for (let i = 0; i < STEPS; i++) {
    const [a, b] = [high - golden * (high - low), low + golden * (high - low)];
    if (like(a) < like(b)) low = a;
    else high = b;
  }
  return Math.exp((low + high) / 2);
}

function logLikelihood(counts: readonly number[], { mean, k }: NegativeBinomial): number {
  const p = mean / (mean + k);
  return counts.reduce(
    (sum, c) =>
      sum +
      jStat.gammaln(c + k) -
      jStat.gammaln(k) -
      jStat.gammaln(c + 1) +
      k * Math.log(1 - p) +
      (c > 0 ? c * Math.log(p) : 0),
    0,
  );
}

/**
 * Bounds of the mean of clumped counts, 90 %: m · exp(± t √((1/m + 1/k) / n)), the variance m + m²/k of a negative binomial carried on the log scale, so that the
 * longer arm points up; t for k being estimated too.
 * @throws RangeError where no plant was counted.
 * Source: Anscombe, F. J. (1950), Sampling theory of the negative binomial and logarithmic series distributions, Biometrika 37: mean and k are estimated
 * independently of each other.
 */
export function boundsOfMean(counts: readonly number[]): { readonly low: number; readonly high: number } {
  const { mean, k } = fitNegativeBinomial(counts);
  if (mean === 0) throw new RangeError('nothing was counted');
  const n = counts.length;
  const half = jStat.studentt.inv(0.95, n - 1) * Math.sqrt((1 / mean + 1 / k) / n);
  return { low: mean * Math.exp(-half), high: mean * Math.exp(half) };
}
