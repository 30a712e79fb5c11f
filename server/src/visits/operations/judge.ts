// How much was left when somebody took, and whether that was within it.
import { isWithin } from '@emberfield/core/allowance';
import { dayNumber } from '@emberfield/core/measure';
import {
  allowanceOn,
  inUnit,
  recordedTake,
  viewAllowance,
  windowOfPart,
  type Asked,
  type Book,
} from '@emberfield/core/stand';
import type { PartKey } from '@emberfield/core/plants';
import type { EntryOf, TakeVerdict } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { SEES_ALL } from '../../patches/index.ts';
import { clearanceIn, type ClearanceRow } from '../../people/index.ts';
import { notFound } from '../../platform/errors.ts';
import { dossiersOf, type Dossier, type KnownGroup } from '../../stands/index.ts';

export interface KnownStand {
  readonly dossier: Dossier;
  readonly clearances: readonly ClearanceRow[];
}

/** What one person who is there asks about a part on a day. */
export const askedBy = (
  { dossier, clearances }: KnownStand,
  book: Book,
  { accountId, part, day }: { readonly accountId: string; readonly part: PartKey; readonly day: number },
): Asked => ({
  window: windowOfPart(book, dossier.answers.seasons, part, day),
  day,
  takesUpTo: book.today,
  tried: true,
  who: accountId,
  clearance: clearanceIn(clearances, accountId, book.profile.family),
});

/** Within or over, in order of arrival: every stored take of the season counts. A correction does not count what it replaces. */
export function judge(
  entry: EntryOf<'take'>,
  { dossier, clearances }: KnownStand,
  locked: Book,
  accountId: string,
): TakeVerdict {
  const takes = locked.record.takes.filter((t) => t.id !== entry.replaces);
  // What is stored with the take is read by whoever may read the take: a permit's name may tell more.
  const permits = locked.permits.map((p) => ({ ...p, name: '' }));
  const book = { ...locked, permits, record: { ...locked.record, takes } };
  const part = book.profile.parts.find((p) => p.key === entry.body.part)!;
  const day = dayNumber(entry.day);
  const { seasons } = dossier.answers;
  const asked = {
    ...askedBy({ dossier, clearances }, book, { accountId, part: part.key, day }),
    method: entry.body.method ?? 'usual',
    checkedAgainst: entry.body.checkedAgainst ?? [],
  };
  const judged = (known: Book) => allowanceOn(known, seasons, part, asked);
  const allowance = judged(book);
  const spent = { amount: inUnit(entry.body, part), plants: entry.body.plants, tried: entry.body.tried ?? 0 };
  const one = recordedTake(entry.body, { id: entry.id, day, by: '', byId: accountId });
  const after = judged({ ...book, record: { ...book.record, takes: [...takes, one] } });
  return {
    verdict: isWithin(allowance, spent) ? 'within' : 'over',
    leftBefore: allowance.amountLeft,
    leftAfter: after.amountLeft,
    allowance: viewAllowance(allowance, part),
  };
}

export async function dossierFor(deps: Dependencies, group: KnownGroup, standId: string): Promise<KnownStand> {
  const {
    stands: [dossier],
    clearances,
    // Judged by what is so, not by what the one who takes may know of the place.
  } = await dossiersOf(deps, { ...group, viewer: SEES_ALL }, standId);
  if (!dossier) throw notFound('stand');
  return { dossier, clearances };
}
