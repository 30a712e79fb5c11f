import { expect } from 'chai';
import fc from 'fast-check';
import { standOf } from './builders.ts';
import { playAll } from './simulate.ts';
import { binomialAt, fatesOf, poissonAt } from './single-plants.ts';

/** Mean and variance over equal parts of all shares. */
function momentsOf(draw: (u: number) => number): { readonly mean: number; readonly variance: number } {
  const parts = 20_000;
  let [sum, squares] = [0, 0];
  for (let i = 0; i < parts; i++) {
    const x = draw((i + 0.5) / parts);
    sum += x;
    squares += x * x;
  }
  const mean = sum / parts;
  return { mean, variance: squares / parts - mean * mean };
}

describe('the chance of single plants', () => {
  it('of those that live has the mean and the spread of the binomial distribution, few or many', () => {
    for (const [n, p] of [
      [1, 0.3],
      [7, 0.5],
      [20, 0.93],
      [40, 0.2],
      [400, 0.6],
    ] as const) {
      const { mean, variance } = momentsOf((u) => binomialAt(u, n, p));
      expect(mean, `${n} × ${p}`).to.be.closeTo(n * p, 0.01 + 0.002 * n * p);
      expect(variance).to.be.closeTo(n * p * (1 - p), 0.02 + 0.02 * n * p * (1 - p));
    }
  });
  it('of young has those of the Poisson distribution', () => {
    for (const mean of [0.2, 3, 11, 90]) {
      const moments = momentsOf((u) => poissonAt(u, mean));
      expect(moments.mean).to.be.closeTo(mean, 0.01 + 0.002 * mean);
      expect(moments.variance).to.be.closeTo(mean, 0.02 + 0.02 * mean);
    }
  });
  it('is as likely as the formula says, number by number', () => {
    const parts = 100_000;
    const seen = new Float64Array(5);
    for (let i = 0; i < parts; i++) seen[binomialAt((i + 0.5) / parts, 4, 0.3)]! += 1 / parts;
    [0.2401, 0.4116, 0.2646, 0.0756, 0.0081].forEach((p, k) => expect(seen[k]).to.be.closeTo(p, 1e-4));
  });
  it('never has more than there are, and more for a larger share, chance and number', () => {
    const u = fc.double({ min: 0, max: 1, maxExcluded: true, noNaN: true });
    const p = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(u, u, fc.nat(30), p, p, (a, b, n, x, y) => {
        const [low, high] = [Math.min(a, b), Math.max(a, b)];
        expect(binomialAt(a, n, x)).to.be.within(0, n);
        expect(binomialAt(low, n, x)).to.be.at.most(binomialAt(high, n, x));
        expect(poissonAt(low, 10 * x)).to.be.at.most(poissonAt(high, 10 * x));
        if (n * Math.max(x, y) <= 12 && Math.max(x, y) <= 0.5)
          expect(binomialAt(a, n, Math.min(x, y))).to.be.at.most(binomialAt(a, n, Math.max(x, y)));
      }),
    );
  });
  it('shares those of a stage out to where they go, and to no more than there are', () => {
    const one = (x: number) => Float64Array.of(x);
    const [fate] = fatesOf([
      { from: 0, to: 0, lives: one(0.5), young: one(0) },
      { from: 0, to: 1, lives: one(0.3), young: one(2) },
      { from: 0, to: 2, lives: one(0.2), young: one(0) },
    ]);
    expect(fate!.lives.map((l) => [l.to, l.given.share[0]])).to.deep.equal([
      [0, 0.5],
      [1, 0.6],
      [2, 1],
    ]);
    expect(fate!.young).to.deep.equal([{ to: 1, number: one(2) }]);
  });

  const play = (times: number, singly: boolean, seed = 5) =>
    playAll(standOf({ start: [200, 40, 30, 40, 30].map((n) => n * times), singly }), { seed, runs: 4000, years: 20 });
  const lastYear = ({ plants, runs, years }: ReturnType<typeof play>) => [...plants.subarray((years - 1) * runs)];
  const meanOf = (of: readonly number[]): number => of.reduce((s, x) => s + x, 0) / of.length;
  it('leaves the mean of a stand as it is, and spreads a small one wider', () => {
    for (const times of [1, 0.05]) {
      const [with_, without] = [lastYear(play(times, true)), lastYear(play(times, false))];
      expect(meanOf(with_)).to.be.closeTo(meanOf(without), 0.06 * meanOf(without));
    }
    const lost = (singly: boolean) => lastYear(play(0.05, singly)).filter((n) => n < 0.2 * 5).length;
    expect(lost(true)).to.be.above(2 * lost(false));
  });
  it('makes no odds to a large stand', () => {
    const [with_, without] = [true, false].map((singly) => lastYear(play(50, singly)).sort((a, b) => a - b));
    for (const q of [0.05, 0.5, 0.95]) {
      const at = Math.floor(q * with_!.length);
      expect(with_![at]).to.be.closeTo(without![at]!, 0.05 * without![at]!);
    }
  });
  it('plays whole plants, the same again by the same seed, and none once there are none', () => {
    const played = play(0.02, true);
    expect(played.plants.every((n) => Number.isInteger(n))).to.equal(true);
    expect([...play(0.02, true).plants]).to.deep.equal([...played.plants]);
    const none = playAll(standOf({ start: [0, 0, 0, 0, 0], singly: true }), { seed: 1, runs: 250, years: 3 });
    expect(none.plants.every((n) => n === 0)).to.equal(true);
  });
});
