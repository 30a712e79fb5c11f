import { expect } from 'chai';
import { growthUnder, seedBankYears, shareThatHolds } from './holding.ts';
import { LIVES } from './life-forms.ts';
import { projectionMatrix, ratesOf } from './life-history.ts';
import { LEAVE_ALONE, type StandPlan } from './plan.ts';
import { matrixUnder } from './simulate.ts';

const elder = ratesOf(LIVES.spreadingInvader);
const balsam = ratesOf(LIVES.annualInvader);
const dug: StandPlan = { ...LEAVE_ALONE, stages: ['juvenile', 'mature'], effect: { kills: 1 } };

describe('holding back what spreads', () => {
  it('leaves the matrix as it is where nothing is taken, and empties the columns of what is killed', () => {
    expect(matrixUnder(elder, LEAVE_ALONE)).to.deep.equal(projectionMatrix(elder));
    expect(
      matrixUnder(elder, { ...dug, share: 1 })
        .flat()
        .every((x) => x === 0),
    ).to.equal(true);
    expect(growthUnder(elder, { ...dug, share: 1 })).to.equal(0);
  });
  it('takes 1 − 1/λ of all plants where each that is taken dies', () => {
    const lambda = growthUnder(elder, LEAVE_ALONE);
    expect(lambda).to.be.above(1.2);
    expect(shareThatHolds([elder], dug)!.value).to.be.closeTo(1 - 1 / lambda, 1e-5);
    expect(growthUnder(elder, { ...dug, share: shareThatHolds([elder], dug)!.value })).to.be.closeTo(1, 1e-4);
  });
  it('cannot be done by a few leaves, and need not be where it shrinks by itself', () => {
    expect(shareThatHolds([elder], { ...dug, effect: { weakens: 0.05 } })).to.equal(null);
    const dying = { ...elder, births: elder.births.map((b) => ({ ...b, number: 0 })) };
    expect(shareThatHolds([dying], dug)).to.deep.equal({ value: 0, low: 0, high: 0 });
  });
  it('has a range over what is not known, and more has to be taken of what grows faster', () => {
    const faster = { ...elder, births: elder.births.map((b) => ({ ...b, number: 2 * b.number })) };
    const { low, value, high } = shareThatHolds([...Array.from({ length: 8 }, () => elder), faster, faster], dug)!;
    expect(low).to.equal(value);
    expect(high).to.be.above(value);
  });
  it('goes on until the seed in the ground is gone', () => {
    // 0.35 live, 0.4 of them stay: 0.14 a year; 0.14² = 0.02, 0.14³ = 0.003.
    expect(seedBankYears(balsam)).to.equal(3);
    expect(seedBankYears(elder)).to.equal(0);
    expect(seedBankYears({ ...balsam, moves: [{ from: 0, to: 1, share: 1 }] })).to.equal(1);
  });
});
