import type { Phase, SeenSign } from '@emberfield/core/identity';

/** What was looked at so far; kept in the browser until it is written down or begun anew. */
export interface IdentifyDraft {
  readonly phase: Phase | null;
  readonly seen: readonly SeenSign[];
}
export const blankDraft = (phase: Phase | null = null): IdentifyDraft => ({ phase, seen: [] });

export type Mark = 'seen' | 'notSo' | null;
export const markOf = (seen: readonly SeenSign[], sign: string, state: string): Mark => {
  const said = seen.find((s) => s.sign === sign && s.state === state);
  return said ? (said.present ? 'seen' : 'notSo') : null;
};

/** One thing said of a state, in place of what was said of it before. "Not so" is a word of its own and never a second press. */
export interface Said {
  readonly sign: string;
  readonly state: string;
  readonly mark: Mark;
  /** Looked at a second time, and the same. */
  readonly again?: boolean;
}
export function saying(seen: readonly SeenSign[], { sign, state, mark, again }: Said): readonly SeenSign[] {
  const others = seen.filter((s) => s.sign !== sign || s.state !== state);
  if (mark === null) return others;
  return [...others, { sign, state, present: mark === 'seen', ...(again ? { again } : {}) }];
}
