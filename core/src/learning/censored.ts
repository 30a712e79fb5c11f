import jStat from 'jstat';

/** Something was seen of one latent value: it lies above `low` and not above `high`, give or take `noise` (a standard deviation). */
export interface Censored {
  readonly low: number;
  readonly high: number;
  readonly noise: number;
}

/** Share of sightings that say nothing about the stage at all: another plant, another place, a slip of the pen. An estimate. */
const MISTAKE_SHARE = 0.02;

/**
 * A mistake could have fallen on any day: a narrow interval is hit by chance in proportion to its width over so many standard
 * deviations, a one-sided bound half of the time (estimates).
 */
const CHANCE_SPREAD = 8;
const MOST_BY_CHANCE = 0.5;

const LOG_ROOT_2PI = 0.5 * Math.log(2 * Math.PI);
const logDensity = (x: number): number => -0.5 * x * x - LOG_ROOT_2PI;
/** Beyond so many standard deviations a tail is reckoned by its continued fraction. */
const FAR_SD = 4;
const FRACTIONS = 60;

/**
 * Logarithm of the normal probability beyond x. Far out by the continued fraction of Mills' ratio, which no rounding bounds: what
 * lies forty standard deviations off is still told from what lies forty-one.
 * Source: Abramowitz & Stegun (1964), Handbook of Mathematical Functions, 26.2.14.
 */
export function logTail(x: number): number {
  if (x === Infinity) return -Infinity;
  if (x < FAR_SD) return Math.log(1 - jStat.normal.cdf(x, 0, 1));
  let ratio = x;
  for (let k = FRACTIONS; k >= 1; k--) ratio = x + k / ratio;
  return logDensity(x) - Math.log(ratio);
}

/** Room for one answer of `between`, which is asked for some thousand times a stand. */
const BETWEEN = { logMass: 0, shift: 0, bend: 0 };

/** What a standard normal value between two bounds is like: the logarithm of its probability, its mean, and its variance less 1 − shift². */
function between(a: number, b: number): Readonly<typeof BETWEEN> {
  // Taken on the right, where the tails keep their figures.
  const mirrored = a + b < 0;
  const low = mirrored ? -b : a;
  const high = mirrored ? -a : b;
  const near = logTail(low);
  const logMass = high === Infinity ? near : near + Math.log(-Math.expm1(logTail(high) - near));
  const atLow = low === -Infinity ? 0 : Math.exp(logDensity(low) - logMass);
  const atHigh = high === Infinity ? 0 : Math.exp(logDensity(high) - logMass);
  BETWEEN.logMass = logMass;
  BETWEEN.shift = mirrored ? atHigh - atLow : atLow - atHigh;
  BETWEEN.bend = (atLow === 0 ? 0 : low * atLow) - (atHigh === 0 ? 0 : high * atHigh);
  return BETWEEN;
}

export interface Moments {
  readonly mean: number;
  readonly variance: number;
  /** How likely the sighting was, mistakes left out; small where it does not agree with the rest. */
  readonly agreement: number;
}

/**
 * Mean and variance of a normal value after a censored sighting of it, in closed form: the moments of a doubly truncated
 * normal distribution, mixed with "a mistake, so nothing was learned". A sighting far from what is expected therefore loses
 * its say instead of dragging everything along (a heavy-tailed error).
 * @param mean, variance of the value before. @throws RangeError where the variance or the noise is not above 0, or low is above high.
 * Source: Johnson, Kotz & Balakrishnan (1994), Continuous Univariate Distributions 1, §10.1 (truncated normal).
 */
export function momentsAfter(mean: number, variance: number, seen: Censored, mistakes = MISTAKE_SHARE): Moments {
  const { low, high, noise } = seen;
  if (!(variance > 0) || !(noise > 0) || low > high) throw new RangeError('no such sighting');
  const s = Math.sqrt(variance + noise * noise);
  const a = (low - mean) / s;
  const b = (high - mean) / s;
  const { logMass, shift, bend } = between(a, b);
  const agreement = Math.exp(logMass);
  const byMistake = mistakes * Math.min(MOST_BY_CHANCE, (high - low) / CHANCE_SPREAD);
  const asSeen = (1 - mistakes) * agreement;
  const believed = byMistake > 0 ? asSeen / (asSeen + byMistake) : 1;
  if (!(believed > 0) || !Number.isFinite(shift) || !Number.isFinite(bend)) return { mean, variance, agreement };
  const gain = variance / s;
  const inside = variance + gain * gain * (bend - shift * shift);
  const moved = gain * shift;
  const newMean = mean + believed * moved;
  const second = believed * (inside + moved * moved) + (1 - believed) * variance;
  return { mean: newMean, variance: Math.max(1e-12, second - (newMean - mean) ** 2), agreement };
}

