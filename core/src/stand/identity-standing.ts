// How settled the identity of a stand is.
import type { HouseRule } from '../allowance/index.ts';
import type { IdentityStatus } from '../identity/index.ts';
import type { DayNumber } from '../measure/index.ts';
import type { Book } from './book.ts';

export interface IdentityStanding {
  readonly status: IdentityStatus;
  /** One person has confirmed it; the house rule asks for a second. */
  readonly secondNeeded: boolean;
}

/**
 * How settled the identity is on a day: the last word said by then, or what was said when the stand was entered. Where the
 * house rule asks for two people, a confirmation stands once two have said so since anybody last doubted it.
 */
export function identityOn(
  { stand, record }: Pick<Book, 'stand' | 'record'>,
  day: DayNumber,
  houseRules: readonly HouseRule[],
): IdentityStanding {
  const said = record.identities.filter((i) => i.day <= day);
  const status = said.at(-1)?.status ?? stand.identity;
  if (status !== 'confirmed' || !houseRules.some((r) => r.kind === 'secondPerson'))
    return { status, secondNeeded: false };
  const doubted = said.findLastIndex((i) => i.status !== 'confirmed');
  const people = new Set(said.slice(doubted + 1).map((i) => i.byId));
  if (doubted < 0 && stand.identity === 'confirmed') people.add(stand.madeBy);
  return people.size < 2 ? { status: 'provisional', secondNeeded: true } : { status, secondNeeded: false };
}
