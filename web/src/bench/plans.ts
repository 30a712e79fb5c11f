import type { PlantProfile, ProfilePart } from '@emberfield/core/plants';
import { LEAVE_ALONE, type LifeForm, type StandPlan } from '@emberfield/core/population';
import { takingPlan } from '@emberfield/core/stand';

/** The plans that stand side by side. */
export const PLAN_KEYS = ['alone', 'lately', 'lasting', 'own'] as const;
export type PlanKey = (typeof PLAN_KEYS)[number];
export type Plans = Readonly<Partial<Record<PlanKey, StandPlan>>>;

/** What somebody sets on the sliders of their own plan. */
export interface OwnPlan {
  readonly share: number;
  readonly everyYears: number;
  readonly setBack: number;
}
export const FIRST_OWN: OwnPlan = { share: 0.1, everyYears: 1, setBack: 0 };

/** The plans of a part: what is not known yet (the share that lasts) or never was (takes of late) is left out. */
export function plansOf(
  { life, profile, part }: { readonly life: LifeForm; readonly profile: PlantProfile; readonly part: ProfilePart },
  { lately, lasting, own }: { readonly lately: number | null; readonly lasting: number | null; readonly own: OwnPlan },
): Plans {
  const plan = takingPlan(life, profile, part);
  const young = { stage: 'juvenile', perTouched: own.setBack } as const;
  return {
    alone: LEAVE_ALONE,
    ...(lately === null ? {} : { lately: { ...plan, share: lately } }),
    ...(lasting === null ? {} : { lasting: { ...plan, share: lasting } }),
    own: { ...plan, share: own.share, everyYears: own.everyYears, setBack: own.setBack > 0 ? young : null },
  };
}

/** Parts that something is taken of, those that kill first: there it matters most. */
export const partsOf = ({ parts }: Pick<PlantProfile, 'parts'>): readonly ProfilePart[] =>
  [...parts].sort((a, b) => Number(b.kills) - Number(a.kills));

/** A share as so many of a hundred: one figure below one, whole above ten. */
export const ofHundred = (share: number): number => {
  const n = 100 * share;
  return n >= 10 ? Math.round(n) : Math.round(10 * n) / 10;
};
