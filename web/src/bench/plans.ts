import type { PlantProfile, ProfilePart } from '@emberfield/core/plants';
import { LEAVE_ALONE, type StandPlan } from '@emberfield/core/population';

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

/** The plans of taking a part: takes of late only where there were any. The share that lasts is found while they are played. */
export function plansOf(
  plan: StandPlan,
  { lately, own }: { readonly lately: number | null; readonly own: OwnPlan },
): Plans {
  const young = { stage: 'juvenile', perTouched: own.setBack } as const;
  return {
    alone: LEAVE_ALONE,
    ...(lately === null ? {} : { lately: { ...plan, share: lately } }),
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
