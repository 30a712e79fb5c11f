import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import type { Draws } from './draws.ts';

/** How much earlier or later than the profile the stages of one season are to be expected; jointly normal. */
export interface StageEffects {
  /** In standard deviations of the profile's own figure, one a stage; below 0 is early. */
  readonly mean: Float64Array;
  /** S × S, row by row. */
  readonly covariance: Float64Array;
}

/** So little is added to every variance that the covariance has a root; more where rounding left it without one. */
const JITTERS = [1e-6, 1e-4, 1e-2];

/**
 * Effects of every draw, by stage: the mean, and the root of the covariance times the draws. The first of the draws, the one
 * spread widest, goes into every stage that hangs together with the first.
 * @throws RangeError where the covariance is none
 */
export function drawnEffects({ mean, covariance }: StageEffects, draws: Draws): readonly Float64Array[] {
  const lower = rootOf(covariance, mean.length);
  return Array.from(mean, (m, s) => {
    const out = new Float64Array(draws.count).fill(m);
    for (let k = 0; k <= s; k++) {
      const factor = lower.get(s, k);
      const z = k === 0 ? draws.season : draws.own[k]!;
      for (let j = 0; j < out.length; j++) out[j]! += factor * z[j]!;
    }
    return out;
  });
}

function rootOf(covariance: Float64Array, n: number): Matrix {
  for (const jitter of JITTERS) {
    const matrix = Matrix.zeros(n, n);
    for (let s = 0; s < n; s++)
      for (let t = 0; t < n; t++) matrix.set(s, t, covariance[s * n + t]! + (s === t ? jitter : 0));
    const root = new CholeskyDecomposition(matrix);
    if (n === 0 || root.isPositiveDefinite()) return root.lowerTriangularMatrix;
  }
  throw new RangeError('the stages’ covariance has no root');
}
