// What somebody has eaten of for the first time, and what they know not to bear: each person's own.
import { dayNumber, type IsoDay } from '../measure/index.ts';
import type { PartKey } from '../plants/index.ts';

/** What came of it: not known yet, nothing, something; or it is `known` of oneself, without having been tasted here. */
export const TASTE_OUTCOMES = ['waiting', 'nothing', 'something', 'known'] as const;
type TasteOutcome = (typeof TASTE_OUTCOMES)[number];

export interface Taste {
  /** A plant, or a whole family of them; one is `null`. */
  readonly plantKey: string | null;
  readonly family: string | null;
  /** `null`: of all of it. */
  readonly part: PartKey | null;
  readonly day: IsoDay;
  readonly cooked: boolean;
  readonly outcome: TasteOutcome;
}

/** How somebody stands to something; `reacts` outweighs all else, and `new` says nothing of how they will take it. */
type TasteStanding = 'reacts' | 'waiting' | 'eaten' | 'new';

/** From so many days on it is asked what came of it. An estimate: some harm shows after days only. */
const TASTE_DAYS = 1;

/**
 * How somebody stands to a part of a plant, by what they noted. What was eaten cooked says nothing of it raw.
 * @returns with what it goes by; the latest where there are several.
 */
export function tasteOf<T extends Taste>(
  tastes: readonly T[],
  of: { readonly plantKey: string; readonly family: string; readonly part: PartKey; readonly cooked: boolean },
): { readonly standing: TasteStanding; readonly by: T | null } {
  const latestFirst = [...tastes].sort((a, b) => b.day.localeCompare(a.day));
  const reaction = latestFirst.find(
    (t) =>
      (t.outcome === 'known' || t.outcome === 'something') &&
      (t.plantKey === of.plantKey || (t.family !== null && t.family.toLowerCase() === of.family.toLowerCase())),
  );
  if (reaction) return { standing: 'reacts', by: reaction };
  const own = latestFirst.filter((t) => t.plantKey === of.plantKey && t.part === of.part && (of.cooked || !t.cooked));
  const waiting = own.find((t) => t.outcome === 'waiting');
  if (waiting) return { standing: 'waiting', by: waiting };
  const eaten = own.find((t) => t.outcome === 'nothing') ?? null;
  return { standing: eaten ? 'eaten' : 'new', by: eaten };
}

/** Whether it is time to ask what came of a taste. */
export const isToAsk = ({ outcome, day }: Pick<Taste, 'outcome' | 'day'>, today: IsoDay): boolean =>
  outcome === 'waiting' && dayNumber(today) - dayNumber(day) >= TASTE_DAYS;
