import type { Schema } from 'yup';
import { exactly, listOf, oneOf } from '../platform/schema.ts';

/** What a calendar can hold: windows opening, last calls, duties with a day, leave and permits that end. */
export const CALENDAR_KINDS = ['opens', 'lastCall', 'duty', 'leave'] as const;
export type CalendarKind = (typeof CALENDAR_KINDS)[number];

/** Makes a calendar's address, or a new one in place of the old. */
export interface MakeCalendar {
  readonly kinds: readonly CalendarKind[];
}
export const makeCalendarSchema: Schema<MakeCalendar> = exactly({
  kinds: listOf(oneOf(CALENDAR_KINDS), CALENDAR_KINDS.length).min(1, 'missing'),
}).required('missing');

export interface CalendarFeedView {
  readonly kinds: readonly CalendarKind[];
  readonly madeAt: string;
  readonly lastReadAt: string | null;
}
/** The address is shown once, when it is made: only its digest is kept. */
export interface NewCalendarFeed extends CalendarFeedView {
  readonly path: string;
}
