import { expect } from 'chai';
import { chartSeries } from './chart-series.ts';

describe('the weather chart', () => {
  const day = (iso: string, outlook = false) => ({ day: iso, minC: 1, maxC: 10, rainMm: 25.4, outlook });
  it('leaves a missing day empty', () => {
    const s = chartSeries([day('2026-05-01'), day('2026-05-03'), day('2026-05-04', true)], false);
    expect(s.days).to.have.length(4);
    expect(s.min).to.deep.equal([1, null, 1, 1]);
    expect(s.rain).to.deep.equal([25.4, null, 25.4, 25.4]);
  });
  it('marks the outlook by its place, also where a day of that name stood a year before', () => {
    expect(chartSeries([day('2025-05-16'), day('2026-05-15'), day('2026-05-16', true)], false).outlookFrom).to.equal(
      365,
    );
    expect(chartSeries([day('2026-05-15')], false).outlookFrom).to.equal(null);
  });
  it('draws °F and inches for those who read them', () => {
    const s = chartSeries([day('2026-05-01'), { ...day('2026-05-02'), rainMm: null }], true);
    expect([s.min, s.max, s.rain]).to.deep.equal([
      [34, 34],
      [50, 50],
      [1, null],
    ]);
  });
  it('is empty without days', () => expect(chartSeries([], false).days).to.deep.equal([]));
});
