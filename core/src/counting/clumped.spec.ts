import { expect } from 'chai';
import jStat from 'jstat';
import { chanceOf } from '../random/index.ts';
import { estimateFromBelts, estimateFromClumps, estimateFromQuadrats } from './census.ts';
import { boundsOfMean, fitNegativeBinomial, isClumped, momentsOf } from './clumped.ts';
import { combineCounts } from './combined.ts';

const { uniform, normal } = chanceOf(11);
const poisson = (mean: number): number => {
  let [n, p] = [0, uniform()];
  const limit = Math.exp(-mean);
  while (p > limit) {
    n++;
    p *= uniform();
  }
  return n;
};
/** Of a gamma distribution with shape k and mean 1 (Marsaglia and Tsang 2000). */
const gamma = (k: number): number => {
  if (k < 1) return (gamma(k + 1) * (k + 1) * uniform() ** (1 / k)) / k;
  const d = k - 1 / 3;
  for (;;) {
    const x = normal();
    const v = (1 + x / Math.sqrt(9 * d)) ** 3;
    if (v > 0 && Math.log(uniform()) < 0.5 * x * x + d - d * v + d * Math.log(v)) return (d * v) / k;
  }
};
const clumped = (mean: number, k: number): number => poisson(mean * gamma(k));
const many = <T>(n: number, make: () => T): T[] => Array.from({ length: n }, make);

describe('counts that lie in heaps', () => {
  it('are known from those spread by chance', () => {
    // (n − 1) s² / m = 4 · 2.5 / 5 = 2, below 9.49; and of the other 5 · 73.9 / 7.83 = 47, above 11.07.
    expect(isClumped([4, 6, 5, 7, 3])).to.equal(false);
    expect(isClumped([0, 0, 22, 3, 15, 7])).to.equal(true);
    expect(isClumped([0, 0, 0])).to.equal(false);
    const called = many(400, () => isClumped(many(8, () => poisson(4)))).filter(Boolean).length;
    expect(called / 400, 'of those spread by chance one in twenty is taken for a heap').to.be.below(0.09);
  });
  it('give back how clumped they were drawn', () => {
    const { mean, k } = fitNegativeBinomial(many(3000, () => clumped(6, 0.8)));
    expect(mean).to.be.closeTo(6, 0.4);
    expect(k).to.be.closeTo(0.8, 0.08);
    expect(fitNegativeBinomial(many(500, () => poisson(5))).k).to.be.above(15);
    expect(fitNegativeBinomial([0, 0]).k).to.equal(Infinity);
  });
  it('hold the true number about nine times in ten, where Student’s t does so too seldom', () => {
    const [area, n, runs] = [400, 10, 600];
    const t = jStat.studentt.inv(0.95, n - 1);
    let [asked, held, heldByT, tooMany] = [0, 0, 0, 0];
    for (let run = 0; run < runs; run++) {
      const cells = many(area, () => clumped(5, 0.3));
      const truth = cells.reduce((a, b) => a + b, 0);
      const counts = many(n, () => cells[Math.floor(uniform() * area)]!);
      const { low, high, fit } = estimateFromQuadrats(counts, 1, area);
      if (fit === 't') continue;
      const { mean, variance } = momentsOf(counts);
      asked++;
      if (truth >= low && truth <= high) held++;
      if (truth < low) tooMany++;
      if (Math.abs(truth - mean * area) <= t * Math.sqrt((variance / n) * (1 - n / area)) * area) heldByT++;
    }
    expect(held / asked).to.be.within(0.84, 0.94);
    expect((held - heldByT) / asked).to.be.above(0.05);
    // The low end, which allowances are reckoned from, lies too high one time in twenty at most.
    expect(tooMany / asked).to.be.below(0.06);
  });
  it('have the longer arm upwards, and a low end that is never below what was counted', () => {
    const { value, low, high, fit } = estimateFromQuadrats([0, 0, 22, 3, 15, 7], 1, 60);
    expect(fit).to.equal('negativeBinomial');
    expect(high - value).to.be.above(value - low);
    expect(low).to.be.at.least(47);
    expect(() => boundsOfMean([0, 0])).to.throw(RangeError);
    // All squares counted: it is what it is.
    const all = estimateFromQuadrats([0, 0, 22, 3, 15, 7], 10, 60);
    expect([all.value, all.low, all.high]).to.deep.equal([47, 47, 47]);
  });
});

describe('belts', () => {
  it('are worked by hand', () => {
    // Density 20 / 50 = 0.4; rests 1, −1, 1, −1: s² 4/3, t(0.95; 3) 2.353, 200 / 12.5 · √(4/3 / 4 · 0.75) = 8.
    const belts = [5, 3, 7, 5].map((plants, i) => ({ plants, areaM2: [10, 10, 15, 15][i]! }));
    expect(estimateFromBelts(belts, 200)).to.deep.equal({ value: 80, low: 61, high: 99 });
  });
  it('of even plants are certain however long they are, and refuse what does not fit', () => {
    expect(
      estimateFromBelts(
        [
          { plants: 4, areaM2: 10 },
          { plants: 6, areaM2: 15 },
        ],
        100,
      ),
    ).to.deep.equal({
      value: 40,
      low: 40,
      high: 40,
    });
    expect(() => estimateFromBelts([{ plants: 4, areaM2: 10 }], 100)).to.throw(RangeError);
    expect(() =>
      estimateFromBelts(
        [
          { plants: 4, areaM2: 10 },
          { plants: 4, areaM2: 95 },
        ],
        100,
      ),
    ).to.throw(RangeError);
    expect(() =>
      estimateFromBelts(
        [
          { plants: 4, areaM2: 10 },
          { plants: 0.5, areaM2: 9 },
        ],
        100,
      ),
    ).to.throw(RangeError);
  });
});

describe('clumps and their shoots', () => {
  it('are as many shoots as a clump has on average, times the clumps; all counted, certain', () => {
    expect(estimateFromClumps(10, [4, 6]).value).to.equal(50);
    const all = estimateFromClumps(3, [4, 6, 2]);
    expect([all.value, all.low, all.high]).to.deep.equal([12, 12, 12]);
    expect(() => estimateFromClumps(2, [4, 6, 2])).to.throw(RangeError);
  });
});

describe('counts of one stand by different ways', () => {
  const wide = { value: 100, low: 50, high: 200 };
  it('narrow each other: two alike by the root of two', () => {
    // ln 2 / √2 = 0.490: 100 · e^±0.490.
    expect(combineCounts([wide, wide], [])).to.deep.equal({ value: 100, low: 61, high: 164 });
    expect(combineCounts([wide], [])).to.deep.equal(wide);
  });
  it('lie nearer to the surer one, and never below what was counted plant by plant', () => {
    const both = combineCounts([wide, { value: 150, low: 140, high: 161 }], [140]);
    expect(both.value).to.be.within(147, 150);
    expect(both.low).to.equal(140);
    const few = combineCounts(
      [
        { value: 60, low: 20, high: 180 },
        { value: 82, low: 82, high: 87 },
      ],
      [82],
    );
    expect(few.low).to.equal(82);
    expect(few.value).to.be.at.least(82);
    expect(() => combineCounts([{ value: 0, low: 0, high: 0 }, wide], [])).to.throw(RangeError);
    expect(() => combineCounts([], [])).to.throw(RangeError);
  });
});
