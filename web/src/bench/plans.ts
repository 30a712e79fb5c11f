import type { MethodKey, PlantProfile, ProfilePart } from '@emberfield/core/plants';
import { LEAVE_ALONE, type StandPlan } from '@emberfield/core/population';

/** Plans of one's own, in the order in which they are added. */
export const OWN_KEYS = ['own', 'second', 'third'] as const;
export type OwnKey = (typeof OWN_KEYS)[number];
/** The plans that stand side by side. */
export const PLAN_KEYS = ['alone', 'lately', 'lasting', ...OWN_KEYS] as const;
export type PlanKey = (typeof PLAN_KEYS)[number];
export type Plans = Readonly<Partial<Record<PlanKey, StandPlan>>>;

/** What somebody sets of a plan of their own. */
export interface OwnPlan {
  readonly share: number;
  readonly everyYears: number;
  readonly setBack: number;
  readonly method: MethodKey;
}
export const FIRST_OWN: OwnPlan = { share: 0.1, everyYears: 1, setBack: 0, method: 'usual' };

/** What people teach: a plan to begin with. */
export const SCHOOLS = {
  twentieth: { share: 0.05, everyYears: 1 },
  tenth: { share: 0.1, everyYears: 1 },
  third: { share: 1 / 3, everyYears: 1 },
  thirdOfThree: { share: 1 / 3, everyYears: 3 },
} as const;
export type School = keyof typeof SCHOOLS;

export const isOwn = (key: PlanKey): key is OwnKey => (OWN_KEYS as readonly string[]).includes(key);
export const ownOf = (own: readonly OwnPlan[], key: PlanKey): OwnPlan | undefined =>
  isOwn(key) ? own[OWN_KEYS.indexOf(key)] : undefined;

/**
 * The plans of taking a part: takes of late only where there were any. The share that lasts is found while they are played.
 * @param taking the plan of taking it in one way, its share still to be said
 */
export function plansOf(
  taking: (method: MethodKey) => StandPlan,
  { lately, own }: { readonly lately: StandPlan | null; readonly own: readonly OwnPlan[] },
): Plans {
  const planned = ({ share, everyYears, setBack, method }: OwnPlan): StandPlan => ({
    ...taking(method),
    share,
    everyYears,
    setBack: setBack > 0 ? { stage: 'juvenile', perTouched: setBack } : null,
  });
  return {
    alone: LEAVE_ALONE,
    ...(lately === null ? {} : { lately }),
    ...Object.fromEntries(own.slice(0, OWN_KEYS.length).map((plan, i) => [OWN_KEYS[i]!, planned(plan)])),
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