/** What censored sightings say of jointly normal values; asked for any other value that hangs together with them. */
export interface Posterior {
  /** Mean of another value, from its own mean and its covariances with the values seen. */
  readonly mean: (own: number, covariances: ArrayLike<number>) => number;
  /** Covariance of two other values after the sightings, from that before and their covariances with the values seen. */
  readonly covariance: (before: number, one: ArrayLike<number>, other: ArrayLike<number>) => number;
  /** Of each sighting: how likely it is by all the others, 0 to 1. Near 0: it contradicts them. */
  readonly agreement: Float64Array;
  /** Pull of sighting i on a value, by unit of covariance, and what it takes from the variance, by unit of covariance squared. */
  readonly pull: Float64Array;
  readonly taken: (i: number) => number;
  /** The normal value that stands in for each sighting: precision, and precision times mean. */
  readonly standIns: StandIns;
}
export interface StandIns {
  readonly precision: Float64Array;
  readonly linear: Float64Array;
}

const MOST_SWEEPS = 40;
/**
 * In the first rounds nothing is taken for a mistake, until all have been heard: what stands alone far off then loses its say, but
 * several that agree with each other, if not with what was expected, are not each put down as one. Where any disagree, the share of
 * mistakes rises by steps: what is furthest off goes first, and no longer speaks against those that it had drawn away.
 */
const TRUSTING_SWEEPS = 2;
const MOST_TRUSTING_SWEEPS = 8;
const HEARD = 0.2;
const DISAGREES = 1e-3;
const RISING = [1e-40, 1e-12, 1e-6, 1e-3] as const;
const CLOSE_ENOUGH = 1e-3;
/** For what is told to others, and gone through once more with what they say. */
const NEAR_ENOUGH = 0.03;

type Until = 'heard' | 'near' | 'close';

/** How much is held to be a mistake, sweep by sweep. */
class Trust {
  private sweeps = 0;
  private steps: number[] = [];

  constructor(
    private readonly share: number,
    private trusting: boolean,
    private readonly until: Until,
  ) {}

  /** What changes less than this is left as it is. */
  get least(): number {
    return (this.until === 'close' ? CLOSE_ENOUGH : NEAR_ENOUGH) / 10;
  }

  /** Share of mistakes of the next sweep. */
  mistakes(): number {
    return this.trusting ? 0 : this.share * (this.steps.shift() ?? 1);
  }

  /** Whether another sweep would change nothing, after one that changed so much. */
  isSettled(change: number, agreement: Float64Array): boolean {
    this.sweeps++;
    if (!this.trusting) return this.steps.length === 0 && change < (this.until === 'near' ? NEAR_ENOUGH : CLOSE_ENOUGH);
    this.trusting = this.sweeps < TRUSTING_SWEEPS || (change > HEARD && this.sweeps < MOST_TRUSTING_SWEEPS);
    if (!this.trusting && agreement.some((a) => a < DISAGREES)) this.steps = [...RISING];
    return this.until === 'heard' && !this.trusting;
  }
}

/**
 * Expectation propagation for a normal prior and one censored sighting of each value. Each sighting is stood in for by a
 * normal one that gives the same mean and variance; they are gone through until nothing changes.
 * @param mean prior means, n. @param covariance prior covariances, n × n row by row, positive definite. @param seen n sightings.
 * @param start stand-ins of the same sightings under a prior near to this one: then little is left to do
 * @param until `heard`: stop once all have been; `near`: once little changes; `close`: once nothing does
 * @returns what is known afterwards. Cost: sweeps × n³.
 * Source: Minka, T. (2001), Expectation propagation for approximate Bayesian inference, UAI; in the form of Rasmussen &
 * Williams (2006), Gaussian Processes for Machine Learning, §3.6.
 */
