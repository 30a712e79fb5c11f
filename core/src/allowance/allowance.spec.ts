import { expect } from 'chai';
import fc from 'fast-check';
import { completeCount } from '../counting/census.ts';
import { allowanceFor, isWithin, type AllowanceInput } from './allowance.ts';
import type { Ceiling, CeilingRule, CeilingSource } from './ceiling.ts';

const by = (rule: CeilingRule, source: CeilingSource = 'houseRule'): Ceiling => ({ source, rule });
const leaves = (over: Partial<AllowanceInput> = {}): AllowanceInput => ({
  plantYield: 8,
  costsSeed: false,
  plants: completeCount(50),
  mature: null,
  flowering: null,
  lossShare: 0,
  ceilings: [],
  taken: { amount: 0, plants: 0 },
  ...over,
});
const few = by({ kind: 'perPlantCap', perPlant: 2 });
const tenth = by({ kind: 'fixedShare', share: 0.1 });

describe('allowance', () => {
  it('joins a share of plants with an amount per plant', () => {
    const a = allowanceFor(leaves({ ceilings: [few, tenth] }));
    expect(a).to.include({ kind: 'counted', plants: 5, perPlant: 2, amount: 10, amountLeft: 10 });
    expect(a.binding?.rule.kind).to.equal('fixedShare');
  });
  const alone: readonly (readonly [string, CeilingRule, number])[] = [
    ['a cap per plant', { kind: 'perPlantCap', perPlant: 3 }, 150],
    ['a fixed share', { kind: 'fixedShare', share: 1 / 3 }, 16 * 8],
    ['leaving some for others', { kind: 'leaveForOthers', share: 0.5 }, 25 * 8],
    ['skipping first and last', { kind: 'skipFirstAndLast' }, 48 * 8],
    ['every seventh plant', { kind: 'spread', everyNth: 7 }, 7 * 8],
    ['mature plants only', { kind: 'matureOnly' }, 20 * 8],
    ['keeping half the flowers', { kind: 'keepFlowering', share: 0.5 }, 6 * 8],
    ['light pruning', { kind: 'lightPruning', share: 0.25 }, 100],
    ['a quota', { kind: 'quota', amount: 33 }, 33],
  ];
  for (const [name, rule, amount] of alone)
    it(`reckons ${name}`, () => {
      const input = leaves({
        ceilings: [by(rule)],
        mature: completeCount(20),
        flowering: completeCount(12),
        costsSeed: true,
      });
      const a = allowanceFor(input);
      expect(a.amount).to.equal(amount);
      expect(a.binding?.rule.kind).to.equal(rule.kind);
    });
  it('lets a leaf be taken from flowering plants, since it costs no seed', () => {
    const a = allowanceFor(
      leaves({ ceilings: [by({ kind: 'keepFlowering', share: 0.9 })], flowering: completeCount(5) }),
    );
    expect(a.amount).to.equal(400);
  });
  const bars: readonly CeilingRule[] = [
    { kind: 'rest', until: 20000 },
    { kind: 'protected' },
    { kind: 'ownerLeave', leave: 'refused', until: null },
    { kind: 'identity', status: 'unconfirmed' },
    { kind: 'lookAlikeSeen', name: 'x' },
    { kind: 'contaminated' },
    { kind: 'age', minYears: 3, ageYears: 2 },
  ];
  for (const rule of bars)
    it(`gives nothing under ${rule.kind}, and names it`, () => {
      const a = allowanceFor(leaves({ ceilings: [few, by(rule, 'stand')] }));
      expect(a).to.include({ kind: 'none', amount: 0, amountLeft: 0 });
      expect(a.binding?.rule).to.equal(rule);
    });
  it('bars nothing by age when the age is unknown or reached', () => {
    for (const ageYears of [null, 3])
      expect(allowanceFor(leaves({ ceilings: [by({ kind: 'age', minYears: 3, ageYears })] })).kind).to.equal('counted');
  });
  it('speaks in shares where nothing was counted', () => {
    const a = allowanceFor(leaves({ plants: null, ceilings: [few, tenth] }));
    expect(a).to.include({ kind: 'relative', oneIn: 10, perPlant: 2, amount: null, amountLeft: null });
    expect(isWithin(a, { amount: 6, plants: 3 })).to.equal(true);
    expect(isWithin(a, { amount: 7, plants: 3 })).to.equal(false);
  });
  it('has an amount from a quota even without a count', () => {
    const a = allowanceFor(
      leaves({ plants: null, ceilings: [by({ kind: 'quota', amount: 5 }, 'law')], taken: { amount: 2, plants: 1 } }),
    );
    expect(a).to.include({ kind: 'counted', amount: 5, amountLeft: 3 });
  });
  it('takes all of an invader, but not against the law, the owner or an open identity', () => {
    const all = by({ kind: 'takeAll' }, 'profile');
    expect(allowanceFor(leaves({ ceilings: [all, tenth] })).kind).to.equal('all');
    expect(
      allowanceFor(leaves({ ceilings: [all, by({ kind: 'ownerLeave', leave: 'notAsked', until: null }, 'owner')] }))
        .kind,
    ).to.equal('none');
    expect(
      allowanceFor(leaves({ ceilings: [all, by({ kind: 'identity', status: 'unconfirmed' }, 'identity')] })).kind,
    ).to.equal('none');
    expect(allowanceFor(leaves({ ceilings: [all, by({ kind: 'quota', amount: 4 }, 'law')] })).amount).to.equal(4);
  });
  it('counts losses before one’s own share', () => {
    expect(allowanceFor(leaves({ ceilings: [tenth], lossShare: 0.6 })).plants).to.equal(2);
  });
  it('rests on the low end of the count', () => {
    expect(allowanceFor(leaves({ plants: { value: 50, low: 20, high: 110 }, ceilings: [tenth] })).plants).to.equal(2);
  });
  it('keeps the left amount at 0 after an over-take and calls the next one over', () => {
    const a = allowanceFor(leaves({ ceilings: [few, tenth], taken: { amount: 12, plants: 6 } }));
    expect(a).to.include({ amount: 10, amountLeft: 0, plantsLeft: 0 });
    expect(isWithin(a, { amount: 1, plants: 1 })).to.equal(false);
  });
  it('names a binding ceiling even when two say the same', () => {
    expect(allowanceFor(leaves({ ceilings: [tenth, by({ kind: 'spread', everyNth: 10 })] })).binding).not.to.equal(
      null,
    );
    expect(allowanceFor(leaves()).binding).to.equal(null);
  });
  it('refuses impossible losses and takes', () => {
    expect(() => allowanceFor(leaves({ lossShare: 1.2 }))).to.throw(RangeError);
    expect(() => allowanceFor(leaves({ taken: { amount: -1, plants: 0 } }))).to.throw(RangeError);
  });

  const rule = fc.oneof(
    fc.record({ kind: fc.constant('perPlantCap' as const), perPlant: fc.integer({ min: 1, max: 12 }) }),
    fc.record({ kind: fc.constant('fixedShare' as const), share: fc.double({ min: 0.01, max: 1, noNaN: true }) }),
    fc.record({ kind: fc.constant('leaveForOthers' as const), share: fc.double({ min: 0, max: 0.95, noNaN: true }) }),
    fc.record({ kind: fc.constant('spread' as const), everyNth: fc.integer({ min: 1, max: 30 }) }),
    fc.record({ kind: fc.constant('skipFirstAndLast' as const) }),
    fc.record({ kind: fc.constant('quota' as const), amount: fc.integer({ min: 0, max: 500 }) }),
  );
  const rules = fc.array(rule, { maxLength: 5 }).map((list) => list.map((r) => by(r)));
  it('never grows when a ceiling is added, and never exceeds any ceiling alone', () => {
    fc.assert(
      fc.property(rules, rule, fc.nat(200), (ceilings, extra, n) => {
        const before = allowanceFor(leaves({ ceilings, plants: completeCount(n) })).amount!;
        const after = allowanceFor(leaves({ ceilings: [...ceilings, by(extra)], plants: completeCount(n) }));
        return (
          after.amount! <= before + 1e-9 &&
          after.ceilings.every((c) => c.amount === null || after.amount! <= c.amount + 1e-9)
        );
      }),
    );
  });
  it('frees most when the named ceiling goes', () => {
    fc.assert(
      fc.property(rules, fc.nat(200), (ceilings, n) => {
        const input = leaves({ ceilings, plants: completeCount(n) });
        const { amount, binding } = allowanceFor(input);
        if (!binding) return true;
        const without = (gone: CeilingRule) =>
          allowanceFor({ ...input, ceilings: ceilings.filter((c) => c.rule !== gone) }).amount! - amount!;
        return ceilings.every((c) => without(c.rule) <= without(binding.rule) + 1e-6);
      }),
    );
  });
});
