import { SIGNS, VOCABULARY, type IdentityRow, type IdentityTable } from '@emberfield/contract';
import {
  identify,
  isBuiltFor,
  isDangerous,
  SEVERITIES,
  shownFrequency,
  weigh,
  type NextSign,
  type SeenSign,
  type Severity,
  type SignSpec,
  type Standing,
} from '@emberfield/core/identity';
import type { SignToPress } from '../kit/sign-kinds.ts';
import { markOf, type IdentifyDraft } from './identify-draft.ts';

export interface Candidate extends Standing {
  readonly row: IdentityRow;
}
/** What one thing that was seen speaks against; by itself it rules nothing out that does harm. */
export interface SpeaksAgainst {
  readonly seen: SeenSign;
  readonly names: readonly IdentityRow[];
}

export interface FieldLeft {
  readonly remaining: readonly Candidate[];
  readonly ruledOut: number;
  /** Dangerous ones among what remains, the worst first. */
  readonly open: readonly Candidate[];
  readonly next: readonly NextSign[];
  readonly signs: readonly SignToPress[];
  readonly speaksAgainst: readonly SpeaksAgainst[];
  /** Everything on the list, ruled out or not. */
  readonly rows: readonly IdentityRow[];
}

/** What kills before what harms. */
export const worstFirst = <T extends { readonly severity: Severity }>(all: readonly T[]): readonly T[] =>
  [...all].sort((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity));

/** Everything the screen says of a list of plants and of what was seen so far. `wanted`: the plant that it is held to be. */
export function fieldLeft(
  { plants }: IdentityTable,
  { phase, seen }: IdentifyDraft,
  wanted: string | null = null,
): FieldLeft {
  const rows = new Map(plants.map((p) => [p.key, p]));
  const { standings, next, against } = identify(plants, SIGNS, seen, { phase, wanted });
  const remaining = standings.flatMap((s) => (s.ruledOut ? [] : [{ ...s, row: rows.get(s.key)! }]));
  const first = rows.get(against ?? '');
  const looked = { phase, wanted: rows.get(wanted ?? '') ?? null };
  const speaks = (mine: IdentityRow, theirs: IdentityRow, one: SeenSign): boolean =>
    weigh([mine, theirs], VOCABULARY, [one], looked).organs.some((o) => o.speaks);
  return {
    remaining,
    ruledOut: standings.length - remaining.length,
    open: worstFirst(remaining.filter((c) => isDangerous(c.severity))),
    next,
    signs: SIGNS.flatMap((sign) => choicesOf(sign, { remaining, draft: { phase, seen }, wanted: looked.wanted })),
    rows: plants,
    speaksAgainst: seen.map((one) => ({ seen: one, names: first ? plants.filter((p) => speaks(first, p, one)) : [] })),
  };
}

interface Choosing {
  readonly remaining: readonly Candidate[];
  readonly draft: IdentifyDraft;
  readonly wanted: IdentityRow | null;
}
/** The states of a sign to choose from: none where the phase does not show it, nothing left is known by it, or what is wanted is not built for it. */
function choicesOf(sign: SignSpec, { remaining, draft: { phase, seen }, wanted }: Choosing): readonly SignToPress[] {
  const said = seen.some((s) => s.sign === sign.key);
  const known = remaining.filter((c) => c.row.shows.some((x) => x.sign === sign.key));
  const asked = (phase === null || sign.when.includes(phase)) && (!wanted || isBuiltFor(wanted.habit, sign));
  if (!said && (!asked || known.length === 0)) return [];
  return [
    {
      sign,
      states: sign.states.map((state) => ({
        state,
        mark: markOf(seen, sign.key, state),
        again: seen.some((s) => s.sign === sign.key && s.state === state && s.again === true),
        gone: !known.some((c) => (shownFrequency(c.row, sign, state) ?? 0) > 0),
      })),
    },
  ];
}
