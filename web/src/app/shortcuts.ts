/** What a key does, by name; the words say it. */
export type ShortcutName =
  'find' | 'today' | 'dayBack' | 'dayOn' | 'weekBack' | 'weekOn' | 'visit' | 'take' | 'newPatch' | 'undo' | 'list';

export const SHORTCUTS: readonly { readonly key: string; readonly name: ShortcutName }[] = [
  { key: '/', name: 'find' },
  { key: 't', name: 'today' },
  { key: '[', name: 'dayBack' },
  { key: ']', name: 'dayOn' },
  { key: '{', name: 'weekBack' },
  { key: '}', name: 'weekOn' },
  { key: 'v', name: 'visit' },
  { key: 'k', name: 'take' },
  { key: 'n', name: 'newPatch' },
  { key: 'u', name: 'undo' },
  { key: '?', name: 'list' },
];

/** Views reached by `g` and then this letter, which is underlined in their word. */
export const VIEWS = [
  { name: 'hearth', key: 'h' },
  { name: 'year', key: 'y' },
  { name: 'ground', key: 'g' },
  { name: 'round', key: 'r' },
  { name: 'plants', key: 'p' },
  { name: 'larder', key: 'l' },
  { name: 'ledger', key: 'e' },
  { name: 'group', key: 'u' },
] as const;

/** Reached by `g` and their letter as well, and not in the bar: it has room for eight words. The weather is where it is told, on the Hearth; the other is for the hand. */
export const KEYED_VIEWS = [...VIEWS, { name: 'weather', key: 'w' }, { name: 'field', key: 'f' }] as const;

/** Views that the phone has behind "more". */
export const MORE_VIEWS = [
  'field',
  'need',
  'round',
  'larder',
  'season',
  'ledger',
  'wants',
  'weather',
  'group',
  'proof',
  'files',
  'identify',
  'practice',
  'help',
] as const;

/** The word in three pieces, the middle one being the letter to underline. */
export function underlined(word: string, letter: string): readonly [string, string, string] {
  const at = word.toLowerCase().indexOf(letter);
  return at < 0 ? [word, '', ''] : [word.slice(0, at), word.slice(at, at + 1), word.slice(at + 1)];
}
