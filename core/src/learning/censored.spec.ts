import { expect } from 'chai';
import jStat from 'jstat';
import { afterSightings, momentsAfter, type Censored } from './censored.ts';

const cdf = (x: number): number => (x === Infinity ? 1 : x === -Infinity ? 0 : jStat.normal.cdf(x, 0, 1));
const likelihood = (f: number, { low, high, noise }: Censored, mistakes: number): number =>
  (1 - mistakes) * (cdf((high - f) / noise) - cdf((low - f) / noise)) + mistakes * Math.min(0.5, (high - low) / 8);

/** Posterior moments by adding up a dense grid: slow, and beyond doubt. */
function byGrid(
  mean: readonly [number, number],
  [a, c, , b]: readonly [number, number, number, number],
  seen: readonly [Censored, Censored],
  mistakes: number,
): { readonly mean: readonly [number, number]; readonly variance: readonly [number, number]; readonly both: number } {
  const determinant = a * b - c * c;
  const steps = 600;
  const reach = 7;
  let total = 0;
  const sums = [0, 0, 0, 0, 0];
  const second = Array.from(
    { length: steps },
    (_, i) => mean[1] + Math.sqrt(b) * reach * ((2 * (i + 0.5)) / steps - 1),
  );
  const secondLikelihood = second.map((y) => likelihood(y, seen[1], mistakes));
  for (let i = 0; i < steps; i++) {
    const x = mean[0] + Math.sqrt(a) * reach * ((2 * (i + 0.5)) / steps - 1);
    const l = likelihood(x, seen[0], mistakes);
    for (const [k, y] of second.entries()) {
      const [u, v] = [x - mean[0], y - mean[1]];
      const w = l * secondLikelihood[k]! * Math.exp((-0.5 * (b * u * u - 2 * c * u * v + a * v * v)) / determinant);
      total += w;
      sums[0]! += w * x;
      sums[1]! += w * y;
      sums[2]! += w * x * x;
      sums[3]! += w * y * y;
      sums[4]! += w * x * y;
    }
  }
  const [x, y, xx, yy, xy] = sums.map((s) => s / total) as [number, number, number, number, number];
  return { mean: [x, y], variance: [xx - x * x, yy - y * y], both: xy - x * y };
}

describe('a censored sighting of one normal value', () => {
  it('gives the moments of a truncated normal: worked by hand for one side of the middle', () => {
    // Half a standard normal: mean √(2/π), variance 1 − 2/π.
    const { mean, variance, agreement } = momentsAfter(0, 1, { low: 0, high: Infinity, noise: 1e-9 }, 0);
    expect(mean).to.be.closeTo(Math.sqrt(2 / Math.PI), 1e-7);
    expect(variance).to.be.closeTo(1 - 2 / Math.PI, 1e-7);
    expect(agreement).to.be.closeTo(0.5, 1e-9);
  });
  it('says nothing where it bounds nothing', () => {
    expect(momentsAfter(0.3, 2, { low: -Infinity, high: Infinity, noise: 0.1 })).to.deep.include({
      mean: 0.3,
      agreement: 1,
    });
  });
  it('agrees with adding up a dense grid', () => {
    for (const [low, high, noise, mistakes] of [
      [0.5, 1.5, 0.2, 0],
      [-Infinity, -1, 0.4, 0.02],
      [2, 2.4, 0.05, 0.02],
      [-0.1, 0.1, 0.5, 0.1],
    ] as const) {
      const seen = { low, high, noise };
      const grid = byGrid([0.2, 0], [0.8, 0, 0, 1], [seen, { low: -Infinity, high: Infinity, noise: 1 }], mistakes);
      const after = momentsAfter(0.2, 0.8, seen, mistakes);
      expect(after.mean).to.be.closeTo(grid.mean[0], 1e-3);
      expect(after.variance).to.be.closeTo(grid.variance[0], 1e-3);
    }
  });
  it('far from all that is expected is taken for a mistake', () => {
    const near = momentsAfter(0, 1, { low: 2, high: 2.2, noise: 0.1 });
    const far = momentsAfter(0, 1, { low: 9, high: 9.2, noise: 0.1 });
    expect(near.mean).to.be.above(0.5);
    expect(Math.abs(far.mean)).to.be.below(1e-6);
    expect(far.variance).to.be.closeTo(1, 1e-6);
    expect(Number.isFinite(momentsAfter(0, 1, { low: 60, high: 70, noise: 0.1 }).mean)).to.equal(true);
  });
  it('is refused where it makes no sense', () => {
    expect(() => momentsAfter(0, 0, { low: 0, high: 1, noise: 1 })).to.throw(RangeError);
    expect(() => momentsAfter(0, 1, { low: 0, high: 1, noise: 0 })).to.throw(RangeError);
    expect(() => momentsAfter(0, 1, { low: 2, high: 1, noise: 1 })).to.throw(RangeError);
  });
});