export function afterSightings(
  mean: ArrayLike<number>,
  covariance: Float64Array,
  seen: readonly Censored[],
  {
    mistakes = MISTAKE_SHARE,
    start,
    until = 'close',
  }: { readonly mistakes?: number; readonly start?: StandIns; readonly until?: Until } = {},
): Posterior {
  const { length: n } = seen;
  const precision = start?.precision.slice() ?? new Float64Array(n);
  const linear = start?.linear.slice() ?? new Float64Array(n);
  const agreement = new Float64Array(n).fill(1);
  const now = { mean: Float64Array.from(mean), covariance: covariance.slice(), column: new Float64Array(n) };
  if (start) precision.forEach((p, i) => update(now, i, p, linear[i]!));
  const trust = new Trust(mistakes, !start, until);
  for (let sweep = 0; sweep < MOST_SWEEPS; sweep++) {
    let change = 0;
    const share = trust.mistakes();
    for (let i = 0; i < n; i++) {
      const v = now.covariance[i * n + i]!;
      const without = 1 / v - precision[i]!;
      if (!(without > 0)) continue;
      const cavityMean = (now.mean[i]! / v - linear[i]!) / without;
      const after = momentsAfter(cavityMean, 1 / without, seen[i]!, share);
      agreement[i] = after.agreement;
      const wanted = standInFor(after, seen[i]!.noise, { without, cavityMean });
      const step = wanted.precision - precision[i]!;
      const stepLinear = wanted.linear - linear[i]!;
      const size = Math.max(Math.abs(step) * v, Math.abs(stepLinear) * Math.sqrt(v));
      if (size < trust.least) continue;
      [precision[i], linear[i]] = [wanted.precision, wanted.linear];
      change = Math.max(change, size);
      update(now, i, step, stepLinear);
    }
    if (trust.isSettled(change, agreement)) break;
  }
  return posteriorOf(now, { precision, linear, agreement });
}

/**
 * The normal value that stands in for a sighting. One that is half believed can widen what is known; as a normal one it then says
 * nothing. None is surer than the eye's error allows: far out in the tails the moments themselves are not.
 */
function standInFor(
  after: Moments,
  noise: number,
  { without, cavityMean }: { readonly without: number; readonly cavityMean: number },
): { readonly precision: number; readonly linear: number } {
  const exact = 1 / after.variance - without;
  const precision = Math.min(1 / (noise * noise), Math.max(0, exact));
  if (precision === 0) return { precision, linear: 0 };
  return { precision, linear: (precision / exact) * (after.mean / after.variance - cavityMean * without) };
}

/** What the stand-ins say of the values seen, and of others. (K + T⁻¹)⁻¹ = T − TΣT and K⁻¹(μ − m) = ν − Tμ: no inverse is needed. */
function posteriorOf(
  now: Normal,
  { precision, linear, agreement }: Pick<Posterior, 'agreement'> & StandIns,
): Posterior {
  const n = precision.length;
  const weight = new Float64Array(n * n);
  for (let i = 0; i < n; i++)
    for (let k = 0; k <= i; k++)
      weight[i * n + k] = weight[k * n + i] =
        (i === k ? precision[i]! : 0) - precision[i]! * now.covariance[i * n + k]! * precision[k]!;
  const pull = linear.map((l, i) => l - precision[i]! * now.mean[i]!);
  return {
    agreement,
    pull,
    standIns: { precision, linear },
    taken: (i) => weight[i * n + i]!,
    mean: (own, c) => {
      let sum = own;
      for (let i = 0; i < n; i++) sum += c[i]! * pull[i]!;
      return sum;
    },
    covariance: (before, one, other) => {
      let sum = before;
      for (let i = 0; i < n; i++) {
        if (one[i] === 0) continue;
        let row = 0;
        for (let k = 0; k < n; k++) if (other[k] !== 0) row += weight[i * n + k]! * other[k]!;
        sum -= one[i]! * row;
      }
      return sum;
    },
  };
}

interface Normal {
  readonly mean: Float64Array;
  /** The lower half, row by row. */
  readonly covariance: Float64Array;
  /** Room for one column. */
  readonly column: Float64Array;
}

/**
 * One sighting's normal stand-in changes: mean and covariance follow (Sherman & Morrison). Only the lower half of the covariance is
 * kept up to date: this is where the time goes.
 */
function update({ mean, covariance, column }: Normal, i: number, step: number, stepLinear: number): void {
  const n = mean.length;
  for (let k = 0; k <= i; k++) column[k] = covariance[i * n + k]!;
  for (let k = i + 1; k < n; k++) column[k] = covariance[k * n + i]!;
  const v = column[i]!;
  const scale = step / (1 + step * v);
  const toMean = stepLinear - scale * (mean[i]! + v * stepLinear);
  for (let k = 0; k < n; k++) {
    mean[k]! += column[k]! * toMean;
    const by = scale * column[k]!;
    const row = k * n;
    for (let l = 0; l <= k; l++) covariance[row + l]! -= by * column[l]!;
  }
}
