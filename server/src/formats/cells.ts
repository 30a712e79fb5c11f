// What people write into the cells of a table: numbers, days, positions.
import { isIsoDay } from '@emberfield/core/measure';
import type { Position } from './feature.ts';

/** A number with point or comma; `null` for anything else. */
export function numberIn(text: string | undefined): number | null {
  const normal = (text ?? '').replace(',', '.');
  return /^[+-]?\d+(\.\d+)?$/.test(normal) ? Number(normal) : null;
}

const YES = /^(reached|yes|y|true|1|x|seen|there|erreicht|ja|j|da)$/i;
const NO = /^(not (yet|reached)|no|n|false|0|-|–|noch nicht|nicht erreicht|nein)$/i;
/** Whether a stage had come: "reached", "x", "ja"; "not yet", "no", "–". `null` for what says neither. */
export function reachedIn(text: string): boolean | null {
  return YES.test(text) ? true : NO.test(text) ? false : null;
}

export type DayOrder = 'dayFirst' | 'monthFirst';
const WRITTEN_DAY = /^(\d{1,2})([./-])(\d{1,2})\2(\d{4}|\d{2})$/;
/** Two digits of a year from here on are of the last century. */
const LAST_CENTURY_FROM = 70;

/** Which comes first in a column of days: the day, unless one of them can only be meant the other way about. */
export function dayOrderOf(texts: readonly (string | undefined)[]): DayOrder {
  const found = texts.flatMap((text) => {
    const match = WRITTEN_DAY.exec(text ?? '');
    return match ? [[Number(match[1]), Number(match[3])] as const] : [];
  });
  const only = (at: 0 | 1) => found.some((pair) => pair[at] > 12);
  return only(1) && !only(0) ? 'monthFirst' : 'dayFirst';
}

/** "2026-05-15" (a time after it is let go), "15.05.2026", "15/5/26"; `null` for what is no day of a calendar. */
export function dayIn(text: string | undefined, order: DayOrder = 'dayFirst'): string | null {
  const iso = (text ?? '').slice(0, 10);
  if (isIsoDay(iso)) return iso;
  const found = WRITTEN_DAY.exec(text ?? '');
  if (!found) return null;
  const [day, month] = order === 'dayFirst' ? [found[1]!, found[3]!] : [found[3]!, found[1]!];
  const written = found[4]!;
  const year = written.length === 4 ? written : `${Number(written) < LAST_CENTURY_FROM ? 20 : 19}${written}`;
  const said = `${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`;
  return isIsoDay(said) ? said : null;
}

const NUMBER = String.raw`\d{1,3}(?:[.,]\d+)?`;
const ANGLE = String.raw`([NSEW])?\s*([+-]?${NUMBER})\s*°?(?:\s*(${NUMBER})\s*['′’])?(?:\s*(${NUMBER})\s*(?:"|″|”|''))?\s*([NSEW])?`;
const PAIR = new RegExp(String.raw`^\(?\s*${ANGLE}\s*(?:[,;]\s*|\s+)${ANGLE}\s*\)?$`, 'i');
const LONGEST_PAIR = 80;
/** "3, 4" are two counts and "46,01" is one number. */
const LIKE_DEGREES = /\d[.,]\d{2}|°|[NSEW]/i;
const ONE_NUMBER = /^[+-]?\d+,\d+$/;

/**
 * Latitude and longitude in one cell: "46.01, -30.02", "46,01; -30,02", `46°00'36"N 30°01'12"W`. Latitude comes first where no letter
 * says otherwise. `null` for anything else.
 */
export function positionIn(text: string | undefined): Position | null {
  // Blanks in a row are one: a cell full of them must not be tried in every way.
  const said = (text ?? '')
    .slice(0, 4 * LONGEST_PAIR)
    .replaceAll(/\s+/g, ' ')
    .trim();
  if (said.length > LONGEST_PAIR || !LIKE_DEGREES.test(said) || ONE_NUMBER.test(said)) return null;
  const found = PAIR.exec(said);
  if (!found) return null;
  const [first, second] = [angle(found.slice(1, 6)), angle(found.slice(6, 11))];
  if (first === null || second === null) return null;
  const isEast = (letter: string): boolean => /[EW]/.test(letter);
  if (first.letter && second.letter && isEast(first.letter) === isEast(second.letter)) return null;
  const swapped = first.letter ? isEast(first.letter) : second.letter !== '' && !isEast(second.letter);
  return swapped ? [first.deg, second.deg] : [second.deg, first.deg];
}

function angle([before, degrees, minutes, seconds, after]: readonly (string | undefined)[]): {
  readonly deg: number;
  readonly letter: string;
} | null {
  if (before && after) return null;
  const letter = (before ?? after ?? '').toUpperCase();
  const [whole, min, sec] = [degrees, minutes ?? '0', seconds ?? '0'].map((n) => Number(n!.replace(',', '.')));
  if (min! >= 60 || sec! >= 60) return null;
  const isMinus = degrees!.startsWith('-') || letter === 'S' || letter === 'W';
  const size = Math.abs(whole!) + min! / 60 + sec! / 3600;
  return { deg: isMinus ? -size : size, letter };
}