describe('censored sightings of values that hang together', () => {
  const PRIOR = [1, 0.6, 0.6, 0.9] as const;
  const CASES: readonly (readonly [Censored, Censored])[] = [
    [
      { low: 0.4, high: 0.9, noise: 0.1 },
      { low: -Infinity, high: 0.2, noise: 0.2 },
    ],
    [
      { low: -0.5, high: 0.5, noise: 0.3 },
      { low: 0.6, high: Infinity, noise: 0.1 },
    ],
    [
      { low: 1, high: 1.3, noise: 0.15 },
      { low: 0.8, high: 1.2, noise: 0.15 },
    ],
  ];
  it('give what a dense grid gives, to a thousandth', () => {
    for (const seen of CASES) {
      const grid = byGrid([0.1, -0.2], PRIOR, seen, 0);
      const after = afterSightings([0.1, -0.2], Float64Array.from(PRIOR), seen, { mistakes: 0 });
      const rows = [Float64Array.of(1, 0.6), Float64Array.of(0.6, 0.9)] as const;
      for (const i of [0, 1] as const) {
        expect(after.mean([0.1, -0.2][i]!, rows[i])).to.be.closeTo(grid.mean[i], 1.5e-3);
        expect(after.covariance(PRIOR[i * 3]!, rows[i], rows[i])).to.be.closeTo(grid.variance[i], 1.5e-3);
      }
      expect(after.covariance(0.6, rows[0], rows[1])).to.be.closeTo(grid.both, 1.5e-3);
    }
  });
  it('are the same when begun from where they stood under a prior near by', () => {
    const seen = [0.4, 0.6, 0.5, 3].map((at) => ({ low: at - 0.2, high: at + 0.2, noise: 0.1 }));
    const prior = (of: number) => Float64Array.from({ length: 16 }, (_, k) => of + (k % 5 === 0 ? 0.3 : 0));
    const before = afterSightings(new Float64Array(4), prior(0.6), seen);
    const [anew, on] = [undefined, before.standIns].map((start) =>
      afterSightings(new Float64Array(4).fill(0.1), prior(0.5), seen, start ? { start } : {}).mean(
        0.1,
        new Float64Array(4).fill(0.5),
      ),
    );
    expect(on).to.be.closeTo(anew!, 5e-3);
  });
  it('without any leave everything as it was', () => {
    const after = afterSightings([], new Float64Array(0), []);
    expect(after.mean(0.7, [])).to.equal(0.7);
    expect(after.covariance(2, [], [])).to.equal(2);
  });
  it('tell of what was not seen itself as far as it hangs together with it', () => {
    const [seen] = CASES[2]!;
    const after = afterSightings([0], Float64Array.of(1), [seen]);
    const [tight, loose, none] = [0.9, 0.3, 0].map((c) => after.mean(0, [c]));
    expect(tight).to.be.above(loose!).and.below(1.3);
    expect(loose).to.be.above(0);
    expect(none).to.equal(0);
    expect(after.covariance(1, [0.9], [0.9])).to.be.below(after.covariance(1, [0.3], [0.3]));
    expect(after.covariance(1, [0], [0])).to.equal(1);
  });
  it('that contradict all others are named, and do not drag the rest along', () => {
    const n = 6;
    const prior = Float64Array.from({ length: n * n }, (_, k) => 0.9 + (k % (n + 1) === 0 ? 0.1 : 0));
    const good = { low: 0.4, high: 0.6, noise: 0.1 };
    const seen = [good, good, good, { low: -3.2, high: -3, noise: 0.1 }, good, good];
    const after = afterSightings(new Float64Array(n), prior, seen);
    expect(after.agreement[3]).to.be.below(1e-4);
    expect(Math.min(...[0, 1, 2, 4, 5].map((i) => after.agreement[i]!))).to.be.above(0.05);
    const stand = new Float64Array(n).fill(0.9);
    expect(after.mean(0, stand)).to.be.closeTo(0.5, 0.15);
  });
  it('that agree with each other are believed, though none was to be expected', () => {
    const n = 5;
    const prior = Float64Array.from({ length: n * n }, (_, k) => 0.65 + (k % (n + 1) === 0 ? 0.35 : 0));
    const seen = Array.from({ length: n }, () => ({ low: 2, high: 2.5, noise: 0.17 }));
    const after = afterSightings(new Float64Array(n), prior, seen);
    expect(after.mean(0, new Float64Array(n).fill(0.65))).to.be.within(1.6, 2.2);
  });
  it('never widen what is known by one that agrees', () => {
    for (let k = 1; k < 8; k++) {
      const seen = Array.from({ length: k }, () => ({ low: 0.2, high: 0.5, noise: 0.1 }));
      const prior = (m: number) => Float64Array.from({ length: m * m }, (_, i) => 0.7 + (i % (m + 1) === 0 ? 0.3 : 0));
      const width = (m: number) =>
        afterSightings(new Float64Array(m), prior(m), seen.slice(0, m)).covariance(
          0.7,
          new Float64Array(m).fill(0.7),
          new Float64Array(m).fill(0.7),
        );
      expect(width(k)).to.be.at.most(k === 1 ? 0.7 : width(k - 1) + 1e-9);
    }
  });
});
