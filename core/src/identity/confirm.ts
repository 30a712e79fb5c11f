// What it takes to confirm a stand.
import { ruleOut } from './rule-out.ts';
import { type IdentityTaxon, type SeenSign, type SignSpec } from './sign.ts';

/** Signs of so many organs at least. */
const ORGANS_NEEDED = 2;

export interface Confirmation {
  /** Deadly and poisonous taxa of the list that what was seen leaves open, by key. */
  readonly open: readonly string[];
  /** Signs were seen of fewer than two organs. */
  readonly organsMissing: boolean;
  /** What was seen rules out the very taxon that is to be confirmed. */
  readonly itselfRuledOut: boolean;
}

/**
 * Whether what was seen can confirm a taxon: signs of two organs at least were seen, they do not speak against it, and no deadly or
 * poisonous taxon of the whole list is left open, whether anybody named it as a look-alike or not. The same on the page that offers it
 * and on the server that stores it.
 * @param taxa all that is known; the taxon itself among them counts for nothing
 * @param signs vocabulary by key
 */
export function confirmation(
  taxa: readonly IdentityTaxon[],
  signs: ReadonlyMap<string, SignSpec>,
  { key, seen }: { readonly key: string; readonly seen: readonly SeenSign[] },
): Confirmation {
  const organs = new Set(
    seen.flatMap(({ sign, present }) => {
      const spec = signs.get(sign);
      return present && spec && !spec.ofPlace ? [spec.organ] : [];
    }),
  );
  const itself = taxa.find((t) => t.key === key);
  return {
    open: taxa
      .filter((t) => t.key !== key && (t.severity === 'deadly' || t.severity === 'poisonous'))
      .filter((t) => !ruleOut(t, signs, seen).ruledOut)
      .map((t) => t.key),
    organsMissing: organs.size < ORGANS_NEEDED,
    itselfRuledOut: itself !== undefined && ruleOut(itself, signs, seen).ruledOut,
  };
}

export const mayConfirm = ({ open, organsMissing, itselfRuledOut }: Confirmation): boolean =>
  open.length === 0 && !organsMissing && !itselfRuledOut;
