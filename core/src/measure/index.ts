export { linearSd, logSd, spreadOfSum, Z80, Z90, type Figure } from './figure.ts';
export {
  dayNumber,
  dayOfMonthDay,
  dayOfYear,
  FIRST_YEAR,
  firstOfYear,
  HALF_YEAR_DAYS,
  isIsoDay,
  isWithinBounds,
  isoDay,
  monthDayIn,
  monthDayOf,
  yearOf,
  YEARS_AHEAD,
  type DayNumber,
  type IsoDay,
  type MonthDay,
} from './day.ts';
export {
  celsiusSpanToFahrenheit,
  celsiusToFahrenheit,
  fahrenheitToCelsius,
  feetToMetres,
  gramsToOunces,
  metresToFeet,
  millimetresToInches,
  ouncesToGrams,
} from './units.ts';
export {
  bearingTo,
  METRES_PER_DEGREE,
  nearestTo,
  wayBetween,
  windOf,
  WINDS,
  type OnTheGround,
  type Wind,
} from './ground.ts';
export { dayRange, type DayRange } from './day-range.ts';
export { calendarDayInSeason, monthDayInSeason, SEASON_HORIZON_DAYS, seasonFirstDay, seasonOf } from './season.ts';
export type { Text } from './text.ts';
export { calendarDayOf, clockIn, dayIn, instantIn, solarNoon } from './zoned.ts';
