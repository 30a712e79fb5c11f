// What is taken at a place costs in time, weighs, and gives to eat.
import type { EffortView, PartOutlook, PatchView } from '@emberfield/contract';
import { rootBalance, USUAL_MINUTES, type Ground, type RootBalance } from '@emberfield/core/rounds';
import type { Line, PlaceToVisit } from './places.ts';

export interface LineCost {
  readonly minutes: number;
  /** Takes that it was learned from; 0: an estimate. */
  readonly timed: number;
  /** `null`: nobody has taken any yet, or nobody knows what one weighs. */
  readonly loadG: number | null;
  /** Of roots of which the weight is known. */
  readonly roots: RootBalance | null;
}

/** Ground of a kind, for digging; a guess by what it is made of. */
const GROUND: Partial<Record<PatchView['substrate'], Ground>> = {
  sand: 'loose',
  peat: 'loose',
  clay: 'hard',
  gravel: 'hard',
  rock: 'hard',
};
/** However little is left, one has to find it first. An estimate. */
const LEAST_MINUTES = 3;

/** As the takes at the stand say, else those of its kind elsewhere, else what is usual; less where less is left than one usually takes. */
export function costOf({ stand, outlook }: Line, patch: PatchView, efforts: readonly EffortView[]): LineCost {
  const kind = efforts.find((e) => e.plantKey === stand.plantKey && e.part === outlook.part);
  const own = kind?.stands.find((s) => s.standId === stand.id);
  const usual = own?.amount ?? kind?.amount ?? null;
  const amount = usual === null ? null : Math.min(usual, leftOf(outlook));
  const share = usual === null || amount === null ? 1 : amount / usual;
  const minutes = Math.max(LEAST_MINUTES, share * (own?.minutes ?? kind?.minutes ?? USUAL_MINUTES));
  const loadG = amount === null || !kind || kind.massG === null ? null : amount * kind.massG;
  const dug = outlook.part === 'root';
  // What was timed here was timed in this ground.
  const ground = own?.timed ? 'firm' : (GROUND[patch.substrate] ?? 'firm');
  const roots = dug && loadG !== null ? rootBalance({ massG: loadG, minutes }, ground) : null;
  return { minutes: roots?.minutes ?? minutes, timed: kind?.timed ?? 0, loadG, roots };
}

/** Of all that can be taken at each place. */
export const costsOf = (
  places: readonly PlaceToVisit[],
  efforts: readonly EffortView[],
): readonly (readonly LineCost[])[] => places.map(({ patch, lines }) => lines.map((l) => costOf(l, patch, efforts)));

const leftOf = ({ allowance }: PartOutlook): number =>
  allowance.kind === 'counted' ? (allowance.amountLeft ?? Infinity) : Infinity;
