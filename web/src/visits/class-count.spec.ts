import { expect } from 'chai';
import fc from 'fast-check';
import { counted, KINDS, NO_PLANTS } from './class-count.ts';

describe('counting plant by plant', () => {
  it('has what flowers among the grown, and all among the plants', () => {
    expect(counted(NO_PLANTS, 'young', 1)).to.deep.equal({ plants: 1, mature: 0, flowering: 0 });
    expect(counted(NO_PLANTS, 'grown', 1)).to.deep.equal({ plants: 1, mature: 1, flowering: 0 });
    expect(counted(NO_PLANTS, 'flowering', 1)).to.deep.equal({ plants: 1, mature: 1, flowering: 1 });
    expect(counted({ plants: 3, mature: 0, flowering: 0 }, 'grown', -1)).to.deep.equal({
      plants: 3,
      mature: 0,
      flowering: 0,
    });
  });
  it('is as before once every press is taken back', () => {
    const presses = fc.array(fc.constantFrom(...KINDS), { maxLength: 40 });
    fc.assert(
      fc.property(presses, (keys) => {
        const there = keys.reduce((c, k) => counted(c, k, 1), NO_PLANTS);
        if (!(there.flowering <= there.mature && there.mature <= there.plants && there.plants === keys.length))
          return false;
        const gone = [...keys].reverse().reduce((c, k) => counted(c, k, -1), there);
        return gone.plants === 0 && gone.mature === 0 && gone.flowering === 0;
      }),
      { seed: 2 },
    );
  });
});
