import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import { spreadOfSum, type Figure, type MonthDay } from '../measure/index.ts';

/**
 * How a part of a plant grows: logistic in the warmth above `baseC` since `start`,
 * length = final / (1 + exp(−(warmth − half) / scale)).
 */
export interface GrowthSpec {
  readonly start: MonthDay;
  readonly baseC: Figure;
  /** Length in the end, cm. */
  readonly finalCm: Figure;
  /** Warmth by which half of that is reached, °C·day. */
  readonly halfSum: Figure;
  /** Warmth in which growth slackens or gathers by e, °C·day. */
  readonly scaleSum: Figure;
}

/** Lengths measured on one day, at the warmth that had been gathered by then. */
export interface MeasuredLengths {
  readonly season: number;
  readonly sum: number;
  readonly lengthsCm: readonly number[];
}

/**
 * What the measurements and the profile together say of one season's growth, as a normal in four numbers: logarithms of final
 * length, half warmth and scale, and how late that season is (of the logarithm of warmth).
 */
export interface GrowthFit {
  readonly mean: Float64Array;
  /** 4 × 4, row by row. */
  readonly covariance: Float64Array;
}

/** Plants of a stand differ so much in length, and a day's measuring is off so much beyond that (of the logarithm; estimates). */
const PLANT_SD = 0.2;
const MEASURING_SD = 0.08;
/** Seasons differ so much in how far growth is at a warmth (of the logarithm; an estimate). */
const SEASON_SD = 0.1;
const SHAPE = 3;
const MOST_STEPS = 40;
const ENOUGH = 1e-7;

/** Logarithm of the length at a warmth; −∞ is never reached. */
function logLength([final, half, scale, late]: ArrayLike<number> & Iterable<number>, sum: number): number {
  const through = (sum * Math.exp(-late!) - Math.exp(half!)) / Math.exp(scale!);
  return final! - Math.log1p(Math.exp(-through));
}

/**
 * Fits growth to a stand's own measurements of all seasons, the profile's figures being the prior: the maximum of the posterior
 * (Gauss–Newton on log-lengths, halved steps) with its curvature. No measurement gives the profile back.
 * @param season the one that is asked about; its own measurements tell how late it is
 * @throws RangeError for lengths that are not above 0, as `logSd` for figures
 */
export function fitGrowth(spec: GrowthSpec, measured: readonly MeasuredLengths[], season: number): GrowthFit {
  const seasons = [...new Set([season, ...measured.map((m) => m.season)])];
  const size = SHAPE + seasons.length;
  const figures = [spec.finalCm, spec.halfSum, spec.scaleSum];
  const prior = Float64Array.from({ length: size }, (_, i) => (i < SHAPE ? Math.log(figures[i]!.value) : 0));
  const precision = prior.map((_, i) => (i < SHAPE ? spreadOfSum(figures[i]!) : SEASON_SD) ** -2);
  const seen = measured.map(({ season: s, sum, lengthsCm }) => {
    if (lengthsCm.length === 0 || !lengthsCm.every((l) => l > 0)) throw new RangeError('lengths must be above 0');
    const log = lengthsCm.reduce((total, l) => total + Math.log(l), 0) / lengthsCm.length;
    const weight = 1 / (PLANT_SD ** 2 / lengthsCm.length + MEASURING_SD ** 2);
    return { late: SHAPE + seasons.indexOf(s), sum, log, weight };
  });
  const expected = (at: Float64Array, late: number, sum: number): number =>
    logLength([at[0]!, at[1]!, at[2]!, at[late]!], sum);
  const badness = (at: Float64Array): number =>
    at.reduce((total, v, i) => total + precision[i]! * (v - prior[i]!) ** 2, 0) +
    seen.reduce((total, m) => total + m.weight * (m.log - expected(at, m.late, m.sum)) ** 2, 0);
  /** How steep the posterior is at a point, and how bent. */
  const slopeOf = (at: Float64Array): { readonly pull: Matrix; readonly curvature: Matrix } => {
    const curvature = Matrix.diag([...precision]);
    const pull = Matrix.columnVector([...at].map((v, i) => precision[i]! * (prior[i]! - v)));
    for (const m of seen) {
      const slopes = slopesAt(at, m.late, (x) => expected(x, m.late, m.sum));
      const off = m.log - expected(at, m.late, m.sum);
      for (const [i, a] of slopes) {
        pull.set(i, 0, pull.get(i, 0) + m.weight * a * off);
        for (const [k, b] of slopes) curvature.set(i, k, curvature.get(i, k) + m.weight * (a * b));
      }
    }
    return { pull, curvature };
  };
  const { at, curvature } = highest(prior, slopeOf, badness);
  const inverse = new CholeskyDecomposition(curvature).solve(Matrix.eye(size));
  const own = [0, 1, 2, SHAPE + seasons.indexOf(season)];
  return {
    mean: Float64Array.from(own, (i) => at[i]!),
    covariance: Float64Array.from(own.flatMap((i) => own.map((k) => inverse.get(Math.max(i, k), Math.min(i, k))))),
  };
}

/** Where the posterior is highest: steps of Gauss and Newton, each halved until it leads up. */
function highest(
  from: Float64Array,
  slopeOf: (at: Float64Array) => { readonly pull: Matrix; readonly curvature: Matrix },
  badness: (at: Float64Array) => number,
): { readonly at: Float64Array; readonly curvature: Matrix } {
  let at = from.slice();
  let { pull, curvature } = slopeOf(at);
  for (let step = 0; step < MOST_STEPS; step++) {
    if (step > 0) ({ pull, curvature } = slopeOf(at));
    const move = new CholeskyDecomposition(curvature).solve(pull).to1DArray();
    const now = badness(at);
    let stretch = 1;
    let next = at.map((v, i) => v + move[i]!);
    while (badness(next) > now && stretch > 1e-4) {
      stretch /= 2;
      next = at.map((v, i) => v + stretch * move[i]!);
    }
    const moved = Math.max(...move.map((d) => Math.abs(d * stretch)));
    at = next;
    if (moved < ENOUGH) break;
  }
  return { at, curvature };
}

const STEP = 1e-5;
/** Slopes of a function of the three numbers of the shape and one season's lateness. */
function slopesAt(
  at: Float64Array,
  late: number,
  of: (at: Float64Array) => number,
): readonly (readonly [number, number])[] {
  return [0, 1, 2, late].map((i) => {
    const [up, down] = [at.slice(), at.slice()];
    up[i]! += STEP;
    down[i]! -= STEP;
    return [i, (of(up) - of(down)) / (2 * STEP)] as const;
  });
}

/**
 * Warmth by which a length is reached, °C·day; Infinity where it never is, 0 where growth begins above it.
 * @param at the four numbers of a fit, or a draw of them
 * @example // half of the final length is reached at the half warmth
 */
export function sumForLength(
  [final, half, scale, late]: ArrayLike<number> & Iterable<number>,
  lengthCm: number,
): number {
  const ratio = Math.exp(final!) / lengthCm - 1;
  if (ratio <= 0) return Infinity;
  return Math.max(0, Math.exp(late!) * (Math.exp(half!) - Math.exp(scale!) * Math.log(ratio)));
}
