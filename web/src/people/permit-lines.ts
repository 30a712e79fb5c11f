import type { PermitView } from '@emberfield/contract';
import type { Words } from '@emberfield/words';

/** What is left of a permit, and what of that somebody has set aside. */
export function sayPermitLeft(
  { spent, terms: { amount }, aside, unit }: PermitView,
  words: Pick<Words, 't' | 'amount'>,
): string {
  const all = words.amount(amount, unit);
  if (spent === null) return words.t('permit.unknown', { amount: all });
  if (spent > amount) return words.t('permit.overdrawn', { over: words.amount(spent - amount, unit), amount: all });
  const left = words.t('permit.left', { left: words.amount(amount - spent, unit), amount: all });
  return aside > 0 ? `${left}; ${words.t('permit.aside', { what: words.amount(aside, unit) })}` : left;
}
