import { expect } from 'chai';
import type { AllowanceView } from '@emberfield/contract';
import { dotsFor, goesOver, stepsFor } from './tally.ts';

const allowance = (over: Partial<AllowanceView>): AllowanceView => ({
  kind: 'counted',
  unit: 'leaf',
  plants: 5,
  perPlant: 2,
  amount: 10,
  amountLeft: 10,
  plantsLeft: 5,
  takenAmount: 0,
  fraction: null,
  plantsCounted: 50,
  plantsStanding: 50,
  steps: [],
  ceilings: [],
  ...over,
});

describe('the tally', () => {
  it('steps by what a hand takes at once', () => {
    expect(stepsFor(allowance({}))).to.deep.equal([1, 5]);
    expect(stepsFor(allowance({ amountLeft: 240 }))).to.deep.equal([1, 10]);
    expect(stepsFor(allowance({ amountLeft: 3000 }))).to.deep.equal([10, 100]);
    expect(stepsFor(allowance({ unit: 'litre' }))).to.deep.equal([0.5, 1]);
    // Side roots: a third of a root each. Where nothing may be taken each gives nothing, and what was dug is whole.
    expect(stepsFor(allowance({ unit: 'root', perPlant: 0.35 }))).to.deep.equal([0.5, 1]);
    expect(stepsFor(allowance({ kind: 'none', unit: 'root', perPlant: 0, amountLeft: 0 }))).to.deep.equal([1, 5]);
    expect(stepsFor(allowance({}), 'gram')).to.deep.equal([10, 50, 100]);
    expect(stepsFor(allowance({ amountLeft: 3000 }), 'bag')).to.deep.equal([1, 5]);
  });
  it('stops at the limit, not before', () => {
    expect(goesOver(allowance({}), 10)).to.equal(false);
    expect(goesOver(allowance({}), 11)).to.equal(true);
    expect(goesOver(allowance({ kind: 'none', amountLeft: 0 }), 1)).to.equal(true);
    expect(goesOver(allowance({ kind: 'all', amountLeft: null }), 999)).to.equal(false);
    expect(goesOver(allowance({ kind: 'relative', amountLeft: null }), 999)).to.equal(false);
  });
  it('shows a dot for each of a few, and twenty for many', () => {
    expect(dotsFor(3, 8)).to.deep.equal({ all: 8, filled: 3 });
    expect(dotsFor(120, 240)).to.deep.equal({ all: 20, filled: 10 });
    expect(dotsFor(5, 0)).to.deep.equal({ all: 1, filled: 1 });
  });
});
