// When a card comes again.
import { createEmptyCard, fsrs, Rating, type Card, type Grade } from 'ts-fsrs';
import type { PracticeCard } from './cards.ts';

/** What is kept of a card between two looks; instants as text. */
export interface CardState {
  readonly due: string;
  /** Right answers in a row, each sure. */
  readonly streak: number;
  readonly card: Omit<Card, 'due' | 'last_review'> & { readonly due: string; readonly last_review?: string };
}
export interface Answer {
  readonly right: boolean;
  /** Said before the answer was shown. */
  readonly sure: boolean;
}

// No chance in it: the same answers give the same days.
const scheduler = fsrs({ enable_fuzz: false });

/**
 * How an answer is rated. Of a pair that may kill a guess counts for nothing, right or wrong, and one right answer is not yet known: it takes a second in a
 * row. Elsewhere a right guess comes again soon.
 */
export function gradeOf(
  answer: Answer,
  { deadly, streak }: { readonly deadly: boolean; readonly streak: number },
): Grade {
  if (!answer.right) return Rating.Again;
  if (!answer.sure) return deadly ? Rating.Again : Rating.Hard;
  return deadly && streak === 0 ? Rating.Hard : Rating.Good;
}

/** The state of a card after an answer (free spaced repetition scheduler, as its library has it). @param before `null`: it was never asked */
export function answered(before: CardState | null, answer: Answer, deadly: boolean, now: Date): CardState {
  const streak = before?.streak ?? 0;
  const grade = gradeOf(answer, { deadly, streak });
  const { card } = scheduler.next(before === null ? createEmptyCard(now) : revived(before.card), now, grade);
  const { due, last_review: last, ...rest } = card;
  return {
    due: due.toISOString(),
    streak: answer.right && answer.sure ? streak + 1 : 0,
    card: { ...rest, due: due.toISOString(), ...(last ? { last_review: last.toISOString() } : {}) },
  };
}

function revived({ due, last_review: last, ...rest }: CardState['card']): Card {
  return { ...rest, due: new Date(due), ...(last ? { last_review: new Date(last) } : {}) };
}

/** Whether a mistake with it may kill. */
export const isDeadly = (c: PracticeCard): boolean => 'deadly' in c && c.deadly;

/** The cards that are asked next: what is due, the longest first, then what was never asked, deadly pairs first. */
export function nextCards(
  cards: readonly PracticeCard[],
  states: Readonly<Record<string, CardState>>,
  { now, most }: { readonly now: Date; readonly most: number },
): readonly PracticeCard[] {
  const due = cards
    .filter((c) => states[c.key] && states[c.key]!.due <= now.toISOString())
    .sort((a, b) => states[a.key]!.due.localeCompare(states[b.key]!.due));
  const fresh = cards.filter((c) => !states[c.key]).sort((a, b) => Number(isDeadly(b)) - Number(isDeadly(a)));
  return [...due, ...mixed(fresh)].slice(0, most);
}

/** One of each kind in turn, so that a drill is not of one kind alone. */
function mixed(cards: readonly PracticeCard[]): readonly PracticeCard[] {
  const kinds = [...new Set(cards.map((c) => c.kind))].map((k) => cards.filter((c) => c.kind === k));
  const longest = Math.max(0, ...kinds.map((k) => k.length));
  return Array.from({ length: longest }, (_, i) => kinds.flatMap((k) => k[i] ?? [])).flat();
}
