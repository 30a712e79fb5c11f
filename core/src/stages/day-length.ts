import { getTimes } from 'suncalc';
import { dayNumber, yearOf, type DayNumber } from '../measure/index.ts';
import type { DayLength } from './stage-model.ts';

const MS_PER_DAY = 86_400_000;
const MS_PER_HOUR = 3_600_000;

/**
 * Hours from sunrise to sunset on a day at a latitude, 0 in the polar night and 24 in the polar day.
 * Sun times from the suncalc package (after Meeus, Astronomical Algorithms), sunrise at −0.833°.
 * @example Math.round(dayLengthHours(dayNumber('2026-06-21'), 46) * 10) / 10 // 15.8
 */
export function dayLengthHours(day: DayNumber, latitudeDeg: number): number {
  const noon = new Date((day + 0.5) * MS_PER_DAY);
  const { sunrise, sunset, alwaysUp } = getTimes(noon, latitudeDeg, 0);
  if (sunrise && sunset) return (sunset.getTime() - sunrise.getTime()) / MS_PER_HOUR;
  return alwaysUp ? 24 : 0;
}

/** Hours of a length of day at a latitude: those that it says, or its share of the longest day there. */
export function hoursOf(length: DayLength, day: DayNumber, latitudeDeg: number): number {
  if ('hours' in length) return length.hours.value;
  const year = yearOf(day);
  const solstices = [`${year}-06-21`, `${year}-12-21`].map((iso) => dayLengthHours(dayNumber(iso), latitudeDeg));
  return length.share.value * Math.max(...solstices);
}

/**
 * First day from `from` on, within a year, on which the day has grown to so many hours, or shrunk to them.
 * `null` where it never does, as near the equator or beyond the polar circle.
 */
export function dayOfLength(
  from: DayNumber,
  latitudeDeg: number,
  { hours, turn }: { readonly hours: number; readonly turn: 'longer' | 'shorter' },
): DayNumber | null {
  let before = dayLengthHours(from - 1, latitudeDeg);
  for (let day = from; day < from + 366; day++) {
    const now = dayLengthHours(day, latitudeDeg);
    if (turn === 'longer' ? before < hours && now >= hours : before > hours && now <= hours) return day;
    before = now;
  }
  return null;
}
