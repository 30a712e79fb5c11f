import { expect } from 'chai';
import { completeCount } from '../counting/census.ts';
import { allowanceFor, isWithin, type AllowanceInput } from './allowance.ts';
import { by, leaves, quotaOf } from './builders.ts';
import { fractionOf } from './fraction.ts';

const of = (over: Partial<AllowanceInput> = {}) => allowanceFor(leaves(over));
const share = (s: number) => by({ kind: 'fixedShare', share: s });
const cap = (perPlant: number) => by({ kind: 'perPlantCap', perPlant });
const quota = (amount: number) => by(quotaOf(amount), 'permit');

describe('an allowance at its bounds', () => {
  it('is kept by a take of exactly what is left, in amount, in plants and of each plant, and by nothing more', () => {
    const a = of({ ceilings: [share(0.1), cap(2)] });
    expect([a.amountLeft, a.plantsLeft]).to.deep.equal([10, 5]);
    expect(isWithin(a, { amount: 10, plants: 5 })).to.equal(true);
    expect(isWithin(a, { amount: 10.001, plants: 5 })).to.equal(false);
    expect(isWithin(a, { amount: 6, plants: 6 })).to.equal(false);
    expect(isWithin(a, { amount: 4, plants: 2 })).to.equal(true);
    expect(isWithin(a, { amount: 4.001, plants: 2 })).to.equal(false);
    // Nobody said from how many plants: then the amount alone speaks.
    expect(isWithin(a, { amount: 10, plants: null })).to.equal(true);
    expect(isWithin(a, { amount: 11, plants: null })).to.equal(false);
    expect(isWithin(a, { amount: 3, plants: 0 })).to.equal(true);
  });
  it('of all there is holds nobody back, and asks for no figure', () => {
    const a = of({ ceilings: [by({ kind: 'takeAll' }, 'profile'), share(0.1)] });
    expect(a).to.deep.include({
      kind: 'all',
      plants: null,
      perPlant: null,
      amount: null,
      amountLeft: null,
      plantsLeft: null,
    });
    expect(a.binding?.rule.kind).to.equal('takeAll');
    expect(isWithin(a, { amount: null, plants: null })).to.equal(true);
    expect(isWithin(a, { amount: 1e6, plants: 1e6 })).to.equal(true);
    // Rules of the house are lifted with it; without it they hold.
    expect(a.ceilings.map((c) => c.rule.kind)).to.deep.equal(['takeAll']);
    expect(of({ ceilings: [share(0.1), by({ kind: 'rest', until: null }, 'stand')] }).ceilings).to.have.length(2);
  });
  it('by a plan is its share of the counted plants, none where it leaves the stand alone, and never more than another rule gives', () => {
    const plan = (of: number) => by({ kind: 'plan', part: 'leaf', share: of, everyYears: 1 });
    expect(of({ ceilings: [plan(0.1)] })).to.include({ kind: 'counted', plants: 5 });
    expect(of({ ceilings: [plan(0)] })).to.include({ kind: 'none', plants: 0, amount: 0 });
    expect(of({ ceilings: [plan(0.5), share(0.1)] }).plants).to.equal(5);
    expect(of({ ceilings: [plan(0.1), share(0.5)] }).binding?.rule.kind).to.equal('plan');
    expect(of({ ceilings: [plan(0.1)], plants: null })).to.deep.include({
      kind: 'relative',
      fraction: { take: 1, of: 10 },
    });
  });
  it('says what was taken, of takes that can be turned to the unit', () => {
    const taken = [
      { amount: 2, plants: 1 },
      { amount: 3.5, plants: null },
      { amount: null, plants: 4 },
    ];
    expect(of({ taken }).takenAmount).to.equal(5.5);
  });
  it('refuses a loss that is no share, and less than nothing taken or killed', () => {
    for (const over of [
      { lossShare: -0.01 },
      { lossShare: 1.01 },
      { killed: -1 },
      { taken: [{ amount: -1, plants: null }] },
      { taken: [{ amount: 1, plants: -1 }] },
    ])
      expect(() => of(over), JSON.stringify(over)).to.throw(RangeError);
    expect(of({ lossShare: 1 }).plantsStanding).to.equal(0);
    expect(of({ killed: 0, taken: [{ amount: 0, plants: 0 }] }).plantsStanding).to.equal(50);
  });
  it('counts plants that nobody counted as few as they can have been', () => {
    const left = (amount: number) =>
      of({ ceilings: [share(0.2), cap(2)], taken: [{ amount, plants: null }] }).plantsLeft;
    // Ten plants at two each: four leaves are two plants, five are three.
    expect([left(0), left(4), left(5)]).to.deep.equal([10, 8, 7]);
    const barren = of({ plantYield: 0, ceilings: [share(0.2)], taken: [{ amount: 0, plants: null }] });
    expect([barren.plantsLeft, barren.amountLeft]).to.deep.equal([10, 0]);
  });
  it('takes losses off the full-grown and the flowering as well', () => {
    const mature = of({ ceilings: [by({ kind: 'matureOnly' })], mature: completeCount(20), lossShare: 0.5 });
    expect(mature.plants).to.equal(10);
    const flowering = of({
      ceilings: [by({ kind: 'keepFlowering', share: 0.6 })],
      costsSeed: true,
      flowering: completeCount(20),
      lossShare: 0.5,
    });
    // Ten of twenty still flower; six of them must go on to.
    expect(flowering.plants).to.equal(4);
    expect(of({ ceilings: [by({ kind: 'matureOnly' })] }).plants).to.equal(50);
  });
  it('shows of each rule by itself what it leaves: a share of those that flower only where their seed is taken', () => {
    const rule = by({ kind: 'keepFlowering', share: 0.6 });
    const limit = (costsSeed: boolean) => of({ ceilings: [rule], costsSeed }).ceilings[0]!.shareOfPlants;
    expect(limit(true)).to.be.closeTo(0.4, 1e-12);
    expect(limit(false)).to.equal(null);
    const [strict, other] = of({ ceilings: [cap(4), share(0.25)] }).ceilings;
    expect([strict!.shareOfPlants, strict!.perPlant]).to.deep.equal([0.25, null]);
    expect([other!.shareOfPlants, other!.perPlant]).to.deep.equal([null, 4]);
  });
  it('goes by the strictest of several that must flower, and of several quotas', () => {
    const flowering = (...shares: readonly number[]) =>
      of({ costsSeed: true, ceilings: shares.map((s) => by({ kind: 'keepFlowering', share: s })) }).plants;
    expect([flowering(0.5), flowering(0.5, 0.8), flowering(0.8, 0.5)]).to.deep.equal([25, 10, 10]);
    const amount = (...amounts: readonly number[]) => of({ ceilings: amounts.map(quota) }).amount;
    expect([amount(100), amount(100, 30), amount(30, 100), amount(1000)]).to.deep.equal([100, 30, 30, 400]);
  });
  it('never has more flowering plants than plants', () => {
    const a = of({
      costsSeed: true,
      plants: completeCount(10),
      flowering: completeCount(80),
      ceilings: [by({ kind: 'keepFlowering', share: 0.5 })],
    });
    expect(a.plants).to.equal(5);
  });
  it('without a count says of a quota the amount beside the amount a plant, and of shares together their product', () => {
    const a = of({ plants: null, ceilings: [quota(5), cap(2)] });
    expect(a).to.deep.include({ steps: [], kind: 'relative', perPlant: 2, amount: 5 });
    expect(a.binding?.rule.kind).to.equal('perPlantCap');
    expect(of({ plants: null, ceilings: [cap(2)] })).to.deep.include({ steps: [], amount: null, kind: 'relative' });
    const both = of({
      plants: null,
      costsSeed: true,
      ceilings: [share(0.5), by({ kind: 'keepFlowering', share: 0.5 })],
    });
    expect(both.fraction).to.deep.equal({ take: 1, of: 4 });
  });
  it('adds a step for a quota only where it holds back: one just as large says nothing', () => {
    const steps = (amount: number) => of({ ceilings: [quota(amount)] }).steps.map((s) => s.kind);
    expect(steps(400)).to.deep.equal(['count', 'perPlant']);
    expect(steps(399)).to.deep.equal(['count', 'perPlant', 'quota']);
  });
  it('names as binding what frees most when it goes; of two that free the same, the law before the house', () => {
    expect(of({ ceilings: [share(0.5), cap(1)] }).binding?.rule.kind).to.equal('perPlantCap');
    expect(of({ ceilings: [share(0.05), cap(4)] }).binding?.rule.kind).to.equal('fixedShare');
    const twice = of({ ceilings: [share(0.1), by({ kind: 'spread', everyNth: 10 }, 'law')] });
    expect(twice.binding?.source).to.equal('law');
    // A rule that takes nothing away does not bind.
    expect(of({ ceilings: [share(1)] }).binding).to.equal(null);
    expect(of({ ceilings: [cap(8)] }).binding).to.equal(null);
  });
  it('puts what forbids first, what makes ill before all, then the rules by what each leaves', () => {
    const order = of({
      ceilings: [
        cap(4),
        share(0.02),
        by({ kind: 'rest', until: null }, 'stand'),
        by({ kind: 'contaminated' }, 'stand'),
        by({ kind: 'protected' }, 'law'),
      ],
    }).ceilings.map((c) => c.rule.kind);
    expect(order).to.deep.equal(['contaminated', 'protected', 'rest', 'fixedShare', 'perPlantCap']);
  });
});

describe('a share as people walk it', () => {
  it('is the simplest that comes within two in a hundred, and of others the closest below', () => {
    // 0.34 is a third within 2 %; 0.345 is not, and 3 of 10 is farther than 1 of 3.
    expect(fractionOf(0.34)).to.deep.equal({ take: 1, of: 3 });
    expect(fractionOf(0.66)).to.deep.equal({ take: 5, of: 8 });
    expect(fractionOf(0.345)).to.deep.equal({ take: 1, of: 3 });
    expect(fractionOf(0.1 / 3)).to.deep.equal({ take: 1, of: 30 });
    expect(fractionOf(0.05)).to.deep.equal({ take: 1, of: 20 });
  });
});
