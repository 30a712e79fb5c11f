import { expect } from 'chai';
import fc from 'fast-check';
import type { Position } from './feature.ts';
import { crossesItself, inTheWorld, repairedRing, tidyRing } from './geometry-check.ts';

describe('a boundary', () => {
  const bow: Position[] = [
    [0, 0],
    [2, 2],
    [2, 0],
    [0, 3],
    [0, 0],
  ];
  it('that crosses itself is seen, and its largest simple area offered', () => {
    expect(crossesItself(bow)).to.equal(true);
    const repaired = repairedRing(bow)!;
    expect(crossesItself(repaired)).to.equal(false);
    expect(repaired.length).to.equal(4);
  });
  it('that is simple is not, whichever way round', () => {
    const square: Position[] = [
      [0, 0],
      [1, 0],
      [1, 1],
      [0, 1],
      [0, 0],
    ];
    expect(crossesItself(square)).to.equal(false);
    expect(crossesItself([...square].reverse())).to.equal(false);
  });
  it('that touches itself at a corner crosses itself too', () => {
    expect(
      crossesItself([
        [0, 0],
        [2, 0],
        [1, 1],
        [2, 2],
        [0, 2],
        [1, 1],
        [0, 0],
      ]),
    ).to.equal(true);
  });
  it('is closed and rid of repeats; with fewer than three corners it is none', () => {
    expect(
      tidyRing([
        [0, 0],
        [0, 0],
        [1, 0],
        [1, 1],
      ]),
    ).to.deep.equal([
      [0, 0],
      [1, 0],
      [1, 1],
      [0, 0],
    ]);
    expect(
      tidyRing([
        [0, 0],
        [1, 1],
        [0, 0],
      ]),
    ).to.equal(null);
  });
  it('repaired never crosses itself', () => {
    const corner = fc.tuple(fc.integer({ min: 0, max: 9 }), fc.integer({ min: 0, max: 9 })) as fc.Arbitrary<Position>;
    fc.assert(
      fc.property(fc.array(corner, { minLength: 4, maxLength: 9 }), (points) => {
        const ring = tidyRing(points);
        const repaired = ring && repairedRing(ring);
        return !repaired || !crossesItself(repaired);
      }),
    );
  });
  it('lies in the world or not', () => {
    expect(
      [
        [0, 0],
        [180, 90],
        [181, 0],
        [0, -91],
        [NaN, 0],
      ].map((p) => inTheWorld(p as unknown as Position)),
    ).to.deep.equal([true, true, false, false, false]);
  });
});
