import type { Words } from '@emberfield/words';

/** Shares as chips: "25 %". */
export const shareChoices = (words: Words, shares: readonly number[]) =>
  shares.map((share) => ({ value: String(share), label: `${words.format.percent(share)} %` }));
