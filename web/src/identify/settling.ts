import { binomialOf, VOCABULARY, type IdentityRow, type StandView } from '@emberfield/contract';
import { confirmation, isDangerous, mayConfirm } from '@emberfield/core/identity';
import { lookAlikesUnnamed, twinsWithoutSigns } from '@emberfield/core/plants';
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
  /** A plant of one's own: nobody named what it could be taken for. */
  readonly unnamed: boolean;
  /** Its dangerous look-alikes that are on no list, so that no sign can rule them out. */
  readonly withoutSigns: StandView['profile']['lookAlikes'];
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
  const unnamed = lookAlikesUnnamed(profile);
  const listed = new Set(field.rows.map((r) => binomialOf(r.scientific)));
  const withoutSigns = twinsWithoutSigns(profile, (l) => listed.has(binomialOf(l.scientific)));
  const hostMissing = profile.habit === 'fungus' && !seen.some((s) => s.sign === 'host' && s.present);
  return {
    leftOpen: field.remaining.filter((c) => named.has(c.key) && isDangerous(c.severity)),
    dangerousOpen: [...worstFirst(field.rows.filter((r) => said.open.includes(r.key)))].sort(
      (a, b) => Number(named.has(b.key)) - Number(named.has(a.key)),
    ),
    organsMissing: said.organsMissing,
    itselfRuledOut: said.itselfRuledOut,
    hostMissing,
    unnamed,
    withoutSigns,
    mayConfirm: mayConfirm(said) && !hostMissing && !unnamed && withoutSigns.length === 0,
  };
}
