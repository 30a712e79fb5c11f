import type { PatchGeometry } from '@emberfield/contract';

/** Shapes as they were, so that a boundary that was drawn or bent can be taken back step by step. */
export interface ShapeHistory {
  readonly past: readonly (PatchGeometry | null)[];
  readonly now: PatchGeometry | null;
}
const MOST_STEPS = 100;
const same = (a: PatchGeometry | null, b: PatchGeometry | null): boolean => JSON.stringify(a) === JSON.stringify(b);

export const historyFrom = (now: PatchGeometry | null): ShapeHistory => ({ past: [], now });
/** The next shape; one that is the same as the last is no step. */
export const stepTo = ({ past, now }: ShapeHistory, next: PatchGeometry | null): ShapeHistory =>
  same(now, next) ? { past, now } : { past: [...past, now].slice(-MOST_STEPS), now: next };
/** The shape before; the first one stays. */
export const stepBack = ({ past, now }: ShapeHistory): ShapeHistory =>
  past.length === 0 ? { past, now } : { past: past.slice(0, -1), now: past.at(-1)! };
