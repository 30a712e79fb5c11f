import type { DayNumber } from '../measure/index.ts';
import type { Beforehand } from './stand-learning.ts';

/**
 * What the rest of a group says of a stand beforehand, as figures in standard deviations of its profile: means and variances of
 * its kind at each stage, those of the seasons that begin on the days given, and the scales.
 * Two of them that lie close together give dates that lie close together.
 */
export function signatureOf(
  { kind, scales, season }: Beforehand,
  usualDays: readonly number[],
  firstDays: readonly DayNumber[],
): Float64Array {
  const n = usualDays.length;
  const diagonal = (covariance: Float64Array): readonly number[] => usualDays.map((_, s) => covariance[s * n + s]!);
  const seasons = firstDays.flatMap((first) => {
    const { mean, covariance } = season(first)(usualDays.map((d) => first + d));
    return [...mean, ...diagonal(covariance)];
  });
  return Float64Array.from([...kind.mean, ...diagonal(kind.covariance), ...seasons, scales.standSeason, scales.stage]);
}

/** A twentieth of a standard deviation of a profile's figure: mostly less than half a day. */
const TOLD_APART = 0.05;

/** Whether two signatures differ by enough to move a date. */
export const toldApart = (a: Float64Array, b: Float64Array): boolean =>
  a.length !== b.length || a.some((v, i) => Math.abs(v - b[i]!) > TOLD_APART);
