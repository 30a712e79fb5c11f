import type { ForcingCurve } from '../climate/index.ts';
import { linearSd, type Figure, type MonthDay } from '../measure/index.ts';

/**
 * How a phenophase is dated. Sums are °C·day, days are days.
 * - thermal: warmth above `baseC` (and below `cutoffC`) cumulated from `start` reaches `sum`
 *   With a `curve` every day counts along it, whatever the base.
 * - after: `days` after another stage, or `sum` of warmth above `baseC` from that stage on
 * - cooling: cold below `baseC` cumulated from `start` reaches `sum`
 * - firstFrost: first day from `start` on whose minimum is at or below `thresholdC`
 * - chill: first `chillDays` days whose mean is at or below `chillBelowC`, counted from `start`; from the last of them on warmth above
 *   `baseC` reaches `sum` (sequential model: woody buds rest until they have been cold for long enough)
 * - dayLength: first day from `start` on that has grown longer, or shorter, than so many hours, or than so large a share of the place's
 *   longest day: what flowers when the days shorten does so in the south as well, where they are never so long
 * - rain: first day from `start` on after which `overDays` days brought `rainMm` or more at a mean temperature between `fromC` and
 *   `toC`; `days` later
 * - calendar: the stage's own calendar day, moved by Hopkins' law in the given direction, `none` where it holds wherever the plant
 *   stands; `alone`: whoever wrote it knows that nothing but the calendar brings it on, and no other clock is tried
 */
export type StageModel =
  | {
      readonly kind: 'thermal';
      readonly start: MonthDay;
      readonly baseC: Figure;
      readonly cutoffC?: Figure;
      readonly curve?: ForcingCurve;
      readonly sum: Figure;
    }
  | { readonly kind: 'after'; readonly stage: string; readonly days: Figure }
  | { readonly kind: 'afterWarmth'; readonly stage: string; readonly baseC: Figure; readonly sum: Figure }
  | { readonly kind: 'cooling'; readonly start: MonthDay; readonly baseC: Figure; readonly sum: Figure }
  | { readonly kind: 'firstFrost'; readonly start: MonthDay; readonly thresholdC: Figure }
  | {
      readonly kind: 'chill';
      readonly start: MonthDay;
      readonly chillBelowC: Figure;
      readonly chillDays: Figure;
      readonly baseC: Figure;
      readonly sum: Figure;
    }
  | ({
      readonly kind: 'dayLength';
      readonly start: MonthDay;
      readonly turn: 'longer' | 'shorter';
    } & DayLength)
  | {
      readonly kind: 'rain';
      readonly start: MonthDay;
      readonly rainMm: Figure;
      readonly overDays: number;
      readonly fromC: number;
      readonly toC: number;
      readonly days: Figure;
    }
  | {
      readonly kind: 'calendar';
      readonly direction: 'spring' | 'autumn' | 'none';
      readonly alone?: boolean;
    };

/** Length of a day: in hours, or as a share of the longest of the place, 0–1. */
export type DayLength = { readonly hours: Figure } | { readonly share: Figure };

/** A phenophase of a profile. `calendar` is its usual day of the year at the profile's reference place. */
export interface StageSpec {
  readonly key: string;
  /** Principal growth stage of the BBCH scale, 0–9. */
  readonly bbch: number;
  readonly calendar: Figure;
  readonly model: StageModel;
}

/** After midsummer the year falls: what comes later comes earlier in a cold place. */
export const TURN_DAY = 213;

/** Which way Hopkins' law moves the calendar day of a stage whose model cannot run for want of weather. */
export function hopkinsDirection(stage: StageSpec, stages: readonly StageSpec[]): 'spring' | 'autumn' | 'none' {
  const { model } = stage;
  switch (model.kind) {
    case 'calendar':
      return model.direction;
    case 'cooling':
    case 'firstFrost':
      return 'autumn';
    case 'thermal':
    case 'chill':
      return 'spring';
    // Neither the sun nor the rain asks how high a place lies.
    case 'dayLength':
    case 'rain':
      return 'none';
    case 'after':
    case 'afterWarmth': {
      const base = stages.find((s) => s.key === model.stage);
      return base && base !== stage ? hopkinsDirection(base, stages) : 'spring';
    }
  }
}

/** A figure given without any spread still has some: nothing in a wood is exact. */
const LEAST_SD_DAYS = 1;

/** Standard deviation of a figure in days, at least a day. @throws RangeError as `linearSd` */
export const spreadInDays = (figure: Figure): number => Math.max(LEAST_SD_DAYS, linearSd(figure));
