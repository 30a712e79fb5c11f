import { expect } from 'chai';
import { chartSeries } from './chart-series.ts';

describe('the weather chart', () => {
  const day = (iso: string, outlook = false) => ({ day: iso, minC: 1, maxC: 9, rainMm: null, outlook });
  it('leaves a missing day empty', () => {
    const s = chartSeries([day('2026-05-01'), day('2026-05-03'), day('2026-05-04', true)]);
    expect(s.days).to.have.length(4);
    expect(s.min).to.deep.equal([1, null, 1, 1]);
    expect(s.outlookFrom).to.equal('2026-05-04');
  });
  it('is empty without days', () => expect(chartSeries([]).days).to.deep.equal([]));
});
