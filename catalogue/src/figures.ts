import type { Text } from '@emberfield/contract';
import type { Figure, MonthDay } from '@emberfield/core/measure';
import type { GrowthSpec, Regrowth, WindowEdge } from '@emberfield/core/growth';
import type { StageModel } from '@emberfield/core/stages';

// Short forms for writing profiles. A figure without a work behind it is an estimate and says so.

export const en = (text: string): Text => ({ en: text });
export const estimate = (value: number, low: number, high: number): Figure => ({
  value,
  low,
  high,
  source: 'estimate',
});
export const fixed = (value: number): Figure => estimate(value, value, value);

/** Usual day of the year, give or take. */
export const about = (dayOfYear: number, days: number): Figure =>
  estimate(dayOfYear, dayOfYear - days, dayOfYear + days);

/**
 * Sums below this are reached by the warmth of a mild January alone, which brings nothing on: they count from the middle of February. Later stages
 * count all of it: on the simulated islands of the proof dates are worse otherwise.
 */
const EARLY_SUM = 75;
const SPRING_STARTS: MonthDay = '02-15';
/** By then the lowland of the catalogue has gathered so much since New Year, °C·day over 5 °C. */
const USUAL_BY_THEN = 7;
const LEAST_SUM = 0.5;

/** Warm-sum above 5 °C (or another base) as a field book has it: since New Year in a usual year of the lowland, or since another day. */
export function warmth(
  sum: number,
  low: number,
  high: number,
  { baseC = 5, start }: { readonly baseC?: number; readonly start?: MonthDay } = {},
): StageModel {
  const isEarly = start === undefined && sum < EARLY_SUM;
  const since = (s: number): number => (isEarly ? Math.max(LEAST_SUM, s - USUAL_BY_THEN) : s);
  return {
    kind: 'thermal',
    start: start ?? (isEarly ? SPRING_STARTS : '01-01'),
    baseC: fixed(baseC),
    sum: estimate(since(sum), since(low), since(high)),
  };
}
export const after = (stage: string, days: number, low: number, high: number): StageModel => ({
  kind: 'after',
  stage,
  days: estimate(days, low, high),
});
export const afterWarmth = (stage: string, sum: number, low: number, high: number): StageModel => ({
  kind: 'afterWarmth',
  stage,
  baseC: fixed(5),
  sum: estimate(sum, low, high),
});
/** Growth in length against warmth over 5 °C since New Year's day: final length, the warmth of its half, and that in which it gathers by e. */
export const growsTo = (
  finalCm: readonly [number, number, number],
  halfSum: readonly [number, number, number],
  scaleSum: readonly [number, number, number],
): GrowthSpec => ({
  start: '01-01',
  baseC: fixed(5),
  finalCm: estimate(...finalCm),
  halfSum: estimate(...halfSum),
  scaleSum: estimate(...scaleSum),
});
/** What comes again after a cut, by warmth over 5 °C since then, up to days after a stage. */
export const comesAgain = (
  opensSum: readonly [number, number, number],
  closesSum: readonly [number, number, number],
  until: WindowEdge,
): Regrowth => ({ baseC: fixed(5), opensSum: estimate(...opensSum), closesSum: estimate(...closesSum), until });
export const cooling = (sum: number, low: number, high: number, baseC = 12): StageModel => ({
  kind: 'cooling',
  start: '08-01',
  baseC: fixed(baseC),
  sum: estimate(sum, low, high),
});
export const firstFrost = (thresholdC: number): StageModel => ({
  kind: 'firstFrost',
  start: '08-15',
  thresholdC: fixed(thresholdC),
});

/** Where the calendar days of the shipped profiles hold: lowland at 50° north, 100 m, mild winters. */
export const LOWLAND = { place: en('lowland at 50° north, 100 m'), latitudeDeg: 50, heightM: 100 };
/** Where the days of plants of mountain meadows hold. */
export const MOUNTAINS = { place: en('mountain meadow at 47° north, 1,200 m'), latitudeDeg: 47, heightM: 1200 };
/** The same for plants of woods and of their edges: their warmth is counted by a station in the open all the same. */
export const IN_WOODS = { ...LOWLAND, canopy: 'underTrees' } as const;
export const AT_EDGES = { ...LOWLAND, canopy: 'halfShade' } as const;
