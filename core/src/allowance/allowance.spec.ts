import { expect } from 'chai';
import fc from 'fast-check';
import { completeCount } from '../counting/census.ts';
import { allowanceFor, isWithin, type AllowanceInput } from './allowance.ts';
import { by, leaves, quotaOf } from './builders.ts';
import type { Ceiling, CeilingRule } from './ceiling.ts';

const few = by({ kind: 'perPlantCap', perPlant: 2 });
const tenth = by({ kind: 'fixedShare', share: 0.1 });

const plantsOf = (ceilings: readonly Ceiling[], counted: number, over: Partial<AllowanceInput> = {}) =>
  allowanceFor(leaves({ ceilings, plants: completeCount(counted), ...over }));
const chain = (a: ReturnType<typeof allowanceFor>) => a.steps.map((s) => [s.kind, s.plants]);

describe('allowance', () => {
  it('joins a share of plants with an amount per plant', () => {
    const a = allowanceFor(leaves({ ceilings: [few, tenth] }));
    expect(a).to.include({ kind: 'counted', plants: 5, perPlant: 2, amount: 10, amountLeft: 10 });
    expect(a.binding?.rule.kind).to.equal('fixedShare');
  });

  describe('of rules that hold together', () => {
    it('takes first and last off before the share: 31 plants, a third → 9', () => {
      const a = plantsOf([by({ kind: 'fixedShare', share: 1 / 3 }), by({ kind: 'skipFirstAndLast' })], 31);
      expect(a.plants).to.equal(9);
      expect(chain(a)).to.deep.equal([
        ['count', 31],
        ['firstAndLast', 29],
        ['share', 9],
        ['perPlant', 9],
      ]);
    });
    it('takes losses off before the share: 120 plants, 30 % lost, leave 30 % → 84 → 58', () => {
      const a = plantsOf([by({ kind: 'leaveForOthers', share: 0.3 })], 120, { lossShare: 0.3 });
      expect(chain(a).slice(0, 3)).to.deep.equal([
        ['count', 120],
        ['losses', 84],
        ['share', 58],
      ]);
      expect([a.plantsCounted, a.plantsStanding]).to.deep.equal([120, 84]);
    });
    it('leaves a quarter to flower, then a third of each plant’s: 11 plants → 8 → × 20 heads → 160', () => {
      const a = plantsOf([by({ kind: 'keepFlowering', share: 0.25 }), by({ kind: 'lightPruning', share: 1 / 3 })], 11, {
        plantYield: 60,
        costsSeed: true,
      });
      expect(chain(a)).to.deep.equal([
        ['count', 11],
        ['flowering', 8],
        ['perPlant', 8],
      ]);
      expect(a.steps.at(-1)).to.include({ perPlant: 20, amount: 160 });
    });
    it('takes plants killed since the count off, mature ones only, and ends at a quota', () => {
      const a = plantsOf([by({ kind: 'matureOnly' }), by(quotaOf(33), 'permit')], 50, {
        killed: 4,
        mature: completeCount(20),
      });
      expect(chain(a)).to.deep.equal([
        ['count', 50],
        ['killed', 46],
        ['mature', 20],
        ['perPlant', 20],
        ['quota', 20],
      ]);
      expect(a.amount).to.equal(33);
    });
    it('takes of measured trees what each bears, of as many as may be those that bear least', () => {
      const trees = { by: 'girth' as const, each: [2, 0, 4, 2, 0, 2] };
      const taps = by({ kind: 'sapTaps', firstCm: 80, secondCm: 150 }, 'profile');
      const half = by({ kind: 'fixedShare', share: 0.5 });
      const a = plantsOf([taps, half], 6, { plantYield: 2, trees });
      expect(chain(a)).to.deep.equal([
        ['count', 6],
        ['girth', 4],
        ['share', 2],
        ['perTree', 2],
      ]);
      expect(a).to.include({ amount: 4, perPlant: 4 });
      expect(plantsOf([taps], 6, { plantYield: 2, trees }).binding?.rule.kind).to.equal('sapTaps');
      const third = by({ kind: 'lightPruning', share: 1 / 3 });
      const tips = { by: 'tips' as const, each: [300, 31] };
      expect(plantsOf([third], 2, { trees: tips })).to.include({ amount: 110.333, plants: 2 });
      expect(plantsOf([], 6, { plantYield: 2, trees }).amount, 'without the rule girth says nothing').to.equal(12);
    });
    it('lets a leaf be taken from flowering plants, since it costs no seed', () => {
      expect(
        plantsOf([by({ kind: 'keepFlowering', share: 0.9 })], 50, { flowering: completeCount(5) }).amount,
      ).to.equal(400);
    });
    it('does not lose a plant to the arithmetic of shares', () => {
      // 0.7 of 10 is 7 though 1 − 0.3 is a hair below 0.7 in binary.
      expect(plantsOf([by({ kind: 'leaveForOthers', share: 0.3 })], 10).plants).to.equal(7);
      expect(plantsOf([by({ kind: 'fixedShare', share: 0.29 })], 100).plants).to.equal(29);
    });
    it('leaves neither first nor last where there are no more than two', () => {
      for (const n of [0, 1, 2]) expect(plantsOf([by({ kind: 'skipFirstAndLast' })], n).amount).to.equal(0);
    });
  });

  const bars: readonly CeilingRule[] = [
    { kind: 'rest', until: 20000 },
    { kind: 'protected' },
    { kind: 'ownerLeave', leave: 'refused', until: null },
    { kind: 'identity', status: 'unconfirmed' },
    { kind: 'lookAlikeSeen', where: 'here', name: { en: 'x' } },
    { kind: 'contaminated' },
    { kind: 'age', minYears: 3, ageYears: 2, kills: false },
    { kind: 'age', minYears: 3, ageYears: null, kills: true },
  ];
  for (const rule of bars)
    it(`gives nothing under ${JSON.stringify(rule)}, and names it`, () => {
      const a = allowanceFor(leaves({ ceilings: [few, by(rule, 'stand')] }));
      expect(a).to.include({ kind: 'none', amount: 0, amountLeft: 0 });
      expect(a.binding?.rule).to.equal(rule);
      expect(isWithin(a, { amount: 1, plants: 1 })).to.equal(false);
      expect(isWithin(a, { amount: 0, plants: 0 })).to.equal(true);
    });
  it('names what makes ill before all else that forbids, and the law before the stand', () => {
    const first = (...rules: readonly Ceiling[]) => allowanceFor(leaves({ ceilings: rules })).binding?.rule.kind;
    const law = by({ kind: 'protected' }, 'law');
    expect(first(law, by({ kind: 'contaminated' }, 'stand'))).to.equal('contaminated');
    expect(
      first(by({ kind: 'identity', status: 'provisional' }, 'identity'), by({ kind: 'contaminated' }, 'stand')),
    ).to.equal('contaminated');
    expect(first(by({ kind: 'rest', until: null }, 'stand'), law)).to.equal('protected');
  });
  it('bars nothing by an age that is reached, nor by one nobody knows where taking does not kill', () => {
    for (const rule of [
      { kind: 'age', minYears: 3, ageYears: 3, kills: true },
      { kind: 'age', minYears: 3, ageYears: null, kills: false },
    ] as const)
      expect(allowanceFor(leaves({ ceilings: [by(rule)] })).kind).to.equal('counted');
  });
  it('speaks in shares where nothing was counted, and never promises more than the share', () => {
    const a = allowanceFor(leaves({ plants: null, ceilings: [few, tenth] }));
    expect(a).to.deep.include({ kind: 'relative', fraction: { take: 1, of: 10 }, perPlant: 2, amount: null });
    expect(isWithin(a, { amount: 6, plants: 3 })).to.equal(true);
    expect(isWithin(a, { amount: 7, plants: 3 })).to.equal(false);
    const third = allowanceFor(leaves({ plants: null, ceilings: [by({ kind: 'leaveForOthers', share: 1 / 3 })] }));
    expect(third.fraction).to.deep.equal({ take: 2, of: 3 });
    expect(allowanceFor(leaves()).fraction).to.equal(null);
  });
  it('without a count is relative, and ends where a quota does', () => {
    const quota = [by(quotaOf(5), 'permit')];
    const a = allowanceFor(leaves({ plants: null, ceilings: quota, taken: [{ amount: 2, plants: 1 }] }));
    expect(a).to.include({ kind: 'relative', amount: 5, amountLeft: 3 });
    expect([3, 4].map((amount) => isWithin(a, { amount, plants: null }))).to.deep.equal([true, false]);
  });
  it('takes all of an invader, but not against the law, the owner or an open identity', () => {
    const all = by({ kind: 'takeAll' }, 'profile');
    const kind = (...more: readonly Ceiling[]) => allowanceFor(leaves({ ceilings: [all, ...more] })).kind;
    expect(kind(tenth)).to.equal('all');
    expect(kind(by({ kind: 'ownerLeave', leave: 'notAsked', until: null }, 'owner'))).to.equal('none');
    expect(kind(by({ kind: 'identity', status: 'unconfirmed' }, 'identity'))).to.equal('none');
    const under = (amount: number, plants = leaves().plants) =>
      allowanceFor(leaves({ plants, ceilings: [all, by(quotaOf(amount), 'permit')] })).amount;
    expect([under(4), under(4, null), under(9000)], 'nor beyond a permit').to.deep.equal([4, 4, 400]);
  });
  it('rests on the low end of the count', () => {
    expect(allowanceFor(leaves({ plants: { value: 50, low: 20, high: 110 }, ceilings: [tenth] })).plants).to.equal(2);
  });

  describe('that was spent', () => {
    const third = by({ kind: 'fixedShare', share: 1 / 3 });
    it('spends plants as well as amount, and ends with whichever runs out first', () => {
      // 57 plants, a third: 19 of 8 leaves. Three leaves each from ten plants: nine plants are left, not 122 leaves.
      const a = plantsOf([third], 57, { taken: [{ amount: 30, plants: 10 }] });
      expect(a).to.include({ plants: 19, amount: 152, plantsLeft: 9, amountLeft: 72 });
      const all = plantsOf([third], 57, { taken: [{ amount: 30, plants: 19 }] });
      expect(all).to.include({ plantsLeft: 0, amountLeft: 0 });
      expect(plantsOf([third], 57, { taken: [{ amount: 150, plants: null }] })).to.include({
        plantsLeft: 0,
        amountLeft: 0,
      });
    });
    it('goes back to the same plants where no rule says how many may be touched', () => {
      const pruned = by({ kind: 'lightPruning', share: 0.5 });
      const a = plantsOf([pruned], 6, { plantYield: 100, taken: [{ amount: 20, plants: 6 }] });
      expect(a).to.include({ plantsLeft: null, amountLeft: 280 });
    });
    it('goes back to trees within a share of them too, and touches no more of them than the share', () => {
      const a = plantsOf([by({ kind: 'leaveForOthers', share: 0.25 })], 4, {
        plantYield: 40,
        goneBackTo: true,
        taken: [
          { amount: 50, plants: 3 },
          { amount: 58, plants: 3 },
        ],
      });
      expect(a).to.include({ amount: 120, amountLeft: 12, plantsLeft: 3 });
      expect(isWithin(a, { amount: 4, plants: 4 })).to.equal(false);
    });
    it('keeps the left amount at 0 after an over-take and calls the next one over', () => {
      const a = allowanceFor(leaves({ ceilings: [few, tenth], taken: [{ amount: 12, plants: 6 }] }));
      expect(a).to.include({ amount: 10, amountLeft: 0, plantsLeft: 0 });
      expect(isWithin(a, { amount: 1, plants: 1 })).to.equal(false);
    });
    it('leaves nothing after a take that nobody can turn to the unit: it may have been all of it', () => {
      const a = allowanceFor(leaves({ ceilings: [few], taken: [{ amount: null, plants: 3 }] }));
      expect(a.amountLeft).to.equal(0);
      expect(isWithin(allowanceFor(leaves({ ceilings: [few] })), { amount: null, plants: 3 })).to.equal(false);
    });
    it('holds a cap a plant against each take: ten leaves off one plant are over under two a plant', () => {
      const a = plantsOf([few], 50);
      expect(isWithin(a, { amount: 10, plants: 1 })).to.equal(false);
      expect(isWithin(a, { amount: 10, plants: 5 })).to.equal(true);
      expect(isWithin(plantsOf([third], 30), { amount: 11, plants: 11 }), 'more plants than may be touched').to.equal(
        false,
      );
    });
  });

  it('names a binding ceiling even when two say the same', () => {
    expect(allowanceFor(leaves({ ceilings: [tenth, by({ kind: 'spread', everyNth: 10 })] })).binding).not.to.equal(
      null,
    );
    expect(allowanceFor(leaves()).binding).to.equal(null);
  });
  it('refuses impossible losses and takes', () => {
    expect(() => allowanceFor(leaves({ lossShare: 1.2 }))).to.throw(RangeError);
    expect(() => allowanceFor(leaves({ taken: [{ amount: -1, plants: 0 }] }))).to.throw(RangeError);
    expect(() => allowanceFor(leaves({ killed: -1 }))).to.throw(RangeError);
  });

  const rule = fc.oneof(
    fc.record({ kind: fc.constant('perPlantCap' as const), perPlant: fc.integer({ min: 1, max: 12 }) }),
    fc.record({ kind: fc.constant('fixedShare' as const), share: fc.double({ min: 0.01, max: 1, noNaN: true }) }),
    fc.record({ kind: fc.constant('leaveForOthers' as const), share: fc.double({ min: 0, max: 0.95, noNaN: true }) }),
    fc.record({ kind: fc.constant('keepFlowering' as const), share: fc.double({ min: 0, max: 1, noNaN: true }) }),
    fc.record({ kind: fc.constant('lightPruning' as const), share: fc.double({ min: 0.01, max: 1, noNaN: true }) }),
    fc.record({ kind: fc.constant('spread' as const), everyNth: fc.integer({ min: 1, max: 30 }) }),
    fc.record({ kind: fc.constant('skipFirstAndLast' as const) }),
    fc.record({ kind: fc.constant('matureOnly' as const) }),
    fc.integer({ min: 0, max: 500 }).map(quotaOf),
  );
  const rules = fc.array(rule, { maxLength: 6 }).map((list) => list.map((r) => by(r)));
  const count = fc.option(fc.nat(200), { nil: null });
  const stands = fc.record({
    plants: fc.nat(200).map(completeCount),
    mature: count.map((n) => (n === null ? null : completeCount(n))),
    flowering: count.map((n) => (n === null ? null : completeCount(n))),
    lossShare: fc.double({ min: 0, max: 1, noNaN: true }),
    killed: fc.nat(30),
    seedSpent: fc.nat(10),
    held: fc.nat(20),
    costsSeed: fc.boolean(),
  });
  it('never grows when a rule is added, in plants, in amount or in what is left', () => {
    fc.assert(
      fc.property(rules, rule, stands, fc.nat(40), (ceilings, extra, stand, amount) => {
        const taken = [{ amount, plants: null }];
        const before = allowanceFor(leaves({ ...stand, ceilings, taken }));
        const after = allowanceFor(leaves({ ...stand, ceilings: [...ceilings, by(extra)], taken }));
        return (
          after.amount! <= before.amount! + 1e-9 &&
          after.plants! <= before.plants! &&
          after.amountLeft! <= before.amountLeft! + 1e-9
        );
      }),
    );
  });
  it('never grows by what is set aside, or taken of other parts at the cost of seed', () => {
    fc.assert(
      fc.property(rules, stands, fc.nat(20), (ceilings, stand, more) => {
        const of = (over: Partial<typeof stand>) => allowanceFor(leaves({ ...stand, ...over, ceilings }));
        const before = of({});
        const [held, spent] = [of({ held: stand.held + more }), of({ seedSpent: stand.seedSpent + more })];
        return (
          held.amountLeft! <= before.amountLeft! + 1e-9 &&
          held.amount === before.amount &&
          spent.amount! <= before.amount! + 1e-9 &&
          [held, spent].every((a) => a.amountLeft! >= 0 && (a.plantsLeft ?? 0) >= 0)
        );
      }),
    );
  });
  it('ends its sum at the headline, and goes down at every step', () => {
    fc.assert(
      fc.property(rules, stands, (ceilings, stand) => {
        const a = allowanceFor(leaves({ ...stand, ceilings }));
        const plants = a.steps.map((s) => s.plants!);
        const last = a.steps.at(-1)!;
        return (
          last.plants === a.plants &&
          last.perPlant === a.perPlant &&
          last.amount === a.amount &&
          plants.every((n, i) => Number.isInteger(n) && n >= 0 && (i === 0 || n <= plants[i - 1]!))
        );
      }),
    );
  });
  it('hangs neither on the order of rules nor on that of takes', () => {
    const takes = fc.array(fc.record({ amount: fc.nat(20), plants: fc.option(fc.nat(9), { nil: null }) }), {
      maxLength: 5,
    });
    fc.assert(
      fc.property(rules, stands, takes, (ceilings, stand, taken) => {
        const a = allowanceFor(leaves({ ...stand, ceilings, taken }));
        const b = allowanceFor(leaves({ ...stand, ceilings: [...ceilings].reverse(), taken: [...taken].reverse() }));
        return (
          a.amount === b.amount &&
          a.plants === b.plants &&
          a.amountLeft === b.amountLeft &&
          a.plantsLeft === b.plantsLeft
        );
      }),
    );
  });
  it('frees most when the named ceiling goes', () => {
    fc.assert(
      fc.property(rules, stands, (ceilings, stand) => {
        const input = leaves({ ...stand, ceilings });
        const { amount, binding } = allowanceFor(input);
        if (!binding) return true;
        const without = (gone: CeilingRule) =>
          allowanceFor({ ...input, ceilings: ceilings.filter((c) => c.rule !== gone) }).amount! - amount!;
        return ceilings.every((c) => without(c.rule) <= without(binding.rule) + 1e-6);
      }),
    );
  });
});
