import { expect } from 'chai';
import { drawsFor } from './draws.ts';

const mean = (values: ArrayLike<number>): number => Array.from(values).reduce((a, b) => a + b, 0) / values.length;
const variance = (values: ArrayLike<number>): number => mean(Array.from(values, (v) => v * v)) - mean(values) ** 2;

describe('draws', () => {
  const draws = drawsFor(512, 6);

  it('are the same for the same question, and kept', () => expect(drawsFor(512, 6)).to.equal(draws));
  it('of a stage’s own effect are standard normal', () => {
    for (const own of draws.own) {
      expect(mean(own)).to.be.closeTo(0, 0.05);
      expect(variance(own)).to.be.closeTo(1, 0.08);
    }
  });
  it('of the season, weighed, are standard normal too, though drawn wider', () => {
    const total = draws.weight.reduce((a, b) => a + b, 0);
    const moment = (power: number) => draws.season.reduce((s, z, j) => s + draws.weight[j]! * z ** power, 0) / total;
    expect(moment(1)).to.be.closeTo(0, 0.05);
    expect(moment(2)).to.be.closeTo(1, 0.08);
    expect(variance(draws.season)).to.be.closeTo(1.6 ** 2, 0.2);
  });
  // Of fifteen pairs of 512 chance draws the most alike would be about this much alike.
  it('of different stages hang together no more than chance would have it', () => {
    for (let a = 0; a < draws.own.length; a++)
      for (let b = a + 1; b < draws.own.length; b++) {
        const product = draws.own[a]!.map((v, j) => v * draws.own[b]![j]!);
        expect(Math.abs(mean(product)), `${a} and ${b}`).to.be.lessThan(0.15);
      }
  });
  it('do not hang on the weather years that they are drawn with: each has early and late seasons alike', () => {
    for (const years of [5, 8, 12, 20]) {
      const own = drawsFor(24 * years, 4, years);
      const means = Array.from({ length: years }, (_, year) => {
        const mine = Array.from(own.season, (z, j) => ({ z, w: own.weight[j]! })).filter((_, j) => j % years === year);
        return mine.reduce((s, { z, w }) => s + z * w, 0) / mine.reduce((s, { w }) => s + w, 0);
      });
      expect(Math.max(...means.map(Math.abs)), `${years} years`).to.be.below(0.1);
    }
  });
  it('share the ways of dating out evenly, in every year', () => {
    const { share } = drawsFor(24 * 10, 4, 10);
    for (let year = 0; year < 10; year++) {
      const mine = Array.from(share).filter((_, j) => j % 10 === year);
      expect(mine.filter((v) => v < 0.3).length / mine.length, `year ${year}`).to.be.within(0.2, 0.4);
    }
  });
  it('reach late and early years: some season lies more than two and a half spreads out on either side', () => {
    expect(Math.max(...draws.season)).to.be.greaterThan(2.5);
    expect(Math.min(...draws.season)).to.be.lessThan(-2.5);
  });
});
