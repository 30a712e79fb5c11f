import { expect } from 'chai';
import { fillTop, sparksFor, THORNS } from './coal-shapes.ts';
import { ladderLayout } from './ladder-layout.ts';
import { lanesFor, lanesIn } from './ribbon-lanes.ts';
import { strokeDays, strokeShape } from './stroke-path.ts';
import { dayNumber } from '@emberfield/core/measure';

describe('the coal', () => {
  it('fills from below as the day nears', () => {
    expect(fillTop(0)).to.equal(28);
    expect(fillTop(1)).to.equal(4);
    expect(fillTop(7)).to.equal(4);
  });
  it('throws three sparks, and five longer ones at its peak', () => {
    expect(sparksFor(0.5)).to.have.length(3);
    expect(sparksFor(1)).to.have.length(5);
    const reach = (q: number) => sparksFor(q).reduce((m, s) => Math.min(m, s.y2), 99);
    expect(reach(1)).to.be.below(reach(0.5));
  });
  it('closes nine thorns round what is not settled', () => expect(THORNS.match(/M/g)).to.have.length(9));
});

describe('a window’s stroke', () => {
  const frame = { first: 0, last: 100, width: 200, y: 0, height: 10 };
  it('swells and fades between its days', () => {
    const s = strokeShape({ earliest: 10, opens: 20, closes: 40, latest: 50 }, frame)!;
    expect([s.from, s.to]).to.deep.equal([20, 100]);
    expect(s.fullFrom).to.be.closeTo(0.25, 1e-9);
    expect(s.fullTo).to.be.closeTo(0.75, 1e-9);
  });
  it('is not drawn outside the strip', () => {
    expect(strokeShape({ earliest: 110, opens: 120, closes: 130, latest: 140 }, frame)).to.equal(null);
    expect(strokeShape({ earliest: -40, opens: -30, closes: -20, latest: -10 }, frame)).to.equal(null);
  });
  it('never runs backwards when the ends overlap', () => {
    const s = strokeShape({ earliest: 30, opens: 20, closes: 10, latest: 5 }, frame)!;
    expect(s.to).to.be.at.least(s.from);
  });
  it('has no days where the window does not open, and an open end where it does not close', () => {
    const at = (p: string | null) => ({ p10: p, p50: p, p90: p });
    expect(strokeDays(at(null), at(null), dayNumber, 999)).to.equal(null);
    expect(strokeDays(at('1970-01-11'), at(null), dayNumber, 999)).to.include({ opens: 10, closes: 999 });
  });
});

describe('the ribbon', () => {
  const frame = { first: dayNumber('2026-01-01'), last: dayNumber('2026-12-31'), width: 1000, lanes: 5 };
  const stroke = (name: string, from: string, to: string) => ({
    standId: name,
    label: { en: name },
    part: 'leaf',
    leafy: true,
    opens: { p10: from, p50: from, p90: from },
    closes: { p10: to, p50: to, p90: to },
    separable: null,
  });
  it('shows a window of two stands once', () => {
    const same = [stroke('Nettle', '2026-04-01', '2026-05-01'), stroke('Nettle', '2026-04-03', '2026-05-03')];
    expect(lanesFor(same, frame)).to.have.length(1);
  });
  it('has as many lanes as fit above the months: three as a strip, eight when it is open', () => {
    expect([44, 88, 0].map(lanesIn)).to.deep.equal([3, 8, 1]);
  });
  it('leaves no overlap within a lane and no more lanes than there are', () => {
    const many = Array.from({ length: 9 }, (_, i) => stroke(`Plant ${i}`, '2026-04-01', '2026-05-01'));
    const laid = lanesFor(many, frame);
    expect(laid).to.have.length(5);
    expect(new Set(laid.map((l) => l.shape.path.split('Q')[0])).size).to.equal(5);
  });
});

describe('the stage ladder', () => {
  const season = (s: number, days: readonly (string | null)[]) => ({
    season: s,
    stages: days.map((d, i) => ({ key: `s${i}`, reached: { p10: d, p50: d, p90: d }, seenAfter: null, seenBy: null })),
  });
  it('puts the first stage at the foot and later days to the right', () => {
    const layout = ladderLayout({
      left: 150,
      season: season(2026, ['2026-03-01', '2026-05-01', '2026-07-01']),
      past: [],
      width: 800,
      height: 300,
    });
    const [a, b, c] = layout.now;
    expect(a!.y).to.be.above(b!.y);
    expect(c!.x).to.be.above(b!.x);
  });
  it('lays past seasons over this one by the day of their year', () => {
    const layout = ladderLayout({
      left: 150,
      season: season(2026, ['2026-03-01', '2026-05-01']),
      past: [season(2025, ['2025-03-01', '2025-05-01'])],
      width: 800,
      height: 300,
    });
    expect(Math.abs(layout.past[0]!.points[0]!.x - layout.now[0]!.x)).to.be.below(4);
  });
  it('leaves out stages that may not come', () => {
    const layout = ladderLayout({
      left: 150,
      season: season(2026, ['2026-03-01', null]),
      past: [],
      width: 800,
      height: 300,
    });
    expect(layout.now).to.have.length(1);
  });
});
