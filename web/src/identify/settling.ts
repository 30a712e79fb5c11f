import { VOCABULARY, type IdentityRow, type StandView } from '@emberfield/contract';
import { confirmation, isDangerous, mayConfirm } from '@emberfield/core/identity';
import { worstFirst, type Candidate, type FieldLeft } from './field-left.ts';
import type { IdentifyDraft } from './identify-draft.ts';

export interface Settling {
  /** Dangerous look-alikes of the stand's plant that what was seen leaves open. */
  readonly leftOpen: readonly Candidate[];
  /** Deadly and poisonous plants of the whole list that it leaves open, its own look-alikes first: while there are any, nothing is confirmed. */
  readonly dangerousOpen: readonly IdentityRow[];
  /** Signs were seen of fewer than two organs. */
  readonly organsMissing: boolean;
  /** What was seen rules out the very plant that the stand is entered as. */
  readonly itselfRuledOut: boolean;
  /** A fungus whose wood or ground nobody named. */
  readonly hostMissing: boolean;
  readonly mayConfirm: boolean;
}

/** How far what was seen settles a stand, by the rule that the server goes by when it stores the word. */
export function settling(
  { plantKey, profile, lookAlikes }: Pick<StandView, 'plantKey' | 'profile' | 'lookAlikes'>,
  field: Pick<FieldLeft, 'remaining' | 'rows'>,
  { seen, phase }: IdentifyDraft,
): Settling {
  const named = new Set(lookAlikes.map((l) => l.plantKey));
  const said = confirmation(field.rows, VOCABULARY, { key: plantKey, seen, phase });
  const hostMissing = profile.habit === 'fungus' && !seen.some((s) => s.sign === 'host' && s.present);
  return {
    leftOpen: field.remaining.filter((c) => named.has(c.key) && isDangerous(c.severity)),
    dangerousOpen: [...worstFirst(field.rows.filter((r) => said.open.includes(r.key)))].sort(
      (a, b) => Number(named.has(b.key)) - Number(named.has(a.key)),
    ),
    organsMissing: said.organsMissing,
    itselfRuledOut: said.itselfRuledOut,
    hostMissing,
    mayConfirm: mayConfirm(said) && !hostMissing,
  };
}
