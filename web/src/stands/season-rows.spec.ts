import { expect } from 'chai';
import type { StandView } from '@emberfield/contract';
import { seasonRows } from './season-rows.ts';

const reached = (p50: string | null) => ({ p10: p50, p50, p90: p50 });
const stand = (over: object = {}): StandView =>
  ({
    day: '2026-05-15',
    profile: {
      seasonStart: '01-01',
      windows: [{ part: 'tip', use: 'greens', opens: { stage: 'leaf', offsetDays: 3 } }],
      parts: [{ key: 'tip', unit: 'tip', massG: { value: 2 } }],
    },
    ladder: {
      firstDay: '2026-01-01',
      season: { season: 2026, stages: [{ key: 'leaf', reached: reached('2026-05-10') }] },
      past: [{ season: 2025, stages: [{ key: 'leaf', reached: reached('2025-04-30') }] }],
    },
    outlooks: [],
    counts: [],
    takes: [],
    ...over,
  }) as unknown as StandView;
const opening = (s: StandView) => seasonRows(s, 'tip').map((r) => [r.season, r.opens, r.ahead]);

describe('a stand season by season', () => {
  it('opened as its stages say, so many days off them', () => {
    expect(opening(stand())).to.deep.equal([
      [2026, '2026-05-13', false],
      [2025, '2025-05-03', false],
    ]);
  });
  it('opens this season when the window does, however it was moved, and a day ahead is said to be ahead', () => {
    const outlook = { part: 'tip', season: 2026, again: false, opens: reached('2026-05-21') };
    expect(opening(stand({ outlooks: [outlook] }))[0]).to.deep.equal([2026, '2026-05-21', true]);
    // What comes again after a cut is not when it opened.
    expect(opening(stand({ outlooks: [{ ...outlook, again: true }] }))[0]).to.deep.equal([2026, '2026-05-13', false]);
    expect(opening(stand({ outlooks: [{ ...outlook, opens: reached(null) }] }))[0]).to.deep.equal([2026, null, false]);
  });
  it('has a take of the tail of a winter window in the season whose window it was', () => {
    const winter = (year: number) => ({
      season: year,
      stages: [
        { key: 'ripe', reached: reached(`${year}-11-20`) },
        { key: 'gone', reached: reached(`${year + 1}-01-25`) },
      ],
    });
    const edges = { opens: { stage: 'ripe', offsetDays: 0 }, closes: { stage: 'gone', offsetDays: 0 } };
    const take = (day: string, amount: number) => ({ part: 'tip', measure: 'unit', day, amount });
    const rows = seasonRows(
      stand({
        profile: { seasonStart: '01-01', windows: [{ part: 'tip', use: 'greens', ...edges }], parts: [] },
        ladder: { firstDay: '2026-01-01', season: winter(2026), past: [winter(2025)] },
        takes: [take('2025-12-24', 4), take('2026-01-12', 2), take('2026-12-01', 1)],
      }),
      'tip',
    );
    expect(rows.map((r) => [r.season, r.taken])).to.deep.equal([
      [2026, 1],
      [2025, 6],
    ]);
  });
  it('adds what was weighed as so many pieces, and says what was allowed when the last was stored', () => {
    const take = (amount: number, measure: string, allowed: number, over = false) => ({
      ...{ part: 'tip', day: '2026-05-12', amount, measure, allowed, over },
    });
    const [row] = seasonRows(stand({ takes: [take(4, 'unit', 30), take(20, 'gram', 28, true)] }), 'tip');
    expect(row).to.include({ taken: 14, allowed: 28, over: true });
    expect(seasonRows(stand({ takes: [{ ...take(4, 'unit', 3), part: 'leaf' }] }), 'tip')[0]).to.include({ taken: 0 });
  });
});
