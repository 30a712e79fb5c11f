import { expect } from 'chai';
import { dayNumber, isoDay } from './day.ts';
import { calendarDayInSeason, monthDayInSeason, seasonFirstDay, seasonOf } from './season.ts';

describe('seasons', () => {
  it('start on the day the profile names, half a year later in the south', () => {
    expect(isoDay(seasonFirstDay(2026, '01-01', 46))).to.equal('2026-01-01');
    expect(isoDay(seasonFirstDay(2026, '01-01', -40))).to.equal('2026-07-02');
  });
  it('are named by the year they start in, so a winter window keeps one name across New Year', () => {
    expect(seasonOf(dayNumber('2026-12-30'), '07-01', 46)).to.equal(2026);
    expect(seasonOf(dayNumber('2027-02-10'), '07-01', 46)).to.equal(2026);
    expect(seasonOf(dayNumber('2027-07-01'), '07-01', 46)).to.equal(2027);
    expect(seasonOf(dayNumber('2026-03-01'), '01-01', -40)).to.equal(2025);
  });
  it('place a month and day after their first day', () => {
    const first = seasonFirstDay(2026, '07-01', 46);
    expect(isoDay(monthDayInSeason(first, '09-01', 46))).to.equal('2026-09-01');
    expect(isoDay(monthDayInSeason(first, '01-01', 46))).to.equal('2027-01-01');
    expect(isoDay(monthDayInSeason(seasonFirstDay(2026, '01-01', -40), '03-01', -40))).to.equal('2026-08-30');
  });
  it('place a calendar figure on the same date in a leap year', () => {
    for (const year of [2023, 2024, 2028]) {
      expect(isoDay(calendarDayInSeason(dayNumber(`${year}-01-01`), 141, 46))).to.equal(`${year}-05-21`);
      expect(isoDay(calendarDayInSeason(dayNumber(`${year}-01-01`), 45, 46))).to.equal(`${year}-02-14`);
    }
  });
  it('place a calendar figure, also across New Year', () => {
    expect(isoDay(calendarDayInSeason(dayNumber('2026-01-01'), 141, 46))).to.equal('2026-05-21');
    expect(isoDay(calendarDayInSeason(dayNumber('2026-07-01'), 20, 46))).to.equal('2027-01-20');
  });
});
