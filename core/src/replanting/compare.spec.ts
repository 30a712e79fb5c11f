import { expect } from 'chai';
import fc from 'fast-check';
import { successOf } from './compare.ts';

describe('what became of what was put back', () => {
  it('is told of what was looked at a year on, and not of what nobody knows yet', () => {
    const { share, ...said } = successOf([
      { planted: 10, alive: 6 },
      { planted: 4, alive: 0 },
      { planted: 5, alive: null },
    ]);
    expect(said).to.deep.equal({ cohorts: 3, planted: 19, known: { cohorts: 2, planted: 14, alive: 6 } });
    // 6.9 and 3.5 plants’ worth: (0.5 + 4.14) / (1 + 10.38)
    expect(share!.value).to.be.closeTo(0.407, 0.001);
    expect(successOf([{ planted: 5, alive: null }]).share).to.equal(null);
  });
  it('is the surer the more cohorts were seen, and hardly the surer for one large one', () => {
    const width = (cohorts: number, planted: number): number => {
      const { low, high } = successOf(Array.from({ length: cohorts }, () => ({ planted, alive: planted / 2 }))).share!;
      return high - low;
    };
    expect(width(10, 10)).to.be.below(width(1, 100));
    expect(width(1, 1000)).to.be.above(0.3);
  });
  it('lies within its range, and never beyond all or none', () => {
    const cohort = fc
      .integer({ min: 1, max: 300 })
      .chain((planted) => fc.record({ planted: fc.constant(planted), alive: fc.nat(planted) }));
    fc.assert(
      fc.property(fc.array(cohort, { minLength: 1, maxLength: 8 }), (cohorts) => {
        const { value, low, high } = successOf(cohorts).share!;
        expect(low).to.be.within(0, value);
        expect(high).to.be.within(value, 1);
      }),
    );
  });
});
