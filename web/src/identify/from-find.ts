import type { PatchDetail } from '@emberfield/contract';
import type { Phase, SeenSign } from '@emberfield/core/identity';
import { dayNumber } from '@emberfield/core/measure';
import type { FindCondition, OverheadTree } from '@emberfield/core/stand';
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
const CONIFERS: ReadonlySet<OverheadTree> = new Set(['spruce', 'pine', 'larch']);

/** The ground that a fungus stands on by the trees above it, where they are of one kind. */
function hostUnder(overhead: readonly OverheadTree[]): readonly SeenSign[] {
  const trees = overhead.filter((t) => t !== 'none');
  const conifers = trees.filter((t) => CONIFERS.has(t)).length;
  if (trees.length === 0 || (conifers > 0 && conifers < trees.length)) return [];
  return [{ sign: 'host', state: conifers > 0 ? 'coniferSoil' : 'broadleafSoil', present: true }];
}

/** The newest find at a place, up to a day, that was taken for a plant; `null` where there is none. */
export const findOf = (finds: readonly Find[], plantKey: string, day: string): Find | null =>
  finds
    .filter((f) => f.day <= day && f.body.mayBe.includes(plantKey))
    .reduce<Find | null>((newest, f) => (newest && newest.day >= f.day ? newest : f), null);

/**
 * What identifying begins with where it was found on a walk: what was seen of it, if that was lately; for a fungus the ground as well,
 * which stays. Nothing that was said then is lost by it: it can be taken back like any press.
 * @param day on which it is looked at again
 */
export function draftFromFind({ body, day: found }: Find, day: string, isFungus: boolean): IdentifyDraft | null {
  const lately = dayNumber(day) - dayNumber(found) <= SAME_FOR_DAYS;
  const seen = lately ? body.seen : body.seen.filter((s) => s.sign === 'host');
  const host = isFungus && !seen.some((s) => s.sign === 'host') ? hostUnder(body.overhead) : [];
  if (seen.length + host.length === 0) return null;
  return { phase: lately && body.condition ? PHASE_OF[body.condition] : null, seen: [...seen, ...host] };
}
