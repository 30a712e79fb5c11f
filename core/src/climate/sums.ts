// What is counted along the members of an ensemble: warmth, cold, frosts, chill and rain.
import { coolingDays, degreeDays } from '../weather/index.ts';
import type { Ensemble } from './ensemble.ts';

/** Cumulated warmth of every member, days before `startIndex` counting nothing. Shared days are computed once. */
export function cumulateWarmth(ensemble: Ensemble, baseC: number, cutoffC: number, startIndex: number): Float64Array[] {
  const { warmthFactor } = ensemble;
  return cumulate(ensemble, startIndex, (min, max) => warmthFactor * degreeDays(min, max, baseC, cutoffC));
}

/** How much of a full day of growth a day at a mean temperature is: half of one at `middleC`, and `perC` how steeply it rises. */
export interface ForcingCurve {
  readonly middleC: number;
  readonly perC: number;
}

/**
 * Cumulated days of growth along a smooth curve of the day's mean (half of minimum and maximum), as {@link cumulateWarmth}: the
 * logistic rate of forcing.
 * Source: Chuine, I. (2000), A unified model for budburst of trees, Journal of Theoretical Biology 207, 337–347.
 */
export function cumulateCurve(ensemble: Ensemble, { middleC, perC }: ForcingCurve, startIndex: number): Float64Array[] {
  const { warmthFactor } = ensemble;
  return cumulate(
    ensemble,
    startIndex,
    (min, max) => warmthFactor / (1 + Math.exp(-perC * ((min + max) / 2 - middleC))),
  );
}

/** Cumulated cold below a threshold, as {@link cumulateWarmth}. */
export function cumulateCold(ensemble: Ensemble, thresholdC: number, startIndex: number): Float64Array[] {
  return cumulate(ensemble, startIndex, (min, max) => coolingDays(min, max, thresholdC));
}

/** Cumulated count of days whose minimum is at or below the threshold. */
export function cumulateFrosts(ensemble: Ensemble, thresholdC: number, startIndex: number): Float64Array[] {
  return cumulate(ensemble, startIndex, (min) => (min <= thresholdC ? 1 : 0));
}

/**
 * Index of the day on which every member has had so many cold days since `startIndex`; Infinity where it never has.
 * A day is cold whose mean, half of minimum and maximum, is at or below the threshold.
 */
export function chilledBy(
  ensemble: Ensemble,
  { thresholdC, days, startIndex }: { readonly thresholdC: number; readonly days: number; readonly startIndex: number },
): readonly number[] {
  return ensemble.station.years.map((_, m) => {
    const meanC = meansOf(ensemble, m);
    let cold = 0;
    for (let i = Math.max(0, startIndex); i < meanC.length; i++)
      if (meanC[i]! <= thresholdC && ++cold >= days) return i;
    return Infinity;
  });
}

export interface RainFlush {
  readonly rainMm: number;
  readonly overDays: number;
  readonly fromC: number;
  readonly toC: number;
  readonly startIndex: number;
}

/**
 * Index of the first day by which so much rain has fallen within so many days, none of them before `startIndex`, at a mean
 * temperature within the band; Infinity for never. `null` for an ensemble without rain.
 */
export function flushedBy(ensemble: Ensemble, flush: RainFlush): readonly number[] | null {
  const { rainMm } = ensemble.station;
  return rainMm && rainMm.map((rain, m) => firstFlush(rain, meansOf(ensemble, m), flush));
}

/** Daily means of a member at the place, half of minimum and maximum, °C. */
export function meansOf({ station, shift }: Ensemble, member: number): Float64Array {
  const [min, max] = [station.minC[member]!, station.maxC[member]!];
  return min.map((low, i) => (low + shift.minC[i]! + (max[i]! + shift.maxC[i]!)) / 2);
}

function firstFlush(
  rain: Float64Array,
  meansC: Float64Array,
  { rainMm, overDays, fromC, toC, startIndex }: RainFlush,
): number {
  const start = Math.max(0, startIndex);
  let fallen = 0;
  let warmth = 0;
  for (let i = start; i < rain.length; i++) {
    fallen += rain[i]!;
    warmth += meansC[i]!;
    if (i - start >= overDays) {
      fallen -= rain[i - overDays]!;
      warmth -= meansC[i - overDays]!;
    }
    if (i - start + 1 < overDays) continue;
    const meanC = warmth / overDays;
    if (fallen >= rainMm - 1e-9 && meanC >= fromC && meanC <= toC) return i;
  }
  return Infinity;
}

function cumulate(
  { station, shift }: Ensemble,
  startIndex: number,
  ofDay: (minC: number, maxC: number) => number,
): Float64Array[] {
  let shared: Float64Array | null = null;
  const { sharedDays } = station;
  return station.minC.map((min, m) => {
    const max = station.maxC[m]!;
    const sum = new Float64Array(min.length);
    let total = 0;
    let i = 0;
    if (shared) {
      sum.set(shared.subarray(0, sharedDays));
      total = sharedDays > 0 ? sum[sharedDays - 1]! : 0;
      i = sharedDays;
    }
    for (; i < min.length; i++) {
      if (i >= startIndex) {
        // As `extremesOn` says, without a pair for every day.
        const low = min[i]! + shift.minC[i]!;
        const high = max[i]! + shift.maxC[i]!;
        total += low > high ? ofDay((low + high) / 2, (low + high) / 2) : ofDay(low, high);
      }
      sum[i] = total;
    }
    shared ??= sum;
    return sum;
  });
}
