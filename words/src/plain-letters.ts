/** Without accents and large letters, to be looked for: "Bärlauch" is found by "barlauch". */
export const plainLetters = (text: string): string =>
  text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().replaceAll('ß', 'ss');
