import { beliefIn, likeliest } from './belief.ts';
import type { Looked } from './reading.ts';
import { bestOf, signsThatSettle, signsThatTell, signsToReadAgain, type NextSign } from './next-look.ts';
import {
  isDangerous,
  withHere,
  type IdentityTaxon,
  type Phase,
  type SeenSign,
  type Severity,
  type SignSpec,
} from './sign.ts';
import { weigh } from './weigh.ts';

export interface Standing {
  readonly key: string;
  readonly severity: Severity;
  readonly ruledOut: boolean;
  /** Share of the belief among the taxa on the list, 0–1; 0 for those ruled out. Says nothing of what is not on the list. */
  readonly weight: number;
  /** Of what was seen, how many signs its table says nothing about. */
  readonly unknown: number;
}

export interface Identification {
  /** Likeliest first; those ruled out at the end. */
  readonly standings: readonly Standing[];
  /** Signs worth checking next, best first. */
  readonly next: readonly NextSign[];
  /** Key of the taxon that the others are held against; `null` of an empty list. */
  readonly against: string | null;
  /** Dangerous taxa that are not ruled out: while there are any, tasting is no sign and is warned against. */
  readonly open: readonly string[];
}

export interface Asked {
  readonly phase: Phase | null;
  /** Key of the taxon that is looked for; `null`: anything. */
  readonly wanted: string | null;
}
const ANYTHING: Asked = { phase: null, wanted: null };

/**
 * What remains possible of the taxa on a list, which are ruled out and by what, and what to look at next.
 *
 * Belief: every taxon alike beforehand (neither season nor place leans on it), times how likely what was said is of each (Bayes), misreadings
 * inside; what a table does not say counts as an even chance among the sign's states. Ruled out is what `weigh` rules out against the
 * taxon that is looked for, or against the likeliest where nothing is, or where that fails itself.
 * @param list up to some hundreds.
 * @param seen empty: all remain possible, alike.
 * Cost: taxa × (signs seen + states of the vocabulary).
 */
export function identify(
  list: readonly IdentityTaxon[],
  vocabulary: readonly SignSpec[],
  seen: readonly SeenSign[],
  { phase, wanted }: Asked = ANYTHING,
): Identification {
  const taxa = withHere(list, wanted);
  const signs = new Map(vocabulary.map((s) => [s.key, s]));
  const looked: Looked = { phase, wanted: taxa.find((t) => t.key === wanted) ?? null };
  const believed = beliefIn(taxa, signs, seen, looked);
  const best = likeliest(believed);
  if (!best) return { standings: [], next: [], against: null, open: [] };
  const fails = looked.wanted !== null && weigh([best.taxon, looked.wanted], signs, seen, looked).excluded;
  const first = looked.wanted && !fails ? looked.wanted : best.taxon;
  const rough = believed.map((b) => ({ ...b, weighing: weigh([first, b.taxon], signs, seen, looked) }));
  const total = rough.reduce((sum, r) => sum + (r.weighing.excluded ? 0 : r.belief), 0);
  const standings = rough
    .map(({ taxon, weighing, belief: b, unknown }): Standing => ({
      key: taxon.key,
      severity: taxon.severity,
      ruledOut: weighing.excluded,
      weight: weighing.excluded || total === 0 ? 0 : b / total,
      unknown,
    }))
    .sort((a, b) => Number(a.ruledOut) - Number(b.ruledOut) || b.weight - a.weight);
  const weights = new Map(standings.map((s) => [s.key, s.weight]));
  const left = taxa.filter((t) => weights.get(t.key)! > 0);
  const asking = { vocabulary, seen, looked };
  return {
    standings,
    against: first.key,
    next:
      first === looked.wanted
        ? nextFor(first, worstOpen(left, first), signs, asking)
        : signsThatTell(left, weights, asking),
    open: standings.filter((s) => !s.ruledOut && isDangerous(s.severity)).map((s) => s.key),
  };
}

/** New looks and second ones, by what they are worth. */
const nextFor = (...of: Parameters<typeof signsThatSettle>): readonly NextSign[] =>
  bestOf([...signsThatSettle(...of), ...signsToReadAgain(...of)]);

/** What kills or poisons and is open, else what does some harm; the taxon itself is none of them. */
function worstOpen(left: readonly IdentityTaxon[], itself: IdentityTaxon): readonly IdentityTaxon[] {
  const others = left.filter((t) => t !== itself && isDangerous(t.severity));
  const worst = others.filter((t) => t.severity !== 'harmful');
  return worst.length > 0 ? worst : others;
}
