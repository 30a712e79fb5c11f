import type { SeenSign } from '@emberfield/core/identity';
import type { Words } from '@emberfield/words';

/** What was said of a sign: the state that was seen, that it was so twice, or that it was not so. */
export function saySeen({ t }: Pick<Words, 't'>, { sign, state, present, again }: SeenSign): string {
  const what = t(`state.${sign}.${state}`);
  if (!present) return t('identify.notSo', { what });
  return again ? t('identify.twice', { what }) : what;
}

/** The same with the sign before it. */
export const sayLook = (words: Pick<Words, 't'>, seen: SeenSign): string =>
  `${words.t(`sign.${seen.sign}`)}: ${saySeen(words, seen)}`;
