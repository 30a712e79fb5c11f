import { expect } from 'chai';
import fc from 'fast-check';
import { analyseMatrix, generationsOf } from './analysis.ts';

type Table = readonly (readonly number[])[];
interface Published {
  readonly name: string;
  readonly source: string;
  readonly matrix: Table;
  readonly lambda: number;
  /** Half a unit of the last digit that is printed. */
  readonly within: number;
}

/** Published matrices and the growth that is printed beside them. */
const PUBLISHED: readonly Published[] = [
  {
    name: 'killer whale, pooled',
    source: 'Brault, S. & Caswell, H. (1993), Ecology 74',
    matrix: [
      [0, 0.0043, 0.1132, 0],
      [0.9775, 0.9111, 0, 0],
      [0, 0.0736, 0.9534, 0],
      [0, 0, 0.0452, 0.9804],
    ],
    lambda: 1.0254,
    within: 5e-5,
  },
  {
    name: 'loggerhead turtle',
    source: 'Crouse, D. T., Crowder, L. B. & Caswell, H. (1987), Ecology 68',
    matrix: [
      [0, 0, 0, 0, 127, 4, 80],
      [0.6747, 0.737, 0, 0, 0, 0, 0],
      [0, 0.0486, 0.661, 0, 0, 0, 0],
      [0, 0, 0.0147, 0.6907, 0, 0, 0],
      [0, 0, 0, 0.0518, 0, 0, 0],
      [0, 0, 0, 0, 0.8091, 0, 0],
      [0, 0, 0, 0, 0, 0.8091, 0.8089],
    ],
    lambda: 0.945,
    within: 5e-4,
  },
  {
    name: 'teasel',
    source: 'Werner, P. A. & Caswell, H. (1977), as in Caswell (2001), Matrix Population Models, 2nd ed.',
    matrix: [
      [0, 0, 0, 0, 0, 322.38],
      [0.966, 0, 0, 0, 0, 0],
      [0.013, 0.01, 0.125, 0, 0, 3.448],
      [0.007, 0, 0.125, 0.238, 0, 30.17],
      [0.008, 0, 0.038, 0.245, 0.167, 0.862],
      [0, 0, 0, 0.023, 0.75, 0],
    ],
    lambda: 2.3339,
    within: 5e-5,
  },
  {
    name: 'desert tortoise, medium-high births',
    source: 'Doak, D., Kareiva, P. & Klepetka, B. (1994), Ecological Applications 4',
    matrix: [
      [0, 0, 0, 0, 0, 1.3, 1.98, 2.57],
      [0.716, 0.567, 0, 0, 0, 0, 0, 0],
      [0, 0.149, 0.567, 0, 0, 0, 0, 0],
      [0, 0, 0.149, 0.604, 0, 0, 0, 0],
      [0, 0, 0, 0.235, 0.56, 0, 0, 0],
      [0, 0, 0, 0, 0.225, 0.678, 0, 0],
      [0, 0, 0, 0, 0, 0.249, 0.851, 0],
      [0, 0, 0, 0, 0, 0, 0.016, 0.86],
    ],
    lambda: 0.958,
    within: 5e-4,
  },
  {
    name: 'northern spotted owl',
    source:
      'Lamberson, R. H. and others (1992), Conservation Biology 6, as in Lay, D. C., Linear Algebra and Its Applications',
    matrix: [
      [0, 0, 0.33],
      [0.18, 0, 0],
      [0, 0.71, 0.94],
    ],
    lambda: 0.98,
    within: 5e-3,
  },
  {
    name: 'a beetle of three years',
    source: 'Bernardelli, H. (1941), Journal of the Burma Research Society 31',
    matrix: [
      [0, 0, 6],
      [1 / 2, 0, 0],
      [0, 1 / 3, 0],
    ],
    lambda: 1,
    within: 1e-9,
  },
];

/** λ by stepping: the mean growth over many years, for matrices that come to rest. */
function byStepping(matrix: Table): number {
  let n = matrix.map(() => 1);
  let growth = 0;
  for (let i = 0; i < 6000; i++) {
    const next = matrix.map((row) => row.reduce((s, a, j) => s + a * n[j]!, 0));
    growth = next.reduce((s, x) => s + x, 0) / n.reduce((s, x) => s + x, 0);
    const size = next.reduce((s, x) => s + x, 0);
    n = next.map((x) => x / size);
  }
  return growth;
}
const nudged = (matrix: Table, i: number, j: number, by: number): Table =>
  matrix.map((row, a) => row.map((x, b) => (a === i && b === j ? x + by : x)));
const anyMatrix = fc
  .array(fc.array(fc.double({ min: 0.01, max: 0.9, noNaN: true }), { minLength: 4, maxLength: 4 }), {
    minLength: 4,
    maxLength: 4,
  })
  .map((m) => m as Table);

