// What stands say to each other: weighted means of what is lasting at their kind's stages, and of how the seasons were.
import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import type { DayNumber } from '../measure/index.ts';
import type { Scales } from '../stages/index.ts';
import { cameBy } from './history.ts';
import { overStages, type Beforehand, type LearnedStand } from './stand-learning.ts';

export interface Message {
  /** Precision, and precision times value. */
  readonly weight: number;
  readonly sum: number;
}

/** Season effects are told by spans of about a month. */
const SPAN_DAYS = 30;
export const spanOf = (day: DayNumber): number => Math.floor(day / SPAN_DAYS);
export const middleOf = (span: number): DayNumber => (span + 0.5) * SPAN_DAYS;
export const NOTHING: Message = { weight: 0, sum: 0 };
export const LEAST_WEIGHT = 1e-6;

/** Inverse of a symmetric positive definite matrix, row by row. */
export function inverseOf(n: number, of: (i: number, k: number) => number): Float64Array {
  const matrix = Matrix.zeros(n, n);
  for (let i = 0; i < n; i++) for (let k = 0; k <= i; k++) matrix.set(i, k, matrix.set(k, i, of(i, k)).get(k, i));
  return n === 0
    ? new Float64Array(0)
    : Float64Array.from(new CholeskyDecomposition(matrix).solve(Matrix.eye(n)).to1DArray());
}

export const added = (a: Message, b: Message, sign: 1 | -1 = 1): Message => ({
  weight: Math.max(0, a.weight + sign * b.weight),
  sum: a.sum + sign * b.sum,
});

/**
 * What a stand's own sightings say of a part of what is early or late: its posterior, with what was known beforehand taken out,
 * and `spread` (how far the part at one stand lies from that of all) added to the variance.
 */
function message(
  { mean, variance, before }: { readonly mean: number; readonly variance: number; readonly before: number },
  beforeMean: number,
  spread: number,
): Message {
  const precision = 1 / variance - 1 / before;
  if (!(precision > LEAST_WEIGHT)) return NOTHING;
  const value = (mean / variance - beforeMean / before) / precision;
  const weight = 1 / (1 / precision + spread);
  return { weight, sum: weight * value };
}

export function toldBy(
  stand: LearnedStand,
  scales: Scales,
): { readonly sightings: number; readonly kind: readonly Message[]; readonly spans: ReadonlyMap<number, Message> } {
  const { history, beforehand } = stand;
  const kind = history.usualDays.map((_, s) =>
    stand.seen.some((o) => o.stage === s) ? message(stand.lasting(s), beforehand.kind.mean[s]!, scales.stand) : NOTHING,
  );
  const spans = new Map<number, Message>();
  // Of each season and span the stage that says most: the others of the same stand say the same once more.
  for (const { stage, season, usually } of stand.seen) {
    const one = message(stand.ofSeason(stage, season), stand.seasonMean(stage, season), scales.standSeason);
    const span = spanOf(usually);
    if (one.weight > (spans.get(span)?.weight ?? 0)) spans.set(span, one);
  }
  return { sightings: cameBy(history), kind, spans };
}

/** The kind's way after what others tell of its stages. */
export function conditioned(prior: Beforehand['kind'], messages: readonly Message[]): Beforehand['kind'] {
  const n = messages.length;
  const known = messages.flatMap((m, s) => (m.weight > LEAST_WEIGHT ? [s] : []));
  const c = (s: number, t: number): number => prior.covariance[s * n + t]!;
  const inverse = inverseOf(
    known.length,
    (i, k) => c(known[i]!, known[k]!) + (i === k ? 1 / messages[known[i]!]!.weight : 0),
  );
  const values = known.map((s) => messages[s]!.sum / messages[s]!.weight - prior.mean[s]!);
  const pull = known.map((_, i) => values.reduce((sum, v, k) => sum + inverse[i * known.length + k]! * v, 0));
  const covariance = overStages(n, (s, t) => {
    let left = c(s, t);
    known.forEach((i, a) => known.forEach((k, b) => (left -= c(s, i) * inverse[a * known.length + b]! * c(t, k))));
    return left;
  });
  return { mean: prior.mean.map((m, s) => m + known.reduce((sum, t, i) => sum + c(s, t) * pull[i]!, 0)), covariance };
}
