import { calendarDayOf, isoDay } from '@emberfield/core/measure';
import { AppError } from './errors.ts';

/** The only clock of the server; tests and the demo hand in their own. */
export interface Clock {
  readonly now: () => Date;
  /** A fixed "today", or `null` for the calendar's. */
  readonly fixedDay: string | null;
}

/** Today in a group's zone, as an ISO day. */
export function todayIn(zone: string, clock: Clock): string {
  return clock.fixedDay ?? calendarDayOf(zone, clock.now().getTime());
}

const FURTHEST_LOOK_DAYS = 1100;

/** The day a derived read looks at: `?day=`, or today; refused more than three years away, where nothing can be said. */
export function lookedAtDay(asked: string | undefined, today: string, toNumber: (iso: string) => number): string {
  if (asked === undefined) return today;
  let day: number;
  try {
    day = toNumber(asked);
  } catch (cause) {
    throw new AppError('badInput', { field: 'query.day', reason: 'notADay', cause });
  }
  if (Math.abs(day - toNumber(today)) > FURTHEST_LOOK_DAYS)
    throw new AppError('badInput', { field: 'query.day', reason: 'tooFarAway' });
  return isoDay(day);
}
