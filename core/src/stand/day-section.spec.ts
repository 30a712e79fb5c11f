import { expect } from 'chai';
import { readinessOn } from '../windows/index.ts';
import { sectionOf } from './day-section.ts';

const range = (p50: number) => ({ p10: p50, p50, p90: p50 });
const window = { opens: range(100), closes: range(120), peakShare: 0.4 };
const at = (day: number, kind: 'counted' | 'relative' | 'all' | 'none') =>
  sectionOf({ readiness: readinessOn(window, day), allowance: { kind } });
const DAYS = [50, 90, 105, 119, 125];

describe('the section of a day', () => {
  it('is that of the coal where something may be taken, counted or not', () => {
    for (const kind of ['counted', 'relative', 'all'] as const)
      expect(DAYS.map((d) => at(d, kind))).to.deep.equal(['later', 'soon', 'now', 'lastCall', 'over']);
  });
  it('is never "now", "last call" or "soon" for what may not be taken', () => {
    expect(DAYS.map((d) => at(d, 'none'))).to.deep.equal(['later', 'barred', 'barred', 'barred', 'over']);
  });
  it('is barred for what rests or has nothing left, whatever its amount', () => {
    for (const held of ['resting', 'nothingLeft'] as const)
      expect(sectionOf({ readiness: readinessOn(window, 105, held), allowance: { kind: 'counted' } })).to.equal(
        'barred',
      );
  });
});
