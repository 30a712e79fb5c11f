import { expect } from 'chai';
import fc from 'fast-check';
import { chanceOf } from '../random/index.ts';
import type { BatchBody } from './batch.ts';
import { isOddMass, learnUnitMass, unitWeighings, type UnitWeighing } from './unit-mass.ts';

const prior = { value: 1, low: 0.7, high: 1 / 0.7, source: 'estimate' };
const weighed = (each: number, over: Partial<UnitWeighing> = {}): UnitWeighing => ({
  ...{ massG: 100 * each, amount: 100, washed: false },
  ...over,
});

describe('what one unit weighs', () => {
  it('is, by hand, between what was known and what was weighed, as each is sure', () => {
    // Known: sd of the logarithm 0.27832; weighed: 0.25. Its share of the way from 1 to 1.5 g is 0.07746 / (0.07746 + 0.0625) = 0.5534.
    const share = 0.27832 ** 2 / (0.27832 ** 2 + 0.25 ** 2);
    const { value, n } = learnUnitMass(prior, [weighed(1.5)])!;
    expect(value).to.be.closeTo(Math.exp(share * Math.log(1.5)), 1e-4);
    expect(value).to.be.closeTo(1.2515, 1e-3);
    expect(n).to.equal(1);
    // Wet it says less.
    expect(learnUnitMass(prior, [weighed(1.5, { washed: true })])!.value).to.be.within(1.1, value);
  });
  it('without a weighing is what was known, without either is nothing, and known exactly stays', () => {
    const { value, low, high } = learnUnitMass(prior, [])!;
    expect([value, low, high].map((x) => Math.round(1e6 * x) / 1e6)).to.deep.equal([1, 0.7, 1.428571]);
    expect(learnUnitMass(null, [])).to.equal(null);
    expect(learnUnitMass({ ...prior, low: 1, high: 1 }, [weighed(9)])!.value).to.equal(1);
    // Of what nobody knew a weighing is nearly all that is known.
    expect(learnUnitMass(null, [weighed(40)])!.value).to.be.closeTo(40, 1.5);
    expect(() => learnUnitMass(prior, [weighed(0)])).to.throw(RangeError);
  });
  it('lies between the least and the most of all that speaks, narrows with each weighing, and does not mind their order', () =>
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0.05, max: 40, noNaN: true }), { minLength: 1, maxLength: 12 }), (each) => {
        const all = each.map((e) => weighed(e));
        const learned = learnUnitMass(prior, all)!;
        expect(learned.value).to.be.within(Math.min(1, ...each) - 1e-9, Math.max(1, ...each) + 1e-9);
        const fewer = learnUnitMass(prior, all.slice(1))!;
        expect(learned.high / learned.low).to.be.below(fewer.high / fewer.low);
        expect(learnUnitMass(prior, [...all].reverse())!.value).to.be.closeTo(learned.value, 1e-9);
      }),
    ));
  it('holds the truth eight times of ten', () => {
    let inside = 0;
    const runs = 600;
    for (let seed = 1; seed <= runs; seed++) {
      const { normal } = chanceOf(seed);
      const truth = Math.exp(0.27832 * normal());
      const { low, high } = learnUnitMass(
        prior,
        [1, 2, 3].map(() => weighed(truth * Math.exp(0.25 * normal()))),
      )!;
      if (low <= truth && truth <= high) inside++;
    }
    expect(inside / runs).to.be.within(0.76, 0.84);
  });
  it('makes ten times as much odd, and half as much again not', () => {
    const learned = learnUnitMass(prior, [weighed(1), weighed(1.1)])!;
    expect([0.1, 0.7, 1.5, 10].map((e) => isOddMass(learned, weighed(e)))).to.deep.equal([true, false, false, true]);
  });
});

describe('weighings at the table', () => {
  const body = (parents: readonly string[], massG: number | null, over: Partial<BatchBody> = {}) => ({
    body: { ...{ parents, massG, part: 'leaf', out: [], washed: false }, ...over } as BatchBody,
  });
  const takes = new Map([
    ['a', 100],
    ['b', 50],
    ['weighed', null],
  ]);
  it('are of takes that were counted, less what was thrown out; jars of the same takes are one', () => {
    const found = unitWeighings(
      [body(['b', 'a'], 80, { out: [{ reason: 'woody', share: 0.1 }] }), body(['a', 'b'], 55, { washed: true })],
      takes,
    );
    expect(found).to.deep.equal([{ massG: 135, amount: 135, washed: true, takes: ['a', 'b'] }]);
  });
  it('are none of what was never weighed, weighed from the start, made of batches, split by part, or on the table twice', () => {
    for (const batches of [
      [body(['a'], null)],
      [body(['weighed'], 70)],
      [body(['a', 'another batch'], 70)],
      [body(['a'], 70), body(['a', 'b'], 90)],
      [body(['a'], 70), body(['a'], 20, { part: 'root' })],
      [body(['a'], 70, { out: [{ reason: 'old', share: 1 }] })],
    ])
      expect(unitWeighings(batches, takes)).to.deep.equal([]);
  });
});
