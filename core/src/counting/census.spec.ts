import { expect } from 'chai';
import fc from 'fast-check';
import jStat from 'jstat';
import { completeCount, countByEye, estimateFromQuadrats, EYE_CLASSES } from './census.ts';

describe('census', () => {
  it('takes a complete count as the least there is', () => {
    expect(completeCount(41)).to.deep.equal({ value: 41, low: 41, high: 44 });
    expect(completeCount(0)).to.deep.equal({ value: 0, low: 0, high: 0 });
  });
  it('gives the 90 % interval of quadrats worked by hand', () => {
    // mean 5, s² 2.5, t(0.95; 4) 2.131847, fpc 1 − 5/200: half width 2.131847 · √(0.5 · 0.975) · 200 = 297.7
    const estimate = estimateFromQuadrats([4, 6, 5, 7, 3], 1, 200);
    expect(estimate).to.deep.equal({ value: 1000, low: 702, high: 1298, fit: 't', moreQuadrats: 4 });
  });
  it('asks for the fewest more that are enough: one less is not, and none where it is known well enough', () => {
    const width = (n: number, possible: number) =>
      jStat.studentt.inv(0.95, n - 1) * Math.sqrt(Math.max(0, 1 / n - 1 / possible));
    const counts = fc.array(fc.nat(30), { minLength: 2, maxLength: 14 });
    fc.assert(
      fc.property(counts, fc.integer({ min: 20, max: 2000 }), (c, area) => {
        const { moreQuadrats: more, value, low, high } = estimateFromQuadrats(c, 1, area);
        if (more === null) return value === 0;
        // The arm as the interval itself tells it, to whole plants; what was counted may hide the lower one.
        const mean = (c.reduce((a, b) => a + b, 0) / c.length) * area;
        const arm = Math.max(high - mean, low > c.reduce((a, b) => a + b, 0) ? mean - low : 0) / mean;
        const rough = 1.5 / mean;
        if (arm <= 0.2 - rough && low > c.reduce((a, b) => a + b, 0)) return more === 0;
        const at = (n: number) => (arm * width(n, area)) / width(c.length, area);
        if (at(c.length + more) > 0.2 + 2 * rough && c.length + more < area) return false;
        return more === 0 || at(c.length + more - 1) > 0.2 - 2 * rough || arm < 0.2 + rough;
      }),
      { seed: 4, numRuns: 300 },
    );
    // In heaps the interval is wider than chance would have it: it is that one which has to come down.
    const heaps = estimateFromQuadrats([0, 0, 9, 0, 1, 0, 12, 0], 1, 400);
    expect(heaps.fit).to.equal('negativeBinomial');
    const asChance = Math.ceil((jStat.studentt.inv(0.95, 7) * 4.892) / 2.75 / 0.2) ** 2;
    expect(heaps.moreQuadrats)
      .to.be.above(40)
      .and.not.equal(asChance - 8);
    // Alike in every square: two are enough, and eleven more were asked for once.
    expect(estimateFromQuadrats([5, 5, 5, 5], 1, 100).moreQuadrats).to.equal(0);
    expect(estimateFromQuadrats([1, 9], 5, 10).moreQuadrats).to.equal(0);
  });
  it('is certain when the quadrats cover the stand', () => {
    const { value, low, high } = estimateFromQuadrats([4, 6], 10, 20);
    expect([value, low, high]).to.deep.equal([10, 10, 10]);
  });
  it('never puts the low end below what was counted', () => {
    const counts = fc.array(fc.nat(50), { minLength: 2, maxLength: 12 });
    fc.assert(
      fc.property(counts, fc.integer({ min: 12, max: 500 }), (c, area) => {
        const e = estimateFromQuadrats(c, 1, area);
        return e.low >= c.reduce((a, b) => a + b, 0) && e.low <= e.high;
      }),
    );
  });
  it('holds the true number about nine times in ten', () => {
    let seed = 7;
    const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
    let held = 0;
    for (let run = 0; run < 400; run++) {
      const cells = Array.from({ length: 400 }, () => Math.floor(random() * 9));
      const truth = cells.reduce((a, b) => a + b, 0);
      const sample = Array.from({ length: 15 }, () => cells[Math.floor(random() * 400)]!);
      const e = estimateFromQuadrats(sample, 1, 400);
      if (truth >= e.low && truth <= e.high) held++;
    }
    expect(held / 400).to.be.within(0.85, 0.95);
  });
  it('spreads what the eye sees, and the classes rise', () => {
    const values = EYE_CLASSES.map(countByEye);
    expect(values[1]).to.deep.equal({ value: 47, low: 20, high: 110 });
    values.slice(1).forEach((v, i) => expect(v.value).to.be.above(values[i]!.high - 1));
  });
  it('refuses half plants, single quadrats and quadrats larger than the stand', () => {
    expect(() => completeCount(2.5)).to.throw(RangeError);
    expect(() => completeCount(-1)).to.throw(RangeError);
    expect(() => estimateFromQuadrats([3], 1, 10)).to.throw(RangeError);
    expect(() => estimateFromQuadrats([3, 4], 10, 10)).to.throw(RangeError);
    expect(() => estimateFromQuadrats([3, -1], 1, 10)).to.throw(RangeError);
  });
});
