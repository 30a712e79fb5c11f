import { expect } from 'chai';
import jStat from 'jstat';
import type { Trial } from './backtest.ts';
import { bandShares, HONEST } from './scores.ts';

/** A made-up record: what came is normal about day 1000 with this spread; somebody went by every so many days. */
function record({
  spread,
  said,
  every,
  n = 1500,
}: {
  spread: number;
  said: number;
  every: number;
  n?: number;
}): Trial[] {
  const z90 = 1.2816;
  return Array.from({ length: n }, (_, i) => {
    const came = Math.round(1000 + spread * jStat.normal.inv((i + 0.5) / n, 0, 1));
    // Visits begin anywhere: 7919 is prime to every rhythm used here.
    const phase = (i * 7919) % every;
    const after = Math.floor((came - 1 - phase) / every) * every + phase;
    return {
      seen: { stage: 0, season: 2025, after, by: after + every },
      forecast: { p10: Math.round(1000 - z90 * said), p50: 1000, p90: Math.round(1000 + z90 * said) },
    } as unknown as Trial;
  });
}
const covered = (trials: readonly Trial[]): number => {
  const [, early, late] = bandShares(trials)!;
  return early + late;
};

describe('where the real days lay in the bands', () => {
  it('is a tenth, two fifths, two fifths, a tenth where the bands are honest, however seldom somebody went by', () => {
    for (const every of [1, 5, 13])
      bandShares(record({ spread: 8, said: 8, every }))!.forEach((share, k) =>
        expect(share, `bin ${k}, every ${every} days`).to.be.closeTo(HONEST[k]!, 0.07),
      );
  });
  it('shows bands that promise too much, and bands that promise too little', () => {
    // Half as wide as honest holds 48 %: 2 · Φ(0.64) − 1; twice as wide nearly all.
    expect(covered(record({ spread: 8, said: 4, every: 5 }))).to.be.closeTo(0.48, 0.1);
    expect(covered(record({ spread: 4, said: 8, every: 5 }))).to.be.above(0.93);
  });
  it('shows dates that are all too early', () => {
    const late = record({ spread: 6, said: 6, every: 4 }).map((t) => ({
      ...t,
      seen: { ...t.seen, after: t.seen.after + 10, by: t.seen.by + 10 },
    }));
    const [before, , , after] = bandShares(late)!;
    expect(after).to.be.above(0.45);
    expect(before).to.be.below(0.03);
  });
  it('adds up to one, and is none without anything', () => {
    expect(bandShares(record({ spread: 8, said: 8, every: 9, n: 7 }))!.reduce((a, b) => a + b)).to.be.closeTo(1, 1e-9);
    expect(bandShares([])).to.equal(null);
  });
});
