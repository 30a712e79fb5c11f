import { dayNumber, isoDay, monthDayInSeason, type DayNumber } from '@emberfield/core/measure';
import type { PlantingSpan, YearsBack } from '@emberfield/core/replanting';
import type { Words } from '@emberfield/words';

/** As exact as anybody knows it: whole, and two figures that count from a hundred on. */
export function roughly(n: number): number {
  if (n < 100) return Math.max(0, Math.ceil(n - 1e-9));
  const step = 10 ** (Math.floor(Math.log10(n)) - 1);
  return Math.ceil(n / step - 1e-9) * step;
}

/** From so many minutes on work is said in hours. */
const LONG_WORK = 120;
const halfHours = (minutes: number): number => Math.round(minutes / 30) / 2;

/** Work in minutes, or in hours where it is long. */
export const sayWork = (minutes: number, { t, format }: Words): string =>
  minutes < LONG_WORK
    ? t('putBack.minutes', { n: Math.max(1, Math.round(minutes)) })
    : t('putBack.hours', { n: format.number(halfHours(minutes), 1) });

/** The same with its range, in one measure: "3.5 (2.5–5.5) hours". */
export function sayWorkRange([low, middle, high]: readonly [number, number, number], { t, format }: Words): string {
  const long = middle >= LONG_WORK;
  const [least, likely, most] = [low, middle, high].map((m) =>
    long ? format.number(halfHours(m), 1) : format.number(Math.round(m)),
  );
  return t(long ? 'putBack.hoursRange' : 'putBack.minutesRange', { least: least!, likely: likely!, most: most! });
}

/** The longest that is said. */
const LONGEST = 60;

/** How long until a stand is back: "4 years (2–9)". */
export function sayYears({ value, low, high }: YearsBack, { t }: Words): string {
  if (value === null) return t('putBack.longer', { n: LONGEST });
  if (low === high) return t('putBack.years', { n: value });
  return t('putBack.yearsRange', { n: value, low: low ?? LONGEST, high: high ?? `>${LONGEST}` });
}

/** The span that a day lies in, else the next one. */
export function nextSpan(
  spans: readonly PlantingSpan[],
  day: DayNumber,
  latitudeDeg: number,
): { readonly from: DayNumber; readonly to: DayNumber; readonly now: boolean } {
  const ahead = spans
    .map(({ from, to }) => {
      const ends = monthDayInSeason(day, to, latitudeDeg);
      let begins = monthDayInSeason(day - A_YEAR, from, latitudeDeg);
      for (let next = begins; next <= ends; next = monthDayInSeason(next + 1, from, latitudeDeg)) begins = next;
      return { from: begins, to: ends, now: begins <= day };
    })
    .sort((a, b) => a.from - b.from);
  return ahead[0]!;
}
const A_YEAR = 365;

/** When to put it in: now, or from when on. */
export function sayWhen(
  spans: readonly PlantingSpan[],
  day: string,
  latitudeDeg: number,
  { t, format }: Words,
): string {
  const { from, to, now } = nextSpan(spans, dayNumber(day), latitudeDeg);
  const said = { from: format.day(isoDay(from), day), until: format.day(isoDay(to), day) };
  return now ? t('putBack.whenNow', said) : t('putBack.whenFrom', said);
}
