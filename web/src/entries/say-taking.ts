import type { TakingMethod } from '@emberfield/core/plants';
import type { Words } from '@emberfield/words';

/** What a way of taking costs the plants, and what it gives: its likeliest figures, of a hundred. */
export function sayTaking({ kills, growsAgain, yield: gives }: TakingMethod, { t, format }: Words): string {
  const ofHundred = (share: number): string => format.number(Math.round(100 * share));
  return t('take.about', {
    die: ofHundred(kills.value),
    again: ofHundred(growsAgain.value),
    yield: ofHundred(gives.value),
  });
}
