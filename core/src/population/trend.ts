import { inverse, Matrix } from 'ml-matrix';
import { Z90 } from '../measure/index.ts';

/** A count of a stand: when, and how many with its 90 % interval. */
export interface CountAt {
  readonly years: number;
  readonly value: number;
  readonly low: number;
  readonly high: number;
}
/** Growth a year of the natural logarithm of a stand: 0.05 is five in a hundred more. */
export interface Growth {
  readonly meanLog: number;
  readonly sdLog: number;
}

/** No count is surer than this, on the log scale: two people count alike no better (an estimate). */
const LEAST_COUNT_SD = 0.03;
/** Spread of true growth between years that is tried, and how likely beforehand: a half-normal of 0.2 (an estimate). */
const SPREADS = [0.02, 0.05, 0.1, 0.15, 0.2, 0.3, 0.45];
const USUAL_SPREAD = 0.2;

/**
 * Mean growth of a stand from its counts: log numbers walk from year to year with a drift and a spread of the years, and are seen with the error of
 * each count (a linear Gaussian state-space model). Solved by generalised least squares, which for the drift is what the Kalman filter gives with
 * nothing known beforehand; averaged over spreads by their likelihood.
 * @param counts in any order; those of 0 are left out, since they have no logarithm.
 * @returns `null` for fewer than two counts of different times.
 * Source: Harvey, A. C. (1989), Forecasting, Structural Time Series Models and the Kalman Filter, on the local level with drift.
 * @example growthOf([{ years: 0, value: 3, low: 3, high: 3 }, { years: 5, value: 20, low: 20, high: 20 }])!.meanLog // 0.3794
 */
export function growthOf(counts: readonly CountAt[]): Growth | null {
  const used = counts.filter((c) => c.value > 0).sort((a, b) => a.years - b.years);
  const span = (used.at(-1)?.years ?? 0) - (used[0]?.years ?? 0);
  if (used.length < 2 || !(span > 0)) return null;
  const fits = SPREADS.map((spread) => fitWith(used, spread));
  const best = Math.max(...fits.map((f) => f.logLikelihood));
  const weights = fits.map(
    (f, i) => Math.exp(f.logLikelihood - best) * Math.exp(-0.5 * (SPREADS[i]! / USUAL_SPREAD) ** 2),
  );
  const total = weights.reduce((s, w) => s + w, 0);
  const mean = (read: (f: Fit) => number): number => fits.reduce((s, f, i) => s + (weights[i]! / total) * read(f), 0);
  const meanLog = mean((f) => f.drift);
  return { meanLog, sdLog: Math.sqrt(mean((f) => f.variance + (f.drift - meanLog) ** 2)) };
}

interface Fit {
  readonly drift: number;
  readonly variance: number;
  readonly logLikelihood: number;
}

function fitWith(counts: readonly CountAt[], spread: number): Fit {
  const from = counts[0]!.years;
  const t = counts.map((c) => c.years - from);
  const y = Matrix.columnVector(counts.map((c) => Math.log(c.value)));
  const design = new Matrix(t.map((x) => [1, x]));
  const covariance = new Matrix(
    t.map((a, i) => t.map((b, j) => spread ** 2 * Math.min(a, b) + (i === j ? countVariance(counts[i]!) : 0))),
  );
  const weight = inverse(covariance);
  const information = design.transpose().mmul(weight).mmul(design);
  const spreadOfFit = inverse(information);
  const fit = spreadOfFit.mmul(design.transpose()).mmul(weight).mmul(y);
  const left = Matrix.sub(y, design.mmul(fit));
  const misfit = left.transpose().mmul(weight).mmul(left).get(0, 0);
  return {
    drift: fit.get(1, 0),
    variance: spreadOfFit.get(1, 1),
    // Restricted likelihood: what the two fitted numbers cost is taken off.
    logLikelihood: -0.5 * (misfit + logDeterminant(covariance) + logDeterminant(information)),
  };
}

const countVariance = ({ value, low, high }: CountAt): number => {
  const sd = low > 0 && high > low ? Math.log(high / low) / (2 * Z90) : low < value ? 1 : 0;
  return Math.max(LEAST_COUNT_SD, sd) ** 2;
};

/** Log determinant of a positive definite matrix, by elimination. */
function logDeterminant(matrix: Matrix): number {
  const a = matrix.to2DArray();
  let log = 0;
  for (let k = 0; k < a.length; k++) {
    log += Math.log(a[k]![k]!);
    for (let i = k + 1; i < a.length; i++) {
      const factor = a[i]![k]! / a[k]![k]!;
      for (let j = k; j < a.length; j++) a[i]![j] = a[i]![j]! - factor * a[k]![j]!;
    }
  }
  return log;
}

/** Years in which a stand doubles, or halves where it shrinks; `null` where it does neither. */
export const yearsToDouble = (meanLog: number): number | null =>
  Math.abs(meanLog) < 1e-9 ? null : Math.LN2 / Math.abs(meanLog);
