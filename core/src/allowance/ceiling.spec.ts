import { expect } from 'chai';
import fc from 'fast-check';
import { limitOf, type CeilingRule, type StandMeasure } from './ceiling.ts';

const stand: StandMeasure = { plants: 41, mature: 30, flowering: 20, plantYield: 6, costsSeed: true };
const limit = (rule: CeilingRule, over: Partial<StandMeasure> = {}) =>
  limitOf({ source: 'houseRule', rule }, { ...stand, ...over });

describe('one ceiling alone', () => {
  const worked: readonly [CeilingRule, { plants?: number | null; perPlant?: number | null; amount: number | null }][] =
    [
      [
        { kind: 'perPlantCap', perPlant: 2 },
        { plants: null, perPlant: 2, amount: 82 },
      ],
      // A cap above what a plant carries is no more than what it carries.
      [
        { kind: 'perPlantCap', perPlant: 9 },
        { plants: null, perPlant: 6, amount: 246 },
      ],
      [
        { kind: 'fixedShare', share: 0.1 },
        { plants: 4, amount: 24 },
      ],
      [
        { kind: 'leaveForOthers', share: 0.3 },
        { plants: 28, amount: 168 },
      ],
      [
        { kind: 'spread', everyNth: 5 },
        { plants: 8, amount: 48 },
      ],
      [{ kind: 'skipFirstAndLast' }, { plants: 39, amount: 234 }],
      [{ kind: 'matureOnly' }, { plants: 30, amount: 180 }],
      [
        { kind: 'keepFlowering', share: 0.6 },
        { plants: 8, amount: 48 },
      ],
      [
        { kind: 'lightPruning', share: 0.1 },
        { plants: null, perPlant: 0.6, amount: 24.6 },
      ],
      [
        { kind: 'quota', amount: 15 },
        { plants: null, perPlant: null, amount: 15 },
      ],
    ];
  for (const [rule, { plants = null, perPlant = null, amount }] of worked)
    it(`turns ${rule.kind} to plants, per plant and amount`, () => {
      const { bars, ...said } = limit(rule);
      expect(bars).to.equal(false);
      expect(said.plants).to.equal(plants);
      if (perPlant === null) expect(said.perPlant).to.equal(null);
      else expect(said.perPlant).to.be.closeTo(perPlant, 1e-9);
      expect(said.amount).to.be.closeTo(amount!, 1e-9);
    });
  it('does not lose a plant to the arithmetic of shares', () => {
    // 0.7 of 10 is 7 though 1 − 0.3 is a hair below 0.7 in binary.
    expect(limit({ kind: 'leaveForOthers', share: 0.3 }, { plants: 10 }).plants).to.equal(7);
    expect(limit({ kind: 'fixedShare', share: 0.29 }, { plants: 100 }).plants).to.equal(29);
  });
  it('says nothing of amounts where nothing was counted, but keeps its share', () => {
    const uncounted = { plants: null, mature: null, flowering: null };
    expect(limit({ kind: 'fixedShare', share: 0.1 }, uncounted)).to.include({
      plants: null,
      amount: null,
      shareOfPlants: 0.1,
    });
    expect(limit({ kind: 'perPlantCap', perPlant: 2 }, uncounted)).to.include({ perPlant: 2, amount: null });
    expect(limit({ kind: 'matureOnly' }, uncounted)).to.include({ plants: null, amount: null, bars: false });
  });
  it('keeps flowering plants only where the taking costs seed, and reckons on all where none were told apart', () => {
    const rule: CeilingRule = { kind: 'keepFlowering', share: 0.6 };
    expect(limit(rule, { costsSeed: false })).to.include({ plants: null, amount: null });
    expect(limit(rule, { flowering: null }).plants).to.equal(16);
  });
  it('leaves neither first nor last where there are no more than two', () => {
    for (const plants of [0, 1, 2]) expect(limit({ kind: 'skipFirstAndLast' }, { plants }).amount).to.equal(0);
  });
  it('forbids what is too young, and only warns of an age nobody knows', () => {
    expect(limit({ kind: 'age', minYears: 3, ageYears: 2 }).bars).to.equal(true);
    expect(limit({ kind: 'age', minYears: 3, ageYears: 3 }).bars).to.equal(false);
    expect(limit({ kind: 'age', minYears: 3, ageYears: null }).bars).to.equal(false);
  });
  it('that forbids leaves nothing in any measure', () => {
    const bans: readonly CeilingRule[] = [
      { kind: 'rest', until: null },
      { kind: 'protected' },
      { kind: 'ownerLeave', leave: 'refused', until: null },
      { kind: 'identity', status: 'unconfirmed' },
      { kind: 'lookAlikeSeen', name: 'Yew' },
      { kind: 'contaminated' },
    ];
    for (const rule of bans)
      expect(limit(rule), rule.kind).to.include({ bars: true, plants: 0, perPlant: 0, amount: 0 });
  });
  it('never gives more plants than there are, nor a part of one', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 5000 }), fc.double({ min: 0, max: 1, noNaN: true }), (plants, share) => {
        const given = limit({ kind: 'fixedShare', share }, { plants }).plants!;
        expect(given).to.be.within(0, plants);
        expect(Number.isInteger(given)).to.equal(true);
      }),
    );
  });
});
