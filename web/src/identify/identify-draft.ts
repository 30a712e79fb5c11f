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

/** A state pressed once is seen, pressed again is looked for and not there, pressed a third time is unsaid. */
export function pressed(seen: readonly SeenSign[], sign: string, state: string): readonly SeenSign[] {
  const others = seen.filter((s) => s.sign !== sign || s.state !== state);
  switch (markOf(seen, sign, state)) {
    case null:
      return [...others, { sign, state, present: true }];
    case 'seen':
      return [...others, { sign, state, present: false }];
    case 'notSo':
      return others;
  }
}
