/** A list with something added, or without it where it was in. */
export const toggled = <T>(list: readonly T[], item: T): readonly T[] =>
  list.includes(item) ? list.filter((x) => x !== item) : [...list, item];