describe('the long run of a projection matrix', () => {
  for (const { name, source, matrix, lambda, within } of PUBLISHED)
    it(`has the growth that is printed for the ${name} (${source})`, () => {
      expect(analyseMatrix(matrix).lambda).to.be.closeTo(lambda, within);
    });
  it('agrees with stepping the stand on through the years, to 1e-8', () => {
    for (const { matrix, name } of PUBLISHED.filter((p) => !p.name.includes('three years')))
      expect(analyseMatrix(matrix).lambda, name).to.be.closeTo(byStepping(matrix), 1e-8);
  });
  it('is an eigenvector on both sides: stages that stay in proportion, and values that are handed on', () => {
    for (const { matrix, name } of PUBLISHED) {
      const { lambda, stableStages: w, reproductiveValue: v } = analyseMatrix(matrix);
      for (const [i, row] of matrix.entries())
        expect(
          row.reduce((s, a, j) => s + a * w[j]!, 0),
          `${name} ${i}`,
        ).to.be.closeTo(lambda * w[i]!, 1e-8);
      for (const j of matrix.keys())
        expect(
          matrix.reduce((s, row, i) => s + row[j]! * v[i]!, 0),
          `${name} ${j}`,
        ).to.be.closeTo(lambda * v[j]!, 1e-5);
      expect(w.reduce((s, x) => s + x, 0)).to.be.closeTo(1, 1e-12);
    }
  });
  it('knows what each entry matters, as trying it shows; elasticities sum to one', () => {
    for (const { matrix, name } of PUBLISHED.filter((p) => p.name !== 'a beetle of three years')) {
      const { sensitivity, elasticity } = analyseMatrix(matrix);
      for (const i of matrix.keys())
        for (const j of matrix.keys()) {
          if (matrix[i]![j] === 0) continue;
          const step = 1e-6 * Math.max(1e-2, matrix[i]![j]!);
          const slope =
            (analyseMatrix(nudged(matrix, i, j, step)).lambda - analyseMatrix(nudged(matrix, i, j, -step)).lambda) /
            (2 * step);
          expect(sensitivity[i]![j], `${name} ${i} ${j}`).to.be.closeTo(slope, 1e-5 * Math.max(1, slope));
        }
      expect(
        elasticity.flat().reduce((s, e) => s + e, 0),
        name,
      ).to.be.closeTo(1, 1e-9);
    }
    fc.assert(
      fc.property(anyMatrix, (m) => {
        expect(
          analyseMatrix(m)
            .elasticity.flat()
            .reduce((s, e) => s + e, 0),
        ).to.be.closeTo(1, 1e-8);
      }),
      { seed: 11, numRuns: 60 },
    );
  });
  it('says how fast the stages come to stand so: a beetle that comes every third year never does', () => {
    expect(analyseMatrix(PUBLISHED.at(-1)!.matrix).dampingRatio).to.be.closeTo(1, 1e-9);
    // By hand: λ² − 0.5 λ − 0.5 = 0 has 1 and −0.5.
    expect(
      analyseMatrix([
        [0, 1],
        [0.5, 0.5],
      ]).dampingRatio,
    ).to.be.closeTo(2, 1e-12);
  });
  it('counts the offspring of a life and the years between', () => {
    // An annual: 1.3 from each, a year apart. And by hand: of 0.5 born two each that live one year of three more: 0.5 · 2 · 1 / (1 − 0.75) = 4.
    expect(generationsOf([[0]], [[1.3]]))
      .to.deep.include({ netReproduction: 1.3 })
      .and.have.property('years')
      .closeTo(1, 1e-9);
    const long = generationsOf(
      [
        [0, 0],
        [0.5, 0.75],
      ],
      [
        [0, 2],
        [0, 0],
      ],
    );
    expect(long.netReproduction).to.be.closeTo(4, 1e-9);
    expect(long.years).to.be.closeTo(
      Math.log(4) /
        Math.log(
          analyseMatrix([
            [0, 2],
            [0.5, 0.75],
          ]).lambda,
        ),
      1e-9,
    );
    expect(generationsOf([[0]], [[1]]).years).to.equal(null);
    expect(() => generationsOf([[1]], [[1]])).to.throw('nobody lives for ever');
  });
  it('is refused of what is no projection', () => {
    expect(() => analyseMatrix([])).to.throw(RangeError, 'square');
    expect(() => analyseMatrix([[1, 2]])).to.throw(RangeError, 'square');
    expect(() => analyseMatrix([[-1]])).to.throw(RangeError, 'from 0 up');
    expect(() => analyseMatrix([[NaN]])).to.throw(RangeError, 'from 0 up');
    expect(() =>
      analyseMatrix([
        [0, 0],
        [1, 0],
      ]),
    ).to.throw(RangeError, 'nothing lives on');
  });
});
