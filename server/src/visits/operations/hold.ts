// What may be set aside of an allowance.
import { allowanceOn, heldOn, type Book } from '@emberfield/core/stand';
import { dayNumber } from '@emberfield/core/measure';
import type { EntryOf } from '@emberfield/contract';
import { AppError } from '../../platform/errors.ts';
import { askedBy, type KnownStand } from './judge.ts';
import type { Storing } from './storing.ts';

/** Only for today, and no more than is left for the person: what others hold and what they hold already counts. */
export function assertHoldable(
  known: KnownStand,
  book: Book,
  { group, account }: Storing,
  { day: iso, replaces, body }: EntryOf<'hold'>,
): void {
  if (iso !== group.today) throw new AppError('badInput', { field: 'day', reason: 'holdsToday' });
  const part = book.profile.parts.find((p) => p.key === body.part)!;
  const day = dayNumber(iso);
  const { accountId } = account;
  const asked = askedBy(known, book, { accountId, part: part.key, day });
  // Of a correction what it corrects is gone.
  const holds = book.record.holds.filter((h) => h.id !== replaces);
  const { amountLeft } = allowanceOn(book, known.dossier.answers.seasons, part, asked);
  const own = heldOn({ ...book.record, holds }, part, day).find((h) => h.byId === accountId)?.amount ?? 0;
  if (amountLeft === null || own + body.amount > amountLeft + 1e-9)
    throw new AppError('badInput', { field: 'body.amount', reason: 'moreThanLeft' });
}
