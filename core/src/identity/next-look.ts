import { distribution, normalised } from './distribution.ts';
import { chanceOf, misread, type Looked } from './reading.ts';
import type { IdentityTaxon, SeenSign, Severity, SignPrice, SignSpec } from './sign.ts';
import {
  chanceOfOther,
  isExcluding,
  ELSEWHERE,
  organsNeeded,
  outweighs,
  weigh,
  withRatio,
  type Weighing,
} from './weigh.ts';

export interface NextSign {
  readonly sign: string;
  /** What the look is expected to settle, dangerous taxa counting for more, divided by its price; only the order matters. */
  readonly worth: number;
  /** To be looked at a second time, on another piece. */
  readonly again: boolean;
  /** Keys of dangerous taxa that it rules out if the wanted plant stands there as it mostly does. */
  readonly settles: readonly string[];
}
export interface Asking {
  readonly vocabulary: readonly SignSpec[];
  readonly seen: readonly SeenSign[];
  readonly looked: Looked;
}

/** How much more a doubt about a taxon weighs for the danger in it. Estimates: only their order matters. */
const DANGER: Readonly<Record<Severity, number>> = { deadly: 12, poisonous: 6, harmful: 3, nuisance: 1, none: 1 };
/** What a look costs against a glance. Estimates. */
const COST: Readonly<Record<SignPrice, number>> = { glance: 1, cut: 1.3, loupe: 1.8, overnight: 4, microscope: 10 };
/** What is not known to grow here is asked about last. */
const dangerOf = ({ severity, elsewhere }: IdentityTaxon): number => DANGER[severity] * (elsewhere ? ELSEWHERE : 1);
const MOST_NEXT = 12;

/** Signs that can be looked at now and were not. */
function askable({ vocabulary, seen, looked: { phase } }: Asking): readonly SignSpec[] {
  const known = new Set(seen.filter((s) => s.present).map((s) => s.sign));
  return vocabulary.filter((s) => !known.has(s.key) && !s.ofPlace && (phase === null || s.when.includes(phase)));
}
/** The best of them first, as many as anybody would look at. */
export const bestOf = (signs: readonly NextSign[]): readonly NextSign[] =>
  signs
    .filter((n) => n.worth > 1e-6)
    .sort((a, b) => b.worth - a.worth)
    .slice(0, MOST_NEXT);

/**
 * What to look at next for a list of which nothing is wanted: expected loss of entropy (Shannon 1948) of the belief weighted by danger,
 * in bits, over the price of the look.
 */
export function signsThatTell(
  left: readonly IdentityTaxon[],
  weights: ReadonlyMap<string, number>,
  asking: Asking,
): readonly NextSign[] {
  if (left.length < 2) return [];
  const prior = normalised(left.map((t) => weights.get(t.key)! * DANGER[t.severity]));
  const before = entropy(prior);
  return bestOf(
    askable(asking).flatMap((sign): NextSign[] => {
      const rows = left.map((t) => distribution(t, sign, asking.looked.phase));
      if (rows.filter((r) => r !== null).length < 2) return [];
      const bits = expectedLoss({ prior, before, rows, sign });
      return [{ sign: sign.key, worth: bits / COST[sign.price], again: false, settles: [] }];
    }),
  );
}

/**
 * What to look at next so that a wanted plant can be told from every dangerous one that is open: how far a look is expected to bring each
 * towards being ruled out if the wanted plant stands there (by weight of evidence, and by a second organ that speaks), over its price.
 */
