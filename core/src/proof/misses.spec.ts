import { expect } from 'chai';
import jStat from 'jstat';
import { meanMiss } from './misses.ts';
import { missOf, type SeenInterval } from './seen-interval.ts';

const between = (after: number, by: number): SeenInterval => ({ stage: 0, season: 2025, after, by });

/** Misses of so many days (normal), of days that somebody went by every so many days to see. */
function watched({ size, every, late = 0, n = 4_000 }: { size: number; every: number; late?: number; n?: number }) {
  return Array.from({ length: n }, (_, i) => {
    const miss = Math.round(late + size * Math.sqrt(Math.PI / 2) * jStat.normal.inv((i + 0.5) / n, 0, 1));
    // Visits begin anywhere: 7919 is prime to every rhythm used here.
    const after = 5_000 - 1 - ((i * 7919) % every);
    return { day: 5_000 + miss, seen: between(after, after + every) };
  });
}

describe('how far off dates were', () => {
  it('is the plain mean where every day is known, with its sign', () => {
    const known = [3, -4, 0, 9].map((miss) => ({ day: 100 + miss, seen: between(99, 100) }));
    expect(meanMiss(known)).to.deep.equal({ size: 4, bias: 2 });
    expect(meanMiss([])).to.equal(null);
  });
  it('is the same however seldom somebody went by', () => {
    for (const every of [1, 5, 13, 25])
      for (const size of [3, 6, 12])
        expect(meanMiss(watched({ size, every }))!.size, `${size} days, every ${every}`).to.be.closeTo(
          size,
          0.12 * size + 0.25,
        );
  });
  it('does not call right what lies between two visits, nor off by half of it', () => {
    // Ten dates in the midst of a fortnight each.
    const held = Array.from({ length: 10 }, () => ({ day: 107, seen: between(99, 113) }));
    expect(meanMiss(held)!.size).to.be.within(0.5, 3.5);
    expect(meanMiss(held.slice(0, 1))!.size).to.be.above(meanMiss(held)!.size);
  });
  it('knows early from late', () => {
    expect(meanMiss(watched({ size: 4, every: 7, late: 6 }))!.bias).to.be.within(4, 6.5);
    expect(meanMiss(watched({ size: 4, every: 7, late: -6 }))!.bias).to.be.within(-6.5, -4);
  });
  it('has a size for what is off by years', () =>
    expect(meanMiss([{ day: 9_000, seen: between(100, 110) }])!.size).to.be.above(1_000));
  it('is counted from the middle of what was seen where one date is shown', () => {
    const seen = between(99, 108);
    expect([104, 95, 112].map((day) => missOf(day, seen))).to.deep.equal([0, -9, 8]);
  });
});
