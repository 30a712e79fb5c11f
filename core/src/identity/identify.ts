import { likelihoodAtBest, ruleOut } from './rule-out.ts';
import {
  isDangerous,
  shownFrequency,
  type IdentityTaxon,
  type Phase,
  type SeenSign,
  type Severity,
  type SignPrice,
  type SignSpec,
} from './sign.ts';

export interface Standing {
  readonly key: string;
  readonly severity: Severity;
  readonly ruledOut: boolean;
  readonly by: readonly SeenSign[];
  readonly against: readonly SeenSign[];
  /** Share of the belief among the taxa on the list, 0–1; 0 for those ruled out. Says nothing of what is not on the list. */
  readonly weight: number;
  /** Of what was seen, how many signs its table says nothing about. */
  readonly unknown: number;
}

export interface NextSign {
  readonly sign: string;
  /** Bits of doubt it is expected to take away, dangerous taxa counting for more, divided by its price. */
  readonly worth: number;
  /** How many of the taxa left it would tell apart from the first. */
  readonly tells: number;
}

export interface Identification {
  /** Likeliest first; those ruled out at the end. */
  readonly standings: readonly Standing[];
  /** Signs worth checking next, best first. */
  readonly next: readonly NextSign[];
  /** Dangerous taxa that are not ruled out: while there are any, tasting is no sign and is warned against. */
  readonly open: readonly string[];
}

/** How much more a doubt about a taxon weighs for the danger in it. Estimates: only their order matters. */
const DANGER: Readonly<Record<Severity, number>> = { deadly: 12, poisonous: 6, harmful: 3, nuisance: 1, none: 1 };
/** What a look costs against a glance. Estimates. */
const COST: Readonly<Record<SignPrice, number>> = { glance: 1, cut: 1.3, loupe: 1.8, overnight: 4, microscope: 10 };
/** An eye may be wrong: a sign is never quite impossible as far as belief goes, only as far as ruling out does. */
const MISREAD = 0.02;
const MOST_NEXT = 12;

/**
 * What remains possible of the taxa on a list, which are ruled out and by which sign, and what to check next.
 *
 * Belief: every taxon alike beforehand (neither season nor place leans on it), times how often each shows what was seen
 * (Bayes); what a table does not say counts as an even chance among the sign's states. Next signs: expected loss of entropy
 * (Shannon 1948) of the belief weighted by danger, over the price of the look; only signs of the phase, when one is given.
 * @param taxa up to some hundreds.
 * @param seen empty: all remain possible, alike.
 * Cost: taxa × (signs seen + states of the vocabulary).
 * @example
 * // two taxa, a sign that the first shows 9 times in 10 and the second once in 10 → weights 0.9 and 0.1
 */
export function identify(
  taxa: readonly IdentityTaxon[],
  vocabulary: readonly SignSpec[],
  seen: readonly SeenSign[],
  phase: Phase | null = null,
): Identification {
  const signs = new Map(vocabulary.map((s) => [s.key, s]));
  const rough = taxa.map((taxon) => ({ taxon, ...ruleOut(taxon, signs, seen), ...belief(taxon, signs, seen) }));
  const total = rough.reduce((sum, r) => sum + (r.ruledOut ? 0 : r.belief), 0);
  const standings = rough
    .map(({ taxon, ruledOut, by, against, belief: b, unknown }): Standing => {
      const weight = ruledOut || total === 0 ? 0 : b / total;
      return { key: taxon.key, severity: taxon.severity, ruledOut, by, against, unknown, weight };
    })
    .sort((a, b) => Number(a.ruledOut) - Number(b.ruledOut) || b.weight - a.weight);
  const weights = new Map(standings.map((s) => [s.key, s.weight]));
  const left = taxa.filter((t) => weights.get(t.key)! > 0);
  return {
    standings,
    next: nextSigns(left, weights, { vocabulary, seen, phase }),
    open: standings.filter((s) => !s.ruledOut && isDangerous(s.severity)).map((s) => s.key),
  };
}

function belief(
  taxon: IdentityTaxon,
  signs: ReadonlyMap<string, SignSpec>,
  seen: readonly SeenSign[],
): { readonly belief: number; readonly unknown: number } {
  let product = 1;
  let unknown = 0;
  for (const one of seen) {
    const sign = signs.get(one.sign);
    if (!sign || !sign.states.includes(one.state)) continue;
    const frequency = likelihoodAtBest(taxon, sign, one);
    if (frequency === null) unknown++;
    const even = one.present ? 1 / sign.states.length : 1 - 1 / sign.states.length;
    product *= Math.max(MISREAD, frequency ?? even);
  }
  return { belief: product, unknown };
}

interface Asking {
  readonly vocabulary: readonly SignSpec[];
  readonly seen: readonly SeenSign[];
  readonly phase: Phase | null;
}

function nextSigns(
  left: readonly IdentityTaxon[],
  weights: ReadonlyMap<string, number>,
  { vocabulary, seen, phase }: Asking,
): readonly NextSign[] {
  if (left.length < 2) return [];
  const known = new Set(seen.filter((s) => s.present).map((s) => s.sign));
  const prior = normalised(left.map((t) => weights.get(t.key)! * DANGER[t.severity]));
  const before = entropy(prior);
  return vocabulary
    .filter((s) => !known.has(s.key) && !s.ofPlace && (phase === null || s.when.includes(phase)))
    .flatMap((sign): NextSign[] => {
      const rows = left.map((t) => distribution(t, sign, phase));
      if (rows.filter((r) => r !== null).length < 2) return [];
      const bits = expectedLoss(prior, before, rows, sign.states.length);
      return bits > 1e-6 ? [{ sign: sign.key, worth: bits / COST[sign.price], tells: toldApart(rows) }] : [];
    })
    .sort((a, b) => b.worth - a.worth)
    .slice(0, MOST_NEXT);
}

/** How a taxon spreads over the states of a sign, summing to 1; `null` where its table does not say. */
export function distribution(taxon: IdentityTaxon, sign: SignSpec, phase: Phase | null): readonly number[] | null {
  const at = (p: Phase | null) => sign.states.map((s) => shownFrequency(taxon, sign, s, p));
  const now = at(phase);
  const told = now[0] !== null ? now : at(null);
  return told[0] === null ? null : normalised(told.map((f) => f!));
}

function expectedLoss(
  prior: readonly number[],
  before: number,
  rows: readonly (readonly number[] | null)[],
  states: number,
): number {
  let after = 0;
  for (let s = 0; s < states; s++) {
    const joint = prior.map((p, t) => p * Math.max(MISREAD / states, rows[t]?.[s] ?? 1 / states));
    const probability = joint.reduce((a, b) => a + b, 0);
    if (probability > 0) after += probability * entropy(joint.map((j) => j / probability));
  }
  return before - after;
}

function toldApart(rows: readonly (readonly number[] | null)[]): number {
  const first = rows.find((r) => r !== null);
  if (!first) return 0;
  return rows.filter((r) => r !== null && r !== first && overlap(first, r) <= 0.1).length;
}

/** Common part of two distributions, 0 (nothing) to 1 (the same). */
export const overlap = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, x, i) => sum + Math.min(x, b[i] ?? 0), 0);

function normalised(values: readonly number[]): readonly number[] {
  const total = values.reduce((a, b) => a + b, 0);
  return total === 0 ? values.map(() => 1 / values.length) : values.map((v) => v / total);
}

/** Shannon entropy in bits. */
const entropy = (p: readonly number[]): number => -p.reduce((sum, x) => (x > 0 ? sum + x * Math.log2(x) : sum), 0);
