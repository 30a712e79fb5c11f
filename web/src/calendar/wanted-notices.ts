import { NOTICE_KINDS, type Notice } from '@emberfield/contract';

/** What a device wants to be told. */
export interface NoticeWishes {
  readonly kinds: readonly Notice['kind'][];
  readonly browser: boolean;
  /** Keys of what has been seen. */
  readonly seen: readonly string[];
  /** Keys of what the browser has already said. */
  readonly told: readonly string[];
}
export const FIRST_WISHES: NoticeWishes = { kinds: NOTICE_KINDS, browser: false, seen: [], told: [] };
const MOST_REMEMBERED = 400;

/** Notices of a kind that is wanted, not seen before. An alarm is always wanted. */
export const wantedNotices = (all: readonly Notice[], { kinds, seen }: NoticeWishes): readonly Notice[] =>
  all.filter((n) => (n.kind === 'alarm' || kinds.includes(n.kind)) && !seen.includes(n.key));

/** What the browser has still to say; nothing unless it was asked to. */
export const untold = (all: readonly Notice[], wishes: NoticeWishes): readonly Notice[] =>
  wishes.browser ? wantedNotices(all, wishes).filter((n) => !wishes.told.includes(n.key)) : [];

/** Keys remembered, the oldest forgotten: those of years gone by come no more. */
export const remembered = (keys: readonly string[], more: readonly string[]): readonly string[] =>
  [...keys, ...more.filter((k) => !keys.includes(k))].slice(-MOST_REMEMBERED);
