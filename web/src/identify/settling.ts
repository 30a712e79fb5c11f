import { SIGNS, type StandView } from '@emberfield/contract';
import { confirmation, isDangerous, mayConfirm } from '@emberfield/core/identity';
import type { Candidate, FieldLeft } from './field-left.ts';
import type { IdentifyDraft } from './identify-draft.ts';

export interface Settling {
  /** Dangerous look-alikes of the stand's plant that what was seen leaves open. */
  readonly leftOpen: readonly Candidate[];
  /** Deadly and poisonous plants of the whole list that it leaves open: while there are any, nothing is confirmed. */
  readonly dangerousOpen: readonly Candidate[];
  /** Signs were seen of fewer than two organs. */
  readonly organsMissing: boolean;
  /** What was seen rules out the very plant that the stand is entered as. */
  readonly itselfRuledOut: boolean;
  /** A fungus whose wood or ground nobody named. */
  readonly hostMissing: boolean;
  readonly mayConfirm: boolean;
}

const VOCABULARY = new Map(SIGNS.map((s) => [s.key, s]));

/** How far what was seen settles a stand, by the rule that the server goes by when it stores the word. */
export function settling(
  { plantKey, profile, lookAlikes }: Pick<StandView, 'plantKey' | 'profile' | 'lookAlikes'>,
  field: Pick<FieldLeft, 'remaining'>,
  { seen }: Pick<IdentifyDraft, 'seen'>,
): Settling {
  const named = new Set(lookAlikes.map((l) => l.plantKey));
  const said = confirmation(
    field.remaining.map((c) => c.row),
    VOCABULARY,
    { key: plantKey, seen },
  );
  const hostMissing = profile.habit === 'fungus' && !seen.some((s) => s.sign === 'host' && s.present);
  const itselfRuledOut = !field.remaining.some((c) => c.key === plantKey);
  return {
    leftOpen: field.remaining.filter((c) => named.has(c.key) && isDangerous(c.severity)),
    dangerousOpen: field.remaining.filter((c) => said.open.includes(c.key)),
    organsMissing: said.organsMissing,
    itselfRuledOut,
    hostMissing,
    mayConfirm: mayConfirm(said) && !itselfRuledOut && !hostMissing,
  };
}
