import { expect } from 'chai';
import fc from 'fast-check';
import { dayNumber, dayOfYear, firstOfYear, isIsoDay, isoDay, monthDayIn } from './index.ts';

describe('days', () => {
  it('counts from 1970-01-01', () => {
    expect(dayNumber('1970-02-01')).to.equal(31);
    expect(isoDay(31)).to.equal('1970-02-01');
  });
  it('goes there and back for every day of two centuries', () => {
    fc.assert(fc.property(fc.integer({ min: -25000, max: 50000 }), (day) => dayNumber(isoDay(day)) === day));
  });
  it('agrees with the calendar of the platform', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -200000, max: 200000 }),
        (day) => isoDay(day) === new Date(day * 86_400_000).toISOString().slice(0, 10),
      ),
    );
  });
  it('refuses what is not a day of the calendar', () => {
    for (const bad of ['2025-02-29', '2025-13-01', '25-01-01', '2025-1-1', '', 'tomorrow']) {
      expect(() => dayNumber(bad), bad).to.throw(RangeError);
      expect(isIsoDay(bad), bad).to.equal(false);
    }
  });
  it('numbers the days of a leap year to 366', () => {
    expect(dayOfYear(dayNumber('2024-12-31'))).to.equal(366);
    expect(dayOfYear(dayNumber('2025-01-01'))).to.equal(1);
  });
  it('finds a month and day within a year', () => {
    expect(isoDay(monthDayIn(2026, '04-20'))).to.equal('2026-04-20');
    expect(isoDay(monthDayIn(2025, '02-29'))).to.equal('2025-03-01');
    expect(isoDay(firstOfYear(2026))).to.equal('2026-01-01');
    expect(() => monthDayIn(2025, '13-01')).to.throw(RangeError);
  });
});
