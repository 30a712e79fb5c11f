// What it takes to confirm a stand.
import { isPoison, withHere, type IdentityTaxon, type Phase, type SeenSign, type SignSpec } from './sign.ts';
import { beliefIn, likeliest } from './belief.ts';
import { weigh } from './weigh.ts';

/** Signs of so many organs at least. */
const ORGANS_NEEDED = 2;

export interface Confirmation {
  /** Deadly and poisonous taxa of the list that what was seen leaves open, by key. */
  readonly open: readonly string[];
  /** Signs were seen of fewer than two organs. */
  readonly organsMissing: boolean;
  /** What was seen fits something else so much better that it rules out the very taxon that is to be confirmed. */
  readonly itselfRuledOut: boolean;
}

export interface ToConfirm {
  readonly key: string;
  readonly seen: readonly SeenSign[];
  /** The phase it stands in; `null` where nobody says so. */
  readonly phase: Phase | null;
}

/**
 * Whether what was seen can confirm a taxon: signs of two organs at least were seen, they do not speak against it, and every deadly or
 * poisonous taxon of the whole list is ruled out against it, whether anybody named it as a look-alike or not. The same on the page that
 * offers it and on the server that stores it.
 * @param list all that is known; the taxon itself among them
 * @param signs vocabulary by key
 */
export function confirmation(
  list: readonly IdentityTaxon[],
  signs: ReadonlyMap<string, SignSpec>,
  { key, seen, phase }: ToConfirm,
): Confirmation {
  const taxa = withHere(list, key);
  const organs = new Set(
    seen.flatMap(({ sign, present }) => {
      const spec = signs.get(sign);
      return present && spec && !spec.ofPlace ? [spec.organ] : [];
    }),
  );
  const itself = taxa.find((t) => t.key === key) ?? null;
  const looked = { phase, wanted: itself };
  const dangerous = taxa.filter((t) => t.key !== key && isPoison(t.severity));
  const open = itself ? dangerous.filter((t) => !weigh([itself, t], signs, seen, looked).excluded) : dangerous;
  const best = likeliest(beliefIn(taxa, signs, seen, looked));
  return {
    open: open.map((t) => t.key),
    organsMissing: organs.size < ORGANS_NEEDED,
    itselfRuledOut: itself !== null && best !== null && weigh([best.taxon, itself], signs, seen, looked).excluded,
  };
}

export const mayConfirm = ({ open, organsMissing, itselfRuledOut }: Confirmation): boolean =>
  open.length === 0 && !organsMissing && !itselfRuledOut;
