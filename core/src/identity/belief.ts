import { chanceOf, type Looked } from './reading.ts';
import type { IdentityTaxon, SeenSign, SignSpec } from './sign.ts';
import { ELSEWHERE } from './weigh.ts';

export interface Believed {
  readonly taxon: IdentityTaxon;
  /** Likelihood of what was said, 0–1, less for what is not known to grow there; only its ratio to another's means anything. */
  readonly belief: number;
  /** Of what was seen, how many signs its table says nothing about. */
  readonly unknown: number;
}

/** How likely what was said is of each taxon, whatever phase it stands in; what a table does not say is an even chance. */
export const beliefIn = (
  taxa: readonly IdentityTaxon[],
  signs: ReadonlyMap<string, SignSpec>,
  seen: readonly SeenSign[],
  { wanted }: Looked,
): readonly Believed[] =>
  taxa.map((taxon) => {
    let belief = taxon.elsewhere ? ELSEWHERE : 1;
    let unknown = 0;
    for (const one of seen) {
      const sign = signs.get(one.sign);
      if (!sign?.states.includes(one.state)) continue;
      const chance = chanceOf(taxon, sign, one, { phase: null, wanted });
      if (chance === null) unknown++;
      const even = one.present ? 1 / sign.states.length : 1 - 1 / sign.states.length;
      belief *= chance ?? even;
    }
    return { taxon, belief, unknown };
  });

/** The one that fits best, the first of those that fit alike; `null` of nothing. */
export const likeliest = (all: readonly Believed[]): Believed | null =>
  all.reduce<Believed | null>((a, b) => (a && a.belief >= b.belief ? a : b), null);
