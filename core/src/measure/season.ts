import { firstOfYear, HALF_YEAR_DAYS, monthDayIn, yearOf, type DayNumber, type MonthDay } from './day.ts';

/** Days looked at from the first day of a season on: a year, and the winter after it that its windows may reach into. */
export const SEASON_HORIZON_DAYS = 485;

/**
 * First day of the season named by `season`: the profile's `seasonStart` in that year, half a year later in the
 * southern hemisphere.
 * @example isoDay(seasonFirstDay(2026, '01-01', 46)) // '2026-01-01'; at −40°: '2026-07-02'
 */
export function seasonFirstDay(season: number, seasonStart: MonthDay, latitudeDeg: number): DayNumber {
  return monthDayIn(season, seasonStart) + (latitudeDeg < 0 ? HALF_YEAR_DAYS : 0);
}

/** The season in which a day lies, named by the year in which it starts. */
export function seasonOf(day: DayNumber, seasonStart: MonthDay, latitudeDeg: number): number {
  let season = yearOf(day) + 1;
  while (seasonFirstDay(season, seasonStart, latitudeDeg) > day) season--;
  return season;
}

/** First day on or after the season's first day that falls on the month and day (shifted in the south). */
export function monthDayInSeason(firstDay: DayNumber, monthDay: MonthDay, latitudeDeg: number): DayNumber {
  const shift = latitudeDeg < 0 ? HALF_YEAR_DAYS : 0;
  const year = yearOf(firstDay) - 1;
  for (let y = year; ; y++) {
    const day = monthDayIn(y, monthDay) + shift;
    if (day >= firstDay) return day;
  }
}

/** 1 in a leap year, else 0. */
const leapDays = (year: number): number => firstOfYear(year + 1) - firstOfYear(year) - 365;

/** Last day of February in a year without a leap day. */
const END_OF_FEBRUARY = 59;

/**
 * Day of a calendar figure within a season: the first on or after the season's first day with that day of the year. Days of the
 * year run from 1 in a year without a leap day: 141 is 21 May in every year. Half a year is added in the south; fractions are
 * rounded.
 */
export function calendarDayInSeason(firstDay: DayNumber, dayOfYearFigure: number, latitudeDeg: number): DayNumber {
  const shift = latitudeDeg < 0 ? HALF_YEAR_DAYS : 0;
  const year = yearOf(firstDay) - 1;
  for (let y = year; ; y++) {
    const plain = Math.round(dayOfYearFigure);
    const day = firstOfYear(y) + plain - 1 + (plain > END_OF_FEBRUARY ? leapDays(y) : 0) + shift;
    if (day >= firstDay) return day;
  }
}
