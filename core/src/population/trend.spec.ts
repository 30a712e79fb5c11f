import { expect } from 'chai';
import { growthOf, yearsToDouble, type CountAt } from './trend.ts';

const exact = (...counts: readonly (readonly [years: number, value: number])[]): readonly CountAt[] =>
  counts.map(([years, value]) => ({ years, value, low: value, high: value }));
/** A count that is known to a share of itself. */
const rough = (share: number, ...counts: readonly (readonly [years: number, value: number])[]): readonly CountAt[] =>
  counts.map(([years, value]) => ({ years, value, low: value / (1 + share), high: value * (1 + share) }));

/** The drift of a local level by the filter, step by step, its level and drift unknown at first. */
function byFilter(counts: readonly CountAt[], spread: number): { mean: number; sd: number } {
  const known = 1e6;
  let [level, drift, a, b, c] = [0, 0, known, 0, known];
  let before = counts[0]!.years;
  for (const { years, value, low, high } of counts) {
    const step = years - before;
    level += step * drift;
    [a, b] = [a + 2 * step * b + step * step * c + spread ** 2 * step, b + step * c];
    const error = Math.max(0.03, Math.log(high / low) / (2 * 1.6448536269514722)) ** 2;
    const [gain, pull] = [a / (a + error), b / (a + error)];
    const miss = Math.log(value) - level;
    level += gain * miss;
    drift += pull * miss;
    [a, b, c] = [a * (1 - gain), b * (1 - gain), c - pull * b];
    before = years;
  }
  return { mean: drift, sd: Math.sqrt(c) };
}

describe('the growth of a stand from its counts', () => {
  it('is the clump of three that were twenty five years on: λ 1.46, doubling in 1.8 years', () => {
    const { meanLog } = growthOf(exact([0, 3], [5, 20]))!;
    expect(Math.exp(meanLog)).to.be.closeTo(1.4615, 1e-4);
    expect(yearsToDouble(meanLog)).to.be.closeTo(1.83, 5e-3);
    expect(yearsToDouble(-0.1)).to.be.closeTo(Math.LN2 / 0.1, 1e-12);
    expect(yearsToDouble(0)).to.equal(null);
  });
  it('lies among what the Kalman filter gives for small and large spreads of the years', () => {
    const counts = rough(0.3, [0, 64], [1, 60], [2, 49], [4, 41], [5, 30]);
    const { meanLog, sdLog } = growthOf(counts)!;
    const [still, wild] = [byFilter(counts, 0.02), byFilter(counts, 0.45)];
    expect(meanLog).to.be.within(Math.min(still.mean, wild.mean) - 1e-3, Math.max(still.mean, wild.mean) + 1e-3);
    expect(sdLog).to.be.within(still.sd - 1e-3, wild.sd + 1e-3);
    expect(meanLog + 2 * sdLog).to.be.below(0.05);
  });
  it('is surer with more years and with better counts', () => {
    const years = (n: number) => Array.from({ length: n }, (_, i) => [i, 100] as const);
    const sd = (counts: readonly CountAt[]) => growthOf(counts)!.sdLog;
    expect(sd(rough(0.3, ...years(9)))).to.be.below(sd(rough(0.3, ...years(5))));
    expect(sd(rough(0.1, ...years(5)))).to.be.below(sd(rough(1.5, ...years(5))));
  });
  it('is not known from one count, from two of one day, or from none that found anything', () => {
    expect(growthOf([])).to.equal(null);
    expect(growthOf(exact([0, 5]))).to.equal(null);
    expect(growthOf(exact([2, 5], [2, 9]))).to.equal(null);
    expect(growthOf(exact([0, 0], [3, 9]))).to.equal(null);
  });
  it('does not mind the order', () => {
    const counts = rough(0.2, [0, 20], [2, 30], [3, 28]);
    expect(growthOf([...counts].reverse())).to.deep.equal(growthOf(counts));
  });
});
