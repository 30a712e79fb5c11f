import type { FutureTold } from '@emberfield/core/population';
import type { PlanKey } from './plans.ts';

export interface BenchRow {
  readonly plan: string;
  readonly year: number;
  readonly low: number;
  readonly lower: number;
  readonly middle: number;
  readonly upper: number;
  readonly high: number;
  readonly below: number;
}

/** Every figure of the pictures, plan by plan and year by year. */
export const tableOf = (
  told: ReadonlyMap<PlanKey, FutureTold>,
  firstYear: number,
  nameOf: (key: PlanKey) => string,
): readonly BenchRow[] =>
  [...told].flatMap(([key, { fan, below }]) =>
    fan.map((q, i): BenchRow => {
      const [low, lower, middle, upper, high] = q.map((n) => Math.round(n)) as [number, number, number, number, number];
      return {
        plan: nameOf(key),
        year: firstYear + i + 1,
        low,
        lower,
        middle,
        upper,
        high,
        below: Math.round(1000 * below[i]!) / 10,
      };
    }),
  );
