// What one unit weighs (a tip, an umbel, a root), learned at the sorting table: what was counted out in the wood is weighed there.
import { logSd, Z80, type Figure } from '../measure/index.ts';
import type { Batch } from './batch.ts';

/** So many units of a part, of which some were thrown out, weighed so much. */
export interface UnitWeighing {
  /** What was good, g, above 0. */
  readonly massG: number;
  /** Units that it was, above 0. */
  readonly amount: number;
  /** Wet, it weighs more than it is. */
  readonly washed: boolean;
}
export interface LearnedMass {
  /** Fresh mass of one unit, g: the median, and the 80 % range in which the mean of baskets to come lies. */
  readonly value: number;
  readonly low: number;
  readonly high: number;
  /** Weighings that it goes by. */
  readonly n: number;
}

/** From one basket to the next, as standard deviations of the logarithm: size, dew, how one counts. Estimates. */
const [BASKET_LOG_SD, WASHED_LOG_SD] = [0.25, 0.35];
/** Of what nobody knows: a tenth of it or ten times as much would surprise nobody. */
const VAGUE = { mean: 0, sd: 3 };
/** Further off than this from what is known nine hundred and ninety-nine of a thousand do not lie. */
const ODD_SDS = 3.3;

/**
 * What one unit weighs by what was known before and by what was weighed, on the logarithm: the normal mean with known spread and a
 * normal prior (Gelman et al., Bayesian Data Analysis, 3rd ed., 2.5). A single weighing moves it by its share of what is known.
 * @param prior the profile's figure, g; `null`: nobody knows.
 * @returns `null` where nothing is known and nothing was weighed
 * @throws RangeError for a mass or an amount that is not above 0
 * @example learnUnitMass({ value: 1, low: 0.7, high: 1.43, source: 'estimate' }, [{ massG: 150, amount: 100, washed: false }])!.value // 1.25
 */
export function learnUnitMass(prior: Figure | null, weighings: readonly UnitWeighing[]): LearnedMass | null {
  if (prior === null && weighings.length === 0) return null;
  const { mean, sd } = posterior(prior, weighings);
  return {
    value: Math.exp(mean),
    low: Math.exp(mean - Z80 * sd),
    high: Math.exp(mean + Z80 * sd),
    n: weighings.length,
  };
}

/** Whether a weight is one that hardly anybody would find there: a slip of the finger, or not what it is taken for. */
export function isOddMass(learned: LearnedMass, { massG, amount, washed }: UnitWeighing): boolean {
  const known = (Math.log(learned.high) - Math.log(learned.low)) / (2 * Z80);
  const sd = Math.hypot(known, washed ? WASHED_LOG_SD : BASKET_LOG_SD);
  return Math.abs(Math.log(massG / amount) - Math.log(learned.value)) > ODD_SDS * sd;
}

function posterior(
  prior: Figure | null,
  weighings: readonly UnitWeighing[],
): { readonly mean: number; readonly sd: number } {
  const before = prior === null ? VAGUE : { mean: Math.log(prior.value), sd: logSd(prior) };
  // Who knows it exactly learns nothing more.
  if (before.sd === 0) return before;
  let [precision, sum] = [1 / before.sd ** 2, before.mean / before.sd ** 2];
  for (const { massG, amount, washed } of weighings) {
    if (!(massG > 0 && amount > 0)) throw new RangeError('what was weighed is above 0, and more than none of it');
    const weight = 1 / (washed ? WASHED_LOG_SD : BASKET_LOG_SD) ** 2;
    precision += weight;
    sum += weight * Math.log(massG / amount);
  }
  return { mean: sum / precision, sd: Math.sqrt(1 / precision) };
}

/** What is known of a take in units; `null`: it was weighed from the start, or nobody counted it. */
export type CountedTakes = ReadonlyMap<string, number | null>;
/**
 * Weighings that can be told from batches: of takes that were counted and went to the table whole, alone or with others. Jars of the
 * same takes are one weighing. What was made of other batches, or of takes that came to the table twice, tells nothing.
 */
export function unitWeighings(
  batches: readonly Pick<Batch, 'body'>[],
  takes: CountedTakes,
): readonly (UnitWeighing & { readonly takes: readonly string[] })[] {
  const lots = new Map<string, Batch['body'][]>();
  for (const { body } of batches) {
    const key = [...body.parents].sort().join(' ');
    lots.set(key, [...(lots.get(key) ?? []), body]);
  }
  const used = new Map<string, number>();
  for (const key of lots.keys()) for (const id of key.split(' ')) used.set(id, (used.get(id) ?? 0) + 1);
  return [...lots].flatMap(([key, bodies]) => {
    const parents = key.split(' ');
    const amounts = parents.map((id) => takes.get(id) ?? null);
    const whole = parents.every((id) => used.get(id) === 1) && new Set(bodies.map((b) => b.part)).size === 1;
    if (!whole || amounts.includes(null) || bodies.some((b) => b.massG === null)) return [];
    const kept = 1 - Math.min(1, sum(bodies.map((b) => sum(b.out.map((o) => o.share)))));
    const amount = kept * sum(amounts as readonly number[]);
    const massG = sum(bodies.map((b) => b.massG!));
    if (!(amount > 0 && massG > 0)) return [];
    return [{ massG, amount, washed: bodies.some((b) => b.washed), takes: parents }];
  });
}
const sum = (of: readonly number[]): number => of.reduce((a, b) => a + b, 0);
