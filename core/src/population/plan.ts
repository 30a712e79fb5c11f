import { isCounted, type LifeStage, type Rates } from './life-history.ts';

/** What taking does to a plant that is touched, each 0–1; what is left out is nothing. */
export interface TakingEffect {
  /** It is gone. */
  readonly kills?: number;
  /** It is a stage younger next year. */
  readonly setsBack?: number;
  /** It has so much less seed. */
  readonly seedLost?: number;
  /** It lives through the year so much less often. */
  readonly weakens?: number;
}

/** What is done to a stand year after year. */
export interface StandPlan {
  /** Of the plants in the stages that are taken from so many are touched in a year in which one takes, 0–1. */
  readonly share: number;
  readonly stages: readonly LifeStage[];
  readonly effect: TakingEffect;
  /** One takes every so many years, the first included; from 1 up. */
  readonly everyYears: number;
  /** Only where so many plants stand. */
  readonly fromCount: number;
  /** For each plant touched so many are planted in this stage, the same year. */
  readonly setBack: { readonly stage: LifeStage; readonly perTouched: number } | null;
  /** So many are planted every year, whatever is taken, for so many years from the first. */
  readonly planted: { readonly stage: LifeStage; readonly number: number; readonly years: number } | null;
}

export const LEAVE_ALONE: StandPlan = {
  share: 0,
  stages: [],
  effect: {},
  everyYears: 1,
  fromCount: 0,
  setBack: null,
  planted: null,
};

/** Factors by stage of a year in which one takes. */
export interface TakingFactors {
  /** Touched of each plant. */
  readonly touched: Float64Array;
  /** Plants that are still there. */
  readonly stays: Float64Array;
  /** Plants that are there as one of the stage before. */
  readonly back: Float64Array;
  /** Seed of those that are there. */
  readonly seed: Float64Array;
  /** Survival of those that are there. */
  readonly survival: Float64Array;
}

/**
 * What a plan does to each stage in a year in which one takes.
 * @throws RangeError for a share or an effect beyond 0–1, effects on a plant that sum above 1, or a stage that the rates do not have.
 */
export function takingFactors({ stages }: Rates, { share, stages: from, effect }: StandPlan): TakingFactors {
  const { kills = 0, setsBack = 0, seedLost = 0, weakens = 0 } = effect;
  if ([share, kills, setsBack, seedLost, weakens].some((x) => !(x >= 0 && x <= 1)) || kills + setsBack > 1 + 1e-9)
    throw new RangeError('shares and effects of taking lie between 0 and 1');
  for (const s of from) if (!stages.includes(s)) throw new RangeError(`the stand has no stage "${s}"`);
  const by = (make: (h: number, i: number) => number): Float64Array =>
    Float64Array.from(stages, (s, i) => make(from.includes(s) ? share : 0, i));
  const hasBefore = (i: number): boolean => i > 0 && isCounted(stages[i - 1]!);
  return {
    touched: by((h) => h),
    // Who is set back but has no stage before it is gone.
    stays: by((h) => 1 - h * (kills + setsBack)),
    back: by((h, i) => (hasBefore(i) ? h * setsBack : 0)),
    seed: by((h) => perStanding(1 - h * (kills + setsBack), h, (1 - kills - setsBack) * seedLost)),
    survival: by((h) => perStanding(1 - h * (kills + setsBack), h, (1 - kills - setsBack) * weakens)),
  };
}

/** What is left to a plant that still stands, on average over touched and untouched ones. */
const perStanding = (stays: number, share: number, lost: number): number =>
  stays === 0 ? 0 : Math.max(0, 1 - (share * lost) / stays);
