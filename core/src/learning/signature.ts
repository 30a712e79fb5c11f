import type { SeenStand } from '../clocks/index.ts';
import { seasonFirstDay, seasonOf, type DayNumber } from '../measure/index.ts';
import { usualOffsets, type StageSpec } from '../stages/index.ts';
import type { GroupLearning } from './group-learning.ts';
import type { Beforehand } from './stand-learning.ts';

/**
 * What the rest of a group says of a stand beforehand, as figures in standard deviations of its profile: under each clock of its
 * kind its stages, their weights, means and variances of the kind, and those of the seasons asked for; and the scales.
 * Two of them that lie close together give dates that lie close together.
 */
export function signatureOf(
  learning: GroupLearning,
  stand: SeenStand,
  seasons: readonly number[],
  until: DayNumber,
): Float64Array {
  const { seasonStart, site } = stand.place;
  const days = usualOffsets(stand.place, seasonOf(until, seasonStart, site.latitudeDeg));
  const told = learning.clocksOf(stand).flatMap(({ stages, weights, spread }, k) => [
    ...stages.flatMap(figuresOf),
    ...weights,
    ...spread.map(Math.sqrt),
    ...saidOf(
      learning.beforehand({ ...stand, usualDays: days }, k),
      days,
      seasons.map((s) => seasonFirstDay(s, seasonStart, site.latitudeDeg)),
    ),
  ]);
  return Float64Array.from(told);
}

/** What a clock is made of: another form tells itself apart by its figures. */
function figuresOf({ model, calendar }: StageSpec): readonly number[] {
  if (!('sum' in model)) return [calendar.value / 10];
  return [Math.log(model.sum.value) * 20, model.baseC.value];
}

/** Means and variances of a kind at each stage, those of the seasons that begin on the days given, and the scales. */
export function saidOf(
  { kind, scales, season }: Beforehand,
  usualDays: readonly number[],
  firstDays: readonly DayNumber[],
): readonly number[] {
  const n = usualDays.length;
  const diagonal = (covariance: Float64Array): readonly number[] => usualDays.map((_, s) => covariance[s * n + s]!);
  const seasons = firstDays.flatMap((first) => {
    const { mean, covariance } = season(first)(usualDays.map((d) => first + d));
    return [...mean, ...diagonal(covariance)];
  });
  return [...kind.mean, ...diagonal(kind.covariance), ...seasons, scales.standSeason, scales.stage];
}

/** A twentieth of a standard deviation of a profile's figure: mostly less than half a day. */
const TOLD_APART = 0.05;

/** Whether two signatures differ by enough to move a date. */
export const toldApart = (a: Float64Array, b: Float64Array): boolean =>
  a.length !== b.length || a.some((v, i) => Math.abs(v - b[i]!) > TOLD_APART);
