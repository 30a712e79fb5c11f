// What is wanted over a season, and where it can come from.
import type { DayNumber } from '../measure/index.ts';

/** Springs that are planned for: an early one, the usual one, a late one. */
export const SPRINGS = 3;
/**
 * How likely each is, where the days of a window are known by their 10, 50 and 90 % quantiles (extended Swanson–Megill weights: Keefer and Bodily 1983,
 * Management Science 29(5)).
 */
export const SPRING_SHARES: readonly number[] = [0.3, 0.4, 0.3];

export interface SeasonWant {
  readonly id: string;
  /** What it is made of: of each, how much of the want one unit gives (1 where the want is counted in the same unit). Several: any of them will do. */
  readonly of: readonly { readonly what: string; readonly gives: number }[];
  /** Above 0; with `weekly` in each week of its days that is planned. */
  readonly amount: number;
  readonly weekly: boolean;
  readonly first: DayNumber;
  readonly last: DayNumber;
}

/** A part at a stand: one allowance, one or more windows. */
export interface SeasonSource {
  readonly id: string;
  readonly what: string;
  /** What may be taken of it yet, in the part's unit; `Infinity`: no rule limits it. */
  readonly left: number;
  /** What would be left if nothing barred it, and nobody had taken any; `null`: nobody knows. */
  readonly unbarred: number | null;
  /** Counted in pieces. */
  readonly whole: boolean;
  readonly minutesPerUnit: number;
  /** Shared limits that it draws on, by name. */
  readonly shares: readonly string[];
  /** Each window: in an early, a usual and a late spring the days on which it is open; `null`: in such a spring it is not. */
  readonly windows: readonly (readonly (OpenDays | null)[])[];
  /** Where within a window it is best, from 0 to 1. */
  readonly peakShare: number;
}
export interface OpenDays {
  readonly first: DayNumber;
  readonly last: DayNumber;
}

export interface SeasonTask {
  /** First day that is planned: the weeks are counted from it. */
  readonly from: DayNumber;
  readonly weeks: number;
  /** That there are in a week for taking; `Infinity`: nobody said. */
  readonly minutesPerWeek: number;
  readonly wants: readonly SeasonWant[];
  readonly sources: readonly SeasonSource[];
  /** What is left of the shared limits, in the unit of the parts. */
  readonly shared: ReadonlyMap<string, number>;
}

/** Something of a source for a want in a week of a spring. */
export interface Take {
  readonly source: number;
  readonly want: number;
  readonly week: number;
  readonly spring: number;
  /** What the part is worth that week: half at both ends of its window, 1 at its best. */
  readonly quality: number;
}

export const DAYS_IN_WEEK = 7;
/** @returns first and last day of a week of the task */
export function weekOf({ from }: Pick<SeasonTask, 'from'>, week: number): OpenDays {
  return { first: from + DAYS_IN_WEEK * week, last: from + DAYS_IN_WEEK * (week + 1) - 1 };
}

/** The days that two spans have in common; `null`: none. */
export function common(a: OpenDays, b: OpenDays): OpenDays | null {
  const both = { first: Math.max(a.first, b.first), last: Math.min(a.last, b.last) };
  return both.first > both.last ? null : both;
}
