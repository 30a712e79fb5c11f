import {
  celsiusSpanToFahrenheit,
  celsiusToFahrenheit,
  dayNumber,
  gramsToOunces,
  metresToFeet,
  millimetresToInches,
  yearOf,
} from '@emberfield/core/measure';

export type UnitSystem = 'metric' | 'imperial';

/** Dates, numbers and units as people of a language and a unit system say them. All by `Intl`. */
export interface Format {
  /** "3 June"; the year is said where it is not the year of `near`. */
  readonly day: (iso: string, near?: string) => string;
  /** "3 June 2026" */
  readonly dayAndYear: (iso: string) => string;
  readonly shortDay: (iso: string) => string;
  readonly weekday: (iso: string) => string;
  /** "Fri 15 May": where a thumb's screen has no room for more. */
  readonly shortWeekday: (iso: string) => string;
  readonly month: (monthIndex: number) => string;
  /** "May 2026" */
  readonly monthAndYear: (iso: string) => string;
  readonly number: (value: number, digits?: number) => string;
  readonly percent: (share: number) => string;
  readonly temperature: (tempC: number) => string;
  /** A temperature without its unit, where the unit follows: "7 to 18 °C". */
  readonly degrees: (tempC: number) => string;
  readonly temperatureSpan: (spanC: number, digits?: number) => string;
  /** A sum of degree days, °C·day, in the degrees that the reader thinks in. */
  readonly degreeDays: (sumC: number) => number;
  readonly height: (heightM: number) => string;
  readonly area: (areaM2: number) => string;
  /** A length of a part of a plant. */
  readonly length: (lengthCm: number) => string;
  /** A length over ground. */
  readonly distance: (lengthM: number) => string;
  readonly mass: (massG: number) => string;
  readonly rain: (rainMm: number) => string;
  readonly list: (items: readonly string[]) => string;
  readonly instant: (iso: string, zone: string) => string;
}

const CM_PER_INCH = 2.54;
const FEET2_PER_M2 = 10.763910416709722;
const M2_PER_HECTARE = 10_000;
const M_PER_MILE = 1609.344;

/** "en" alone would put the month first; the day leads in this house. */
const localeOf = (language: string): string => (language === 'en' ? 'en-GB' : language);

/** Made when it is first asked for: a formatter of `Intl` is dear to make and cheap to use. */
function onFirstUse<K, V>(make: (key: K) => V): (key: K) => V {
  const made = new Map<K, V>();
  return (key) => {
    const held = made.get(key);
    if (held !== undefined) return held;
    const value = make(key);
    made.set(key, value);
    return value;
  };
}
const DATES = {
  plain: { day: 'numeric', month: 'long' },
  withYear: { day: 'numeric', month: 'long', year: 'numeric' },
  short: { day: 'numeric', month: 'short' },
  weekday: { weekday: 'long', day: 'numeric', month: 'long' },
  shortWeekday: { weekday: 'short', day: 'numeric', month: 'short' },
  month: { month: 'short' },
  monthAndYear: { month: 'long', year: 'numeric' },
} as const satisfies Record<string, Intl.DateTimeFormatOptions>;

const formatters = onFirstUse((locale: string) => ({
  dates: onFirstUse((kind: keyof typeof DATES) => new Intl.DateTimeFormat(locale, { timeZone: 'UTC', ...DATES[kind] })),
  numbers: onFirstUse(
    (digits: number) => new Intl.NumberFormat(locale, { maximumFractionDigits: digits, signDisplay: 'negative' }),
  ),
  lists: onFirstUse((type: 'conjunction') => new Intl.ListFormat(locale, { type })),
  instants: onFirstUse(
    (timeZone: string) =>
      new Intl.DateTimeFormat(locale, { timeZone, day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' }),
  ),
}));

/** A number with at most so many digits after the mark, as the language writes it. */
export const sayNumber = (language: string, value: number, digits: number): string =>
  formatters(localeOf(language)).numbers(digits).format(value);

export function createFormat(language: string, units: UnitSystem): Format {
  const { dates, lists, instants } = formatters(localeOf(language));
  const on = (kind: keyof typeof DATES, iso: string): string => dates(kind).format(new Date(`${iso}T00:00:00Z`));
  const number = (value: number, digits = 0): string => sayNumber(language, value, digits);
  const imperial = units === 'imperial';
  const degrees = (c: number): string => number(imperial ? celsiusToFahrenheit(c) : c);
  return {
    day: (iso, near) =>
      on(near !== undefined && yearOf(dayNumber(iso)) !== yearOf(dayNumber(near)) ? 'withYear' : 'plain', iso),
    dayAndYear: (iso) => on('withYear', iso),
    shortDay: (iso) => on('short', iso),
    weekday: (iso) => on('weekday', iso).replace(',', ''),
    shortWeekday: (iso) => on('shortWeekday', iso).replace(',', ''),
    month: (index) => dates('month').format(new Date(Date.UTC(2025, index, 1))),
    monthAndYear: (iso) => on('monthAndYear', iso),
    number,
    percent: (share) => number(share * 100),
    temperature: (c) => `${degrees(c)} ${imperial ? '°F' : '°C'}`,
    degrees,
    temperatureSpan: (c, digits = 0) =>
      imperial ? `${number(celsiusSpanToFahrenheit(c), digits)} °F` : `${number(c, digits)} °C`,
    degreeDays: (sumC) => (imperial ? celsiusSpanToFahrenheit(sumC) : sumC),
    height: (m) => (imperial ? `${number(metresToFeet(m))} ft` : `${number(m)} m`),
    length: (cm) => (imperial ? `${number(cm / CM_PER_INCH, 1)} in` : `${number(cm, 1)} cm`),
    distance: (m) => {
      if (imperial) return m >= M_PER_MILE / 2 ? `${number(m / M_PER_MILE, 1)} mi` : `${number(metresToFeet(m))} ft`;
      return m >= 1000 ? `${number(m / 1000, 1)} km` : `${number(m)} m`;
    },
    area: (m2) =>
      imperial
        ? `${number(m2 * FEET2_PER_M2)} ft²`
        : m2 >= M2_PER_HECTARE
          ? `${number(m2 / M2_PER_HECTARE, 1)} ha`
          : `${number(m2)} m²`,
    mass: (g) =>
      imperial
        ? `${number(gramsToOunces(g), g < 100 ? 1 : 0)} oz`
        : g >= 1000
          ? `${number(g / 1000, 1)} kg`
          : `${number(g, g < 10 ? 1 : 0)} g`,
    rain: (mm) => (imperial ? `${number(millimetresToInches(mm), 2)} in` : `${number(mm, 1)} mm`),
    list: (items) => lists('conjunction').format(items),
    instant: (iso, zone) => instants(zone).format(new Date(iso)),
  };
}
