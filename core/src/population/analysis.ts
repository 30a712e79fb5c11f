import { EigenvalueDecomposition, Matrix, inverse } from 'ml-matrix';

/** What a projection matrix says in the long run. */
export interface MatrixAnalysis {
  /** Growth a year once the stages stand as they do in the long run: 1.05 is five in a hundred more. */
  readonly lambda: number;
  /** Shares of the stages in the long run, summing to 1. */
  readonly stableStages: readonly number[];
  /** What one of each stage is worth for the stand to come, that of the first stage that is worth anything being 1. */
  readonly reproductiveValue: readonly number[];
  /** By how much λ changes for a change of an entry, [to][from]. */
  readonly sensitivity: readonly (readonly number[])[];
  /** By which share λ changes for a share of an entry; all sum to 1. */
  readonly elasticity: readonly (readonly number[])[];
  /** λ over the size of the next eigenvalue: how fast the stages come to stand so; `Infinity` where there is no other. */
  readonly dampingRatio: number;
}

/** The rest of an eigenvalue that is 0 but for rounding. */
const NOTHING = 1e-12;

/**
 * Eigen-analysis of a projection matrix: λ, stable stages, reproductive values, sensitivities s_ij = v_i w_j / ⟨v, w⟩, elasticities
 * e_ij = a_ij s_ij / λ, and damping ratio.
 * @param matrix square, no entry below 0; [to][from].
 * @throws RangeError for a matrix that is not square, has an entry below 0 or none above, or in which nothing lives on (λ = 0).
 * Source: Caswell, H. (2001), Matrix Population Models, 2nd ed., sections 4.5–4.7, 9.1, 9.2.
 * @example analyseMatrix([[0, 2], [0.5, 0]]).lambda // 1
 */
export function analyseMatrix(matrix: readonly (readonly number[])[]): MatrixAnalysis {
  assertProjection(matrix);
  const a = new Matrix(matrix.map((row) => [...row]));
  const { lambda, vector: w, others } = dominant(a);
  const { vector: v } = dominant(a.transpose());
  const total = w.reduce((s, x) => s + x, 0);
  const stableStages = w.map((x) => x / total);
  const first = v.find((x) => x > NOTHING) ?? 1;
  const reproductiveValue = v.map((x) => x / first);
  const product = reproductiveValue.reduce((s, x, i) => s + x * stableStages[i]!, 0);
  const sensitivity = reproductiveValue.map((x) => stableStages.map((y) => (x * y) / product));
  const second = Math.max(0, ...others);
  return {
    lambda,
    stableStages,
    reproductiveValue,
    sensitivity,
    elasticity: sensitivity.map((row, i) => row.map((s, j) => (s * matrix[i]![j]!) / lambda)),
    dampingRatio: second > NOTHING ? lambda / second : Infinity,
  };
}

/** λ alone, for whoever asks it of thousands; 0 where nothing lives on. @throws RangeError for a matrix that is none of a projection */
export function growthOfMatrix(matrix: readonly (readonly number[])[]): number {
  assertProjection(matrix);
  const { realEigenvalues } = new EigenvalueDecomposition(new Matrix(matrix.map((row) => [...row])));
  return Math.max(0, ...realEigenvalues);
}

function assertProjection(matrix: readonly (readonly number[])[]): void {
  const n = matrix.length;
  if (n === 0 || matrix.some((row) => row.length !== n)) throw new RangeError('a projection matrix is square');
  if (matrix.some((row) => row.some((x) => !(x >= 0 && x < Infinity))))
    throw new RangeError('entries of a projection matrix are numbers from 0 up');
}

/** The eigenvalue of the largest real part, its vector (not negative), and the sizes of the others. Perron and Frobenius: it is real and from 0 up. */
function dominant(a: Matrix): {
  readonly lambda: number;
  readonly vector: readonly number[];
  readonly others: readonly number[];
} {
  const { realEigenvalues: real, imaginaryEigenvalues: imaginary, eigenvectorMatrix } = new EigenvalueDecomposition(a);
  let at = 0;
  for (const [i, x] of real.entries()) if (x > real[at]!) at = i;
  const lambda = real[at]!;
  if (!(lambda > NOTHING)) throw new RangeError('nothing lives on in this matrix');
  const column = eigenvectorMatrix.getColumn(at);
  const sign = column.reduce((s, x) => s + x, 0) < 0 ? -1 : 1;
  return {
    lambda,
    vector: column.map((x) => Math.max(0, sign * x)),
    others: real.flatMap((x, i) => (i === at ? [] : [Math.hypot(x, imaginary[i]!)])),
  };
}

export interface Generations {
  /** Offspring of a lifetime, counted from birth to birth. */
  readonly netReproduction: number;
  /** Years in which the stand grows by that: log R0 / log λ; `null` at λ = 1, where it says nothing. */
  readonly years: number | null;
}

/**
 * Net reproductive rate R0, the dominant eigenvalue of births × (1 − survivors)⁻¹, and the generation time log R0 / log λ.
 * @param survivors and @param births: the two parts of a projection matrix, of the same size.
 * @throws RangeError for parts of unlike size, or where somebody lives for ever.
 * Source: Caswell, H. (2001), sections 5.3.4 and 5.3.5.
 */
export function generationsOf(
  survivors: readonly (readonly number[])[],
  births: readonly (readonly number[])[],
): Generations {
  assertProjection(survivors);
  assertProjection(births);
  const n = survivors.length;
  if (births.length !== n) throw new RangeError('survivors and births are of one stand');
  const lived = new EigenvalueDecomposition(new Matrix(survivors.map((r) => [...r]))).realEigenvalues;
  if (Math.max(...lived) >= 1 - NOTHING) throw new RangeError('nobody lives for ever');
  const fundamental = inverse(Matrix.sub(Matrix.eye(n), new Matrix(survivors.map((r) => [...r]))));
  const next = new Matrix(births.map((r) => [...r])).mmul(fundamental);
  const netReproduction = Math.max(...new EigenvalueDecomposition(next).realEigenvalues);
  const { lambda } = analyseMatrix(survivors.map((row, i) => row.map((x, j) => x + births[i]![j]!)));
  const isStill = Math.abs(Math.log(lambda)) < 1e-9;
  return { netReproduction, years: isStill ? null : Math.log(netReproduction) / Math.log(lambda) };
}
