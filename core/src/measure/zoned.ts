import { DateTime } from 'luxon';
import { isoDay, type DayNumber } from './day.ts';

const MS_PER_DAY = 86_400_000;

/**
 * The instant at which the clocks of a zone show a time, ms since 1970; where they leap over it, the one as far behind the leap;
 * of a time that comes twice the second.
 * @throws RangeError for a day, a clock or a zone that there is not
 */
export function instantIn(zone: string, day: string, clock = '00:00'): number {
  const at = DateTime.fromISO(`${day}T${clock}`, { zone });
  if (!at.isValid) throw new RangeError(`${day} ${clock} in ${zone}: ${at.invalidReason}`);
  return at.toMillis();
}

/** A day of a zone, from midnight to midnight: 23 or 25 hours where the clocks are changed. */
export const dayIn = (zone: string, day: DayNumber): { readonly from: number; readonly to: number } => ({
  from: instantIn(zone, isoDay(day)),
  to: instantIn(zone, isoDay(day + 1)),
});

/** "09:05", as the clocks of a zone show it. */
export const clockIn = (zone: string, instant: number): string =>
  DateTime.fromMillis(instant, { zone }).toFormat('HH:mm');

/** The day that the calendars of a zone show at an instant, ISO. @throws RangeError for a zone that there is not */
export function calendarDayOf(zone: string, instant: number): string {
  const at = DateTime.fromMillis(instant, { zone });
  if (!at.isValid) throw new RangeError(`${instant} in ${zone}: ${at.invalidReason}`);
  return at.toISODate();
}

/** Somewhere within a day by the sun of a longitude. */
export const solarNoon = (day: DayNumber, longitudeDeg: number): number =>
  day * MS_PER_DAY + MS_PER_DAY / 2 - (longitudeDeg / 360) * MS_PER_DAY;
