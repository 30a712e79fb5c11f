import { SIGNS, type IdentityRow, type IdentityTable } from '@emberfield/contract';
import {
  identify,
  isDangerous,
  ruleOut,
  shownFrequency,
  type NextSign,
  type SeenSign,
  type SignSpec,
  type Standing,
} from '@emberfield/core/identity';
import { markOf, type IdentifyDraft, type Mark } from './identify-draft.ts';

export interface Candidate extends Standing {
  readonly row: IdentityRow;
}
interface StateChoice {
  readonly state: string;
  readonly mark: Mark;
  /** Nothing that is left on the list ever shows it. */
  readonly gone: boolean;
}
export interface SignChoice {
  readonly sign: SignSpec;
  readonly states: readonly StateChoice[];
}
/** What one thing that was seen rules out by itself. */
export interface RulesOut {
  readonly seen: SeenSign;
  readonly names: readonly IdentityRow[];
}

export interface FieldLeft {
  readonly remaining: readonly Candidate[];
  readonly ruledOut: number;
  /** Dangerous ones among what remains, the worst first. */
  readonly open: readonly Candidate[];
  readonly next: readonly NextSign[];
  readonly signs: readonly SignChoice[];
  readonly rulesOut: readonly RulesOut[];
}

const VOCABULARY = new Map(SIGNS.map((s) => [s.key, s]));
const SEVERITY_ORDER = ['deadly', 'poisonous', 'harmful', 'nuisance', 'none'];

/** Everything the screen says of a list of plants and of what was seen so far. */
export function fieldLeft({ plants }: IdentityTable, { phase, seen }: IdentifyDraft): FieldLeft {
  const rows = new Map(plants.map((p) => [p.key, p]));
  const { standings, next } = identify(plants, SIGNS, seen, phase);
  const remaining = standings.flatMap((s) => (s.ruledOut ? [] : [{ ...s, row: rows.get(s.key)! }]));
  return {
    remaining,
    ruledOut: standings.length - remaining.length,
    open: remaining
      .filter((c) => isDangerous(c.severity))
      .sort((a, b) => SEVERITY_ORDER.indexOf(a.severity) - SEVERITY_ORDER.indexOf(b.severity) || b.weight - a.weight),
    next,
    signs: SIGNS.flatMap((sign) => choicesOf(sign, { remaining, draft: { phase, seen } })),
    rulesOut: seen.map((one) => ({ seen: one, names: plants.filter((p) => ruleOut(p, VOCABULARY, [one]).ruledOut) })),
  };
}

/** The states of a sign to choose from: none where the phase does not show it or nothing left is known by it. */
function choicesOf(
  sign: SignSpec,
  { remaining, draft: { phase, seen } }: { readonly remaining: readonly Candidate[]; readonly draft: IdentifyDraft },
): readonly SignChoice[] {
  const said = seen.some((s) => s.sign === sign.key);
  const known = remaining.filter((c) => c.row.shows.some((x) => x.sign === sign.key));
  if (!said && ((phase !== null && !sign.when.includes(phase)) || known.length === 0)) return [];
  return [
    {
      sign,
      states: sign.states.map((state) => ({
        state,
        mark: markOf(seen, sign.key, state),
        gone: !known.some((c) => (shownFrequency(c.row, sign, state) ?? 0) > 0),
      })),
    },
  ];
}
