import { expect } from 'chai';
import { createFormat } from './format.ts';

const metric = createFormat('en', 'metric');
const imperial = createFormat('en', 'imperial');

describe('days', () => {
  it('are said without their year near the day looked at, and with it elsewhere', () => {
    expect(metric.day('2026-06-03', '2026-05-15')).to.equal('3 June');
    expect(metric.day('2027-06-03', '2026-05-15')).to.equal('3 June 2027');
    expect(metric.day('2026-06-03')).to.equal('3 June');
    expect(metric.dayAndYear('2026-06-03')).to.equal('3 June 2026');
  });
  it('are the same day wherever the machine stands', () => {
    // A day is no instant: New Year must not slip to the year before in the west.
    expect(metric.dayAndYear('2026-01-01')).to.equal('1 January 2026');
    expect(metric.weekday('2026-05-15')).to.equal('Friday 15 May');
  });
  it('follow the language', () => {
    expect(createFormat('de', 'metric').day('2026-06-03')).to.equal('3. Juni');
    expect(createFormat('de', 'metric').number(1234.5, 1)).to.equal('1.234,5');
  });
  it('have short forms for the axis', () => {
    expect(metric.shortDay('2026-05-15')).to.equal('15 May');
    expect([0, 8, 11].map((m) => metric.month(m))).to.deep.equal(['Jan', 'Sept', 'Dec']);
  });
  it('of an instant are told in the group’s zone', () => {
    const instant = '2026-05-15T22:30:00Z';
    expect(metric.instant(instant, 'UTC')).to.match(/15 May.*22:30/);
    expect(metric.instant(instant, 'Europe/Helsinki')).to.match(/16 May.*01:30/);
  });
});

describe('numbers with units', () => {
  it('are rounded as people say them', () => {
    expect([0.5, 9.4, 10, 950, 1500].map((g) => metric.mass(g))).to.deep.equal([
      '0.5 g',
      '9.4 g',
      '10 g',
      '950 g',
      '1.5 kg',
    ]);
    expect([80, 9_999, 25_000].map((a) => metric.area(a))).to.deep.equal(['80 m²', '9,999 m²', '2.5 ha']);
    expect([0.1, 0.333, 1].map((s) => metric.percent(s))).to.deep.equal(['10', '33', '100']);
  });
  it('keep a difference of temperatures apart from a temperature', () => {
    expect(metric.temperatureSpan(5)).to.equal('5 °C');
    expect(metric.temperatureSpan(1.84, 1)).to.equal('1.8 °C');
    // Five degrees warmer are nine in °F, not 41.
    expect(imperial.temperatureSpan(5)).to.equal('9 °F');
    expect(imperial.temperature(5)).to.equal('41 °F');
  });
  it('turn rain and degree days for those who think in inches and °F', () => {
    expect([metric.rain(12.7), imperial.rain(12.7)]).to.deep.equal(['12.7 mm', '0.5 in']);
    expect([metric.degreeDays(100), imperial.degreeDays(100)]).to.deep.equal([100, 180]);
  });
  it('join names as a sentence does', () => {
    expect(metric.list([])).to.equal('');
    expect(metric.list(['yew'])).to.equal('yew');
    expect(metric.list(['yew', 'hemlock', 'arum'])).to.equal('yew, hemlock and arum');
  });
});

describe('nothing', () => {
  it('has no sign, however it was rounded', () => {
    expect(metric.temperature(-0.4)).to.equal('0 °C');
    expect(metric.number(-0)).to.equal('0');
    expect(metric.temperature(-0.6)).to.equal('-1 °C');
  });
  it('says lengths over ground in metres and kilometres, or feet and miles', () => {
    expect([870, 1234].map(createFormat('en', 'metric').distance)).to.deep.equal(['870 m', '1.2 km']);
    expect([100, 1609.344].map(createFormat('en', 'imperial').distance)).to.deep.equal(['328 ft', '1 mi']);
  });
});
