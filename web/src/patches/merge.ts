// Two people changed the same thing: what of it can be put together, and what somebody has to settle.

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a ?? null) === JSON.stringify(b ?? null);

export interface Merged<T> {
  /** Mine, with all that only they changed. */
  readonly merged: T;
  /** Fields that both changed, each to something else. */
  readonly open: readonly (keyof T & string)[];
}

/** Three-way merge field by field: `base` is what both began with. */
export function merge<T extends object>(base: T, mine: T, theirs: T): Merged<T> {
  const keys = [...new Set([...Object.keys(base), ...Object.keys(mine), ...Object.keys(theirs)])] as (keyof T &
    string)[];
  const merged = { ...mine };
  const open: (keyof T & string)[] = [];
  for (const key of keys) {
    if (same(mine[key], theirs[key]) || same(theirs[key], base[key])) continue;
    if (same(mine[key], base[key])) merged[key] = theirs[key];
    else open.push(key);
  }
  return { merged, open };
}

export const differs = <T extends object>(a: T, b: T): boolean =>
  [...new Set([...Object.keys(a), ...Object.keys(b)])].some((k) => !same(a[k as keyof T], b[k as keyof T]));
