import type { Translate } from './translate.ts';

/** The key of a use of the shipped list: "late leaves" → `useOf.lateLeaves`. */
const useKey = (use: string): string => `useOf.${use.replace(/[^a-zA-Z]+([a-z])/g, (_, c: string) => c.toUpperCase())}`;

/** What a window is for: the shipped ones in the language of the page, others as their group wrote them. */
export function sayUse(t: Translate, use: string): string {
  const said = t(useKey(use));
  return said.startsWith('useOf.') ? use : said;
}
