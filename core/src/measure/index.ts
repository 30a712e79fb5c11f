export { linearSd, logSd, Z80, type Figure } from './figure.ts';
export {
  dayNumber,
  dayOfYear,
  firstOfYear,
  HALF_YEAR_DAYS,
  isIsoDay,
  isoDay,
  monthDayIn,
  yearOf,
  type DayNumber,
  type IsoDay,
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
