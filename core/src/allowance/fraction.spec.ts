import { expect } from 'chai';
import fc from 'fast-check';
import { fractionOf } from './fraction.ts';

describe('a share as people say it', () => {
  for (const [share, take, of] of [
    [0.7, 7, 10],
    [2 / 3, 2, 3],
    [0.25, 1, 4],
    [0.75, 3, 4],
    [0.5, 1, 2],
    [1, 1, 1],
    [0.1, 1, 10],
    [0.03, 1, 34],
    [0.3, 3, 10],
  ] as const)
    it(`says ${share} as ${take} of ${of}`, () => expect(fractionOf(share)).to.deep.equal({ take, of }));
  it('says nothing of nothing, and refuses what is no share', () => {
    expect(fractionOf(0)).to.equal(null);
    for (const bad of [-0.1, 1.1, NaN]) expect(() => fractionOf(bad)).to.throw(RangeError);
  });
  it('never says more than the share, nor less than four fifths of it', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 1, noNaN: true }), (share) => {
        const { take, of } = fractionOf(share)!;
        return take / of <= share + 1e-9 && take / of >= 0.8 * share;
      }),
    );
  });
});
