import type { PermitView, SavePermit } from '@emberfield/contract';
import type { Words } from '@emberfield/words';

/** What of a permit is set by hand. */
export const permitBody = ({
  revision,
  kind,
  name,
  plantKey,
  part,
  measure,
  amount,
  from,
  until,
  patchIds,
  note,
}: SavePermit): SavePermit => ({
  revision,
  kind,
  name,
  plantKey,
  part,
  measure,
  amount,
  from,
  until,
  patchIds: patchIds && [...patchIds],
  note,
});

/** What is left of a permit, and what of that somebody has set aside. */
export function sayPermitLeft(
  { spent, amount, aside, unit }: Pick<PermitView, 'spent' | 'amount' | 'aside' | 'unit'>,
  words: Pick<Words, 't' | 'amount'>,
): string {
  const all = words.amount(amount, unit);
  if (spent === null) return words.t('permit.unknown', { amount: all });
  if (spent > amount) return words.t('permit.overdrawn', { over: words.amount(spent - amount, unit), amount: all });
  const left = words.t('permit.left', { left: words.amount(amount - spent, unit), amount: all });
  return aside > 0 ? `${left}; ${words.t('permit.aside', { what: words.amount(aside, unit) })}` : left;
}