export function signsThatSettle(
  wanted: IdentityTaxon,
  open: readonly IdentityTaxon[],
  signs: ReadonlyMap<string, SignSpec>,
  asking: Asking,
): readonly NextSign[] {
  const now = open.map((other) => ({ other, weighing: weigh([wanted, other], signs, asking.seen, asking.looked) }));
  return bestOf(
    askable(asking).flatMap((sign): NextSign[] => {
      const mine = distribution(wanted, sign, asking.looked.phase);
      if (!mine || sign.organ === 'smell') return [];
      const likeliest = mine.indexOf(Math.max(...mine));
      const settles: string[] = [];
      let gained = 0;
      for (const { other, weighing } of now)
        for (const [i, probability] of mine.entries()) {
          if (probability < misread(sign)) continue;
          const then = after({ wanted, other, weighing }, sign, sign.states[i]!, asking.looked);
          gained += dangerOf(other) * probability * (nearness(then, other) - nearness(weighing, other));
          if (i === likeliest && then.excluded) settles.push(other.key);
        }
      return [{ sign: sign.key, worth: gained / COST[sign.price], again: false, settles }];
    }),
  );
}

/**
 * What is worth a second look, on another leaf, cap or root, where a first one has said what fits the wanted plant: by the same reckoning. Nothing
 * that the nose says, which stays on the fingers, nor what took a night.
 */
export function signsToReadAgain(
  wanted: IdentityTaxon,
  open: readonly IdentityTaxon[],
  signs: ReadonlyMap<string, SignSpec>,
  { seen, looked }: Asking,
): readonly NextSign[] {
  const weighed = (other: IdentityTaxon, all: readonly SeenSign[]) => weigh([wanted, other], signs, all, looked);
  const now = open.map((other) => ({ other, weighing: weighed(other, seen) }));
  return bestOf(
    seen.flatMap((one): NextSign[] => {
      const sign = signs.get(one.sign);
      if (!sign || !one.present || one.again || sign.ofPlace || sign.organ === 'smell' || sign.price === 'overnight')
        return [];
      const twice = seen.map((s) => (s === one ? { ...one, again: true } : s));
      const then = now.map(({ other, weighing }) => ({ other, before: weighing, after: weighed(other, twice) }));
      const gained = then.reduce(
        (sum, { other, before, after: said }) =>
          sum + dangerOf(other) * (nearness(said, other) - nearness(before, other)),
        0,
      );
      const settles = then.flatMap(({ other, after: said }) => (said.excluded ? [other.key] : []));
      return [{ sign: sign.key, worth: gained / COST[sign.price], again: true, settles }];
    }),
  );
}

function after(
  {
    wanted,
    other,
    weighing,
  }: { readonly wanted: IdentityTaxon; readonly other: IdentityTaxon; readonly weighing: Weighing },
  sign: SignSpec,
  state: string,
  looked: Looked,
): Weighing {
  const one = { sign: sign.key, state, present: true };
  const mine = chanceOf(wanted, sign, one, looked);
  const theirs = chanceOfOther([wanted, other], sign, one, looked);
  if (mine === null || theirs === null) return weighing;
  return withRatio(weighing, { sign, ratio: mine / theirs, other, never: isExcluding([wanted, other], sign, state) });
}

/** 0: nothing speaks against it; 2: ruled out. */
function nearness({ factor, organs, excluded }: Weighing, other: IdentityTaxon): number {
  if (excluded) return 2;
  const need = Math.log(outweighs(other));
  const needed = organsNeeded(other);
  const weight = Math.min(need, Math.log(factor)) / need;
  const speak = organs.filter((o) => o.speaks).length;
  return weight + Math.min(needed, speak) / needed;
}

interface Doubt {
  readonly prior: readonly number[];
  readonly before: number;
  readonly rows: readonly (readonly number[] | null)[];
  readonly sign: SignSpec;
}
function expectedLoss({ prior, before, rows, sign }: Doubt): number {
  const states = sign.states.length;
  const least = misread(sign) / states;
  let after = 0;
  for (let s = 0; s < states; s++) {
    const joint = prior.map((p, t) => p * Math.max(least, rows[t]?.[s] ?? 1 / states));
    const probability = joint.reduce((a, b) => a + b, 0);
    if (probability > 0) after += probability * entropy(joint.map((j) => j / probability));
  }
  return before - after;
}

/** Shannon entropy in bits. */
const entropy = (p: readonly number[]): number => -p.reduce((sum, x) => (x > 0 ? sum + x * Math.log2(x) : sum), 0);
