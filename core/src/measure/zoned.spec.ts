import { expect } from 'chai';
import { dayNumber } from './day.ts';
import { calendarDayOf, clockIn, dayIn, instantIn, solarNoon } from './zoned.ts';

const HOUR = 3_600_000;
const at = (iso: string): number => Date.parse(iso);

describe('clocks of a zone', () => {
  it('show an instant, and an instant is what they show', () => {
    expect(instantIn('UTC', '2026-05-15', '10:30')).to.equal(at('2026-05-15T10:30:00Z'));
    expect(instantIn('Europe/Berlin', '2026-05-15', '10:30')).to.equal(at('2026-05-15T08:30:00Z'));
    expect(instantIn('Europe/Berlin', '2026-01-15')).to.equal(at('2026-01-14T23:00:00Z'));
    expect(clockIn('Europe/Berlin', at('2026-05-15T22:05:00Z'))).to.equal('00:05');
    expect(calendarDayOf('Europe/Berlin', at('2026-05-15T22:05:00Z'))).to.equal('2026-05-16');
    expect(calendarDayOf('America/Santiago', at('2026-01-01T02:59:00Z'))).to.equal('2025-12-31');
    expect(() => calendarDayOf('Ostrey/Nowhere', 0)).to.throw(RangeError);
    expect(clockIn('Asia/Kolkata', at('2026-05-15T00:00:00Z'))).to.equal('05:30');
  });
  it('leap: a time that they leap over is as far behind the leap, one that comes twice is the second', () => {
    expect(clockIn('Europe/Berlin', instantIn('Europe/Berlin', '2026-03-29', '02:30'))).to.equal('03:30');
    expect(instantIn('Europe/Berlin', '2026-10-25', '02:30')).to.equal(at('2026-10-25T01:30:00Z'));
  });
  it('give days of 23 and of 25 hours, and of 24', () => {
    const hours = (zone: string, day: string) => {
      const { from, to } = dayIn(zone, dayNumber(day));
      return (to - from) / HOUR;
    };
    expect(['2026-03-28', '2026-03-29', '2026-10-25'].map((d) => hours('Europe/Berlin', d))).to.deep.equal([
      24, 23, 25,
    ]);
    // Where the clocks leap at midnight, the day begins at one.
    const { from } = dayIn('America/Santiago', dayNumber('2026-09-06'));
    expect(clockIn('America/Santiago', from)).to.equal('01:00');
  });
  it('are none of a zone or a day that there is not', () => {
    expect(() => instantIn('Nowhere/Else', '2026-05-15')).to.throw(RangeError);
    expect(() => instantIn('UTC', '2026-02-30')).to.throw(RangeError);
    expect(() => instantIn('UTC', '2026-05-15', '25:00')).to.throw(RangeError);
  });
  it('stand at noon by the sun later in the west', () => {
    expect(solarNoon(0, 0)).to.equal(12 * HOUR);
    expect(solarNoon(0, -90)).to.equal(18 * HOUR);
  });
});
