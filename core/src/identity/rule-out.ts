import { isDangerous, rowsOf, shownFrequency, type IdentityTaxon, type SeenSign, type SignSpec } from './sign.ts';

/** Shown at most so often, a sign is rare for a taxon: two such of different organs rule it out. An estimate, on the cautious side. */
export const RARE = 0.1;

export interface RuledOut {
  readonly ruledOut: boolean;
  /** The signs that do: one never shown, or two rare ones of different organs. Empty while it is not ruled out. */
  readonly by: readonly SeenSign[];
  /** Rare signs seen so far that alone are not enough. */
  readonly against: readonly SeenSign[];
}

/**
 * Whether what was seen rules a taxon out: by a sign that it never shows, or by two that it rarely shows (at most 1 in 10)
 * and that are of different organs, since signs of one organ go together. Signs of the place never do. For a state looked for
 * and not there, what counts is how often the taxon goes without it.
 *
 * The most a taxon shows in any phase is held against it, whatever phase the plant is said to be in: a phase taken wrongly
 * must not rule a dangerous one out. More signs never bring a taxon back that fewer ruled out.
 * What does harm is ruled out only by what was seen: never by a smell, nor by what was not found.
 * @param signs vocabulary by key; a sign or state that is not in it counts for nothing.
 * Source of the two-sign rule: this tool's design; field keys ask for several independent characters in the same spirit.
 */
export function ruleOut(
  taxon: IdentityTaxon,
  signs: ReadonlyMap<string, SignSpec>,
  seen: readonly SeenSign[],
): RuledOut {
  const never: SeenSign[] = [];
  const rare: { readonly seen: SeenSign; readonly organ: string }[] = [];
  for (const one of seen) {
    const sign = signs.get(one.sign);
    if (!sign || sign.ofPlace || !sign.states.includes(one.state)) continue;
    if (isDangerous(taxon.severity) && !counts(sign, one)) continue;
    const frequency = likelihoodAtBest(taxon, sign, one);
    if (frequency === null) continue;
    if (frequency <= 0) never.push(one);
    else if (frequency <= RARE) rare.push({ seen: one, organ: sign.organ });
  }
  const first = rare[0];
  const second = rare.find((r) => r.organ !== first?.organ);
  const by = never.length > 0 ? never : first && second ? [first.seen, second.seen] : [];
  return { ruledOut: by.length > 0, by, against: by.length > 0 ? [] : rare.map((r) => r.seen) };
}

/**
 * Whether what was seen can rule out something that does harm: a nose is taken in by what the fingers just picked, taste is no sign,
 * and what somebody did not see may have been overlooked.
 */
const counts = ({ organ }: SignSpec, { present }: SeenSign): boolean => present && organ !== 'smell';

/**
 * The most often that a taxon agrees with what was seen, over its phases, 0–1. Of a missing state: the most often that it
 * goes without. `null` where its table does not say.
 */
export function likelihoodAtBest(taxon: IdentityTaxon, sign: SignSpec, { state, present }: SeenSign): number | null {
  if (present) return shownFrequency(taxon, sign, state);
  let least: number | null = null;
  for (const shown of rowsOf(taxon, sign.key)) least = Math.min(least ?? 1, Math.min(1, shown.states[state] ?? 0));
  return least === null ? null : 1 - least;
}
