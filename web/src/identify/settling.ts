import type { StandView } from '@emberfield/contract';
import { isDangerous } from '@emberfield/core/identity';
import type { Candidate, FieldLeft } from './field-left.ts';
import type { IdentifyDraft } from './identify-draft.ts';

export interface Settling {
  /** Dangerous look-alikes of the stand's plant that what was seen leaves open. */
  readonly leftOpen: readonly Candidate[];
  readonly deadlyOpen: readonly Candidate[];
  /** What was seen rules out the very plant that the stand is entered as. */
  readonly itselfRuledOut: boolean;
  /** A fungus whose wood or ground nobody named. */
  readonly hostMissing: boolean;
  readonly mayConfirm: boolean;
}

/** How far what was seen settles a stand: "confirmed" is offered once no deadly look-alike of it is left open. */
export function settling(
  { plantKey, profile, lookAlikes }: Pick<StandView, 'plantKey' | 'profile' | 'lookAlikes'>,
  field: Pick<FieldLeft, 'remaining'>,
  { seen }: Pick<IdentifyDraft, 'seen'>,
): Settling {
  const named = new Set(lookAlikes.map((l) => l.plantKey));
  const leftOpen = field.remaining.filter((c) => named.has(c.key) && isDangerous(c.severity));
  const deadlyOpen = leftOpen.filter((c) => c.severity === 'deadly');
  const itselfRuledOut = !field.remaining.some((c) => c.key === plantKey);
  const hostMissing = profile.habit === 'fungus' && !seen.some((s) => s.sign === 'host' && s.present);
  return {
    leftOpen,
    deadlyOpen,
    itselfRuledOut,
    hostMissing,
    mayConfirm: seen.length > 0 && deadlyOpen.length === 0 && !itselfRuledOut && !hostMissing,
  };
}
