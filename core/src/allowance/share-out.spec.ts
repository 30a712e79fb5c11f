import { expect } from 'chai';
import fc from 'fast-check';
import { shareOut, type Offer } from './share-out.ts';

const at = (standId: string, amountLeft: number | null, over: Partial<Offer> = {}): Offer => ({
  ...{ standId, amountLeft, perPlant: 3 },
  ...over,
});

describe('what is wanted, shared out', () => {
  it('is 36 leaves at three a plant: twelve plants', () => {
    expect(shareOut(36, [at('a', 60)])).to.deep.equal({
      portions: [{ standId: 'a', amount: 36, plants: 12 }],
      missing: 0,
    });
  });
  it('is split with the fewest stops, and what is not to be had is named', () => {
    expect(shareOut(40, [at('few', 7), at('most', 20), at('none', 0), at('some', 10)])).to.deep.equal({
      portions: [
        { standId: 'most', amount: 20, plants: 7 },
        { standId: 'some', amount: 10, plants: 4 },
        { standId: 'few', amount: 7, plants: 3 },
      ],
      missing: 3,
    });
  });
  it('knows stands without a limit, and pieces from grams', () => {
    expect(shareOut(500, [at('few', 20), at('all', null)]).portions).to.deep.equal([
      { standId: 'all', amount: 500, plants: 167 },
    ]);
    expect(shareOut(5, [at('a', 2.5)]).portions[0]).to.include({ amount: 2 });
    expect(shareOut(5, [at('a', 2.5)], { whole: false })).to.deep.include({ missing: 2.5 });
    expect(shareOut(5, [at('a', 9, { perPlant: null })]).portions[0]).to.include({ plants: null });
    expect(() => shareOut(0, [])).to.throw(RangeError);
    expect(() => shareOut(NaN, [])).to.throw(RangeError);
  });
  it('never takes more than is left anywhere, and gives all that can be given', () => {
    const offers = fc.array(fc.integer({ min: 0, max: 50 }), { maxLength: 8 });
    fc.assert(
      fc.property(offers, fc.integer({ min: 1, max: 300 }), (lefts, wanted) => {
        const { portions, missing } = shareOut(
          wanted,
          lefts.map((left, i) => at(String(i), left)),
        );
        const given = portions.reduce((sum, p) => sum + p.amount, 0);
        return (
          given + missing === wanted &&
          given ===
            Math.min(
              wanted,
              lefts.reduce((a, b) => a + b, 0),
            ) &&
          portions.every((p) => p.amount <= lefts[Number(p.standId)]! && p.plants! * 3 >= p.amount)
        );
      }),
      { seed: 6 },
    );
  });
});
