import { expect } from 'chai';
import { naturalIsland } from '../nature/island.ts';
import { judgeLooks, type Judged } from './judge.ts';

describe('looks that are proposed', function () {
  this.timeout(120_000);
  let judged: readonly Judged[];
  before(() => {
    const { stands, came } = naturalIsland(3);
    judged = [...judgeLooks(stands, came, [2022])];
  });
  const mean = (of: (j: Judged) => number): number => judged.reduce((sum, j) => sum + of(j), 0) / judged.length;

  it('narrow half again as much as looks at random, at least, and bring what is said closer to what comes', () => {
    expect(judged).to.have.length.above(40);
    expect(mean((j) => j.proposed.narrower)).to.be.above(1.5 * mean((j) => j.atRandom.narrower));
    expect(mean((j) => j.proposed.off)).to.be.below(mean((j) => j.atRandom.off));
  });
  it('are each held against another stage or day of the same stand, and against none', () => {
    expect(judged.every((j) => j.none.narrower === 0)).to.equal(true);
    expect(judged.filter((j) => j.proposed.narrower !== j.atRandom.narrower).length).to.be.above(judged.length / 2);
  });
});
