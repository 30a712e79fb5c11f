import type { PatchDetail } from '@emberfield/contract';
import type { Phase } from '@emberfield/core/identity';
import { dayNumber } from '@emberfield/core/measure';
import type { FindCondition } from '@emberfield/core/stand';
import type { IdentifyDraft } from './identify-draft.ts';

type Find = PatchDetail['finds'][number];

/** A find stays as it was seen for about so long; later only where it stood holds. */
const SAME_FOR_DAYS = 21;
const PHASE_OF: Readonly<Record<FindCondition, Phase>> = {
  deadStalk: 'rest',
  seedHead: 'rest',
  bud: 'rest',
  bark: 'rest',
  rosette: 'leaf',
  shoots: 'leaf',
  leaf: 'leaf',
  flower: 'flower',
  fruit: 'fruit',
  // A fungus bears its signs while its fruit bodies stand, which the profiles call flower.
  fruitBody: 'flower',
};
/** The newest find at a place, up to a day, that was taken for a plant; `null` where there is none. */
export const findOf = (finds: readonly Find[], plantKey: string, day: string): Find | null =>
  finds
    .filter((f) => f.day <= day && f.body.mayBe.includes(plantKey))
    .reduce<Find | null>((newest, f) => (newest && newest.day >= f.day ? newest : f), null);

/**
 * What identifying begins with where it was found on a walk: what was seen of it, if that was lately; later the wood or ground that was
 * named, which stays. Trees overhead name none: a fungus under spruce may stand on a beech log, and confirming asks for what somebody saw.
 * @param day on which it is looked at again
 */
export function draftFromFind({ body, day: found }: Find, day: string): IdentifyDraft | null {
  const lately = dayNumber(day) - dayNumber(found) <= SAME_FOR_DAYS;
  const seen = lately ? body.seen : body.seen.filter((s) => s.sign === 'host');
  return seen.length === 0 ? null : { phase: lately && body.condition ? PHASE_OF[body.condition] : null, seen };
}
