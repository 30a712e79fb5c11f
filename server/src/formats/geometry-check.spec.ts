import { expect } from 'chai';
import fc from 'fast-check';
import type { Position } from './feature.ts';
import { crossesItself, inTheWorld, liesWithin, overlaps, repairedRing, tidyRing } from './geometry-check.ts';

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
  it('lies within another with all of it, not with its corners alone, and overlaps it with a piece, not an edge', () => {
    const box = (x: number, y: number, w: number, h: number): Position[] => [
      [x, y],
      [x + w, y],
      [x + w, y + h],
      [x, y + h],
      [x, y],
    ];
    // A horseshoe open to the north: a bar across its mouth has its corners in both arms.
    const shoe: Position[] = [
      [0, 0],
      [9, 0],
      [9, 9],
      [6, 9],
      [6, 3],
      [3, 3],
      [3, 9],
      [0, 9],
      [0, 0],
    ];
    expect(liesWithin(box(1, 6, 7, 1), shoe)).to.equal(false);
    expect(liesWithin(box(1, 1, 7, 1), shoe)).to.equal(true);
    expect(liesWithin(box(0, 0, 9, 3), shoe)).to.equal(true);
    // The larger round the smaller, neither of whose corners lies in the smaller.
    expect(overlaps(box(0, 0, 9, 9), box(4, 4, 1, 1))).to.equal(true);
    expect(overlaps(box(0, 4, 9, 1), box(4, 0, 1, 9))).to.equal(true);
    expect(overlaps(box(0, 0, 3, 3), box(3, 0, 3, 3))).to.equal(false);
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
