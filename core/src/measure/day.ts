/**
 * Calendar days. At the edges a day is an ISO string ("2026-05-15"); inside the core it is a day number,
 * whole days since 1970-01-01, so that arithmetic is plain and no time zone can interfere.
 */
export type IsoDay = string;
export type DayNumber = number;
/** A month and day, "MM-DD", as in the northern hemisphere; shifted by half a year in the south. */
export type MonthDay = string;

const MS_PER_DAY = 86_400_000;
const ISO = /^(\d{4})-(\d{2})-(\d{2})$/;

/**
 * Day number of an ISO day.
 * @throws RangeError when the text is not a real calendar day.
 * @example dayNumber('1970-02-01') // 31
 */
export function dayNumber(iso: IsoDay): DayNumber {
  const match = ISO.exec(iso);
  if (!match) throw new RangeError(`not a day: ${iso}`);
  const day = utcDay(Number(match[1]), Number(match[2]) - 1, Number(match[3]));
  if (isoDay(day) !== iso) throw new RangeError(`not a day of the calendar: ${iso}`);
  return day;
}

/** Date.UTC takes years 0–99 for 1900–1999: a mistyped year would become another one. */
function utcDay(year: number, monthIndex: number, dayOfMonth: number): DayNumber {
  const at = new Date(Date.UTC(2000, monthIndex, dayOfMonth));
  at.setUTCFullYear(year, monthIndex, dayOfMonth);
  return Math.round(at.getTime() / MS_PER_DAY);
}

/** ISO day of a day number. @example isoDay(31) // '1970-02-01' */
export function isoDay(day: DayNumber): IsoDay {
  // Civil date from days (Fliegel & Van Flandern 1968, in the proleptic Gregorian calendar): an answer holds hundreds
  // of days, and going through Date and back to text was among the costliest steps of it.
  const l = Math.floor(day) + 2_509_157;
  const n = Math.floor((4 * l) / 146_097);
  const rest = l - Math.floor((146_097 * n + 3) / 4);
  const i = Math.floor((4000 * (rest + 1)) / 1_461_001);
  const j = rest - Math.floor((1461 * i) / 4) + 31;
  const k = Math.floor((80 * j) / 2447);
  const dayOfMonth = j - Math.floor((2447 * k) / 80);
  const past = Math.floor(k / 11);
  const month = k + 2 - 12 * past;
  const year = 100 * (n - 49) + i + past;
  return `${String(year).padStart(4, '0')}-${month < 10 ? '0' : ''}${month}-${dayOfMonth < 10 ? '0' : ''}${dayOfMonth}`;
}

/** Whether the text is a real calendar day written as YYYY-MM-DD. */
export function isIsoDay(text: string): boolean {
  if (!ISO.test(text)) return false;
  const ms = Date.parse(`${text}T00:00:00Z`);
  return !Number.isNaN(ms) && new Date(ms).toISOString().slice(0, 10) === text;
}

/** Nobody's record reaches further back: an earlier year is a slip of the pen. */
export const FIRST_YEAR = 1900;
/** Nothing is planned further ahead. */
export const YEARS_AHEAD = 10;

/** Whether a day lies where records and plans can: from 1900 to ten years after a year. */
export const isWithinBounds = (iso: IsoDay, thisYear: number): boolean =>
  iso >= `${FIRST_YEAR}-01-01` && iso <= `${thisYear + YEARS_AHEAD}-12-31`;

export function yearOf(day: DayNumber): number {
  return new Date(day * MS_PER_DAY).getUTCFullYear();
}

/** Day of the year, 1 for 1 January. */
export function dayOfYear(day: DayNumber): number {
  return day - firstOfYear(yearOf(day)) + 1;
}

export function firstOfYear(year: number): DayNumber {
  return utcDay(year, 0, 1);
}

/** Day number of a month and day ("04-20") in a year; 29 February falls on 1 March where there is none. */
export function monthDayIn(year: number, monthDay: string): DayNumber {
  let years = MONTH_DAYS.get(monthDay);
  const known = years?.get(year);
  if (known !== undefined) return known;
  if (!years) {
    if (MONTH_DAYS.size >= MOST_MONTH_DAYS) MONTH_DAYS.clear();
    MONTH_DAYS.set(monthDay, (years = new Map<number, DayNumber>()));
  }
  const found = foundIn(year, monthDay);
  years.set(year, found);
  return found;
}
/** The same few month days are asked for over and over: of every stage of every stand. There are no more than days in a year. */
const MONTH_DAYS = new Map<string, Map<number, DayNumber>>();
const MOST_MONTH_DAYS = 800;

function foundIn(year: number, monthDay: string): DayNumber {
  const [month, day] = monthDay.split('-').map(Number);
  if (!month || !day || month > 12 || day > 31) throw new RangeError(`not a month and day: ${monthDay}`);
  return utcDay(year, month - 1, day);
}

/** Half a year, by which the seasons of the southern hemisphere are shifted. */
export const HALF_YEAR_DAYS = 182;

/** A year without a leap day, for days of every year. */
const COMMON_YEAR = 2025;
/** Month and day of a day of the year, 1–365. */
export const monthDayOf = (day: number): MonthDay => isoDay(firstOfYear(COMMON_YEAR) + day - 1).slice(5);
/** Day of the year, 1–365, of a month and day. */
export const dayOfMonthDay = (of: MonthDay): number => dayOfYear(dayNumber(`${COMMON_YEAR}-${of}`));
