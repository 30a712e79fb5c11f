import type { Schema } from 'yup';
import { exactly, listOf, oneOf, type Text } from '../platform/schema.ts';

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

/** Something that wants to be known now. */
export interface Notice {
  /** Names what it is about and when: seen once, it need not be shown again. */
  readonly key: string;
  readonly kind: 'opensSoon' | 'lastCall' | 'moved';
  readonly standId: string;
  readonly plantName: Text;
  readonly partName: Text;
  readonly patchName: string;
  readonly day: string;
  /** Of a window that moved: the day it was said to open on before. */
  readonly before: string | null;
}
export const NOTICE_KINDS = ['opensSoon', 'lastCall', 'moved'] as const satisfies readonly Notice['kind'][];
