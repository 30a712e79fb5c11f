// What taking costs in time, as a group has noted it, and in strength.
import type { Figure } from '../measure/index.ts';

/** Of one take: how long it took, and what it came to. */
export interface TimedTake {
  readonly minutes: number;
}

/** One take differs from the next of the same thing about as much as one thing differs from another (sd of logs, both about 0.6): an estimate. The usual then counts as one take. */
const USUAL_COUNTS = 1;

/**
 * How long taking something takes, minutes: of the takes that were timed the geometric mean, drawn to what is usual as one take more.
 * Normal logs with a normal prior of the same spread; the prior's weight is one sighting (Gelman et al. 2013, Bayesian Data Analysis, 3rd edition, section 2.5).
 * @param usual minutes, above 0, for nobody's takes: then it is the answer.
 * @returns minutes, above 0. Takes of 0 minutes tell nothing and are left out.
 * @throws RangeError for a usual of 0 or less.
 * @example
 * // Two takes of 24 minutes, where 12 is usual: (12 · 24 · 24)^⅓ = 19.05
 */
export function learnedMinutes(takes: readonly TimedTake[], usual: number): number {
  if (!(usual > 0)) throw new RangeError('what is usual takes more than 0 minutes');
  const timed = takes.filter((t) => t.minutes > 0);
  const sum = timed.reduce((s, t) => s + Math.log(t.minutes), USUAL_COUNTS * Math.log(usual));
  return Math.exp(sum / (timed.length + USUAL_COUNTS));
}

/**
 * Kilojoules that somebody spends: metabolic equivalents × mass × hours, at 1 kcal for each kg and hour.
 * Source: Ainsworth, B. E. et al. (2000), Compendium of physical activities: an update of activity codes and MET intensities, Medicine & Science in Sports &
 * Exercise 32 (9 Suppl.).
 * @param met 1: sitting still. Walking and digging: `WALKING`, `DIGGING`.
 * @throws RangeError for a MET below 1, a mass of 0 or less, or minutes below 0.
 * @example
 * // An hour of digging at 70 kg: 5 · 70 · 4.184 = 1,464 kJ
 */
export function spentKj(met: number, massKg: number, minutes: number): number {
  if (!(met >= 1) || !(massKg > 0) || !(minutes >= 0))
    throw new RangeError('effort is of at least 1 MET, of somebody who weighs something, for 0 minutes or more');
  return (met * massKg * KJ_PER_KCAL * minutes) / 60;
}
const KJ_PER_KCAL = 4.184;
/** On the level at a moderate pace; digging and spading. The Compendium's figures of 2000. */
export const [WALKING, DIGGING] = [3.3, 5] as const;

/** What there is to eat in a gram of a fresh starchy root as it is dug, peel and all, kJ: between a juicy root and a floury one. */
const ROOT_KJ_PER_G: Figure = { value: 2.2, low: 1, high: 3.5, source: 'estimate' };
/** Digging takes so many times as long in ground of a kind. Estimates. */
const GROUNDS = { loose: 0.6, firm: 1, hard: 1.8 } as const;
export type Ground = keyof typeof GROUNDS;

/** kJ in and out of digging roots. */
export interface RootBalance {
  readonly minutes: number;
  readonly spentKj: number;
  readonly gives: { readonly low: number; readonly high: number };
  /** `gain`: even a juicy root gives more than digging costs; `loss`: even a floury one gives less; else nobody can say. */
  readonly verdict: 'gain' | 'open' | 'loss';
}

/**
 * Whether roots give more than digging them costs, the way not counted: what is spent beyond sitting still against what is in them.
 * @param massG fresh, as dug, 0 or more; `minutes` in firm ground, 0 or more.
 * @param massKg of whoever digs.
 * @throws RangeError as `spentKj`, or for a mass of roots below 0.
 */
export function rootBalance(
  { massG, minutes }: { readonly massG: number; readonly minutes: number },
  ground: Ground,
  massKg = 70,
): RootBalance {
  if (!(massG >= 0)) throw new RangeError('roots weigh 0 g or more');
  const dug = minutes * GROUNDS[ground];
  const spent = spentKj(DIGGING, massKg, dug) - spentKj(1, massKg, dug);
  const gives = { low: massG * ROOT_KJ_PER_G.low, high: massG * ROOT_KJ_PER_G.high };
  const verdict = gives.low > spent ? 'gain' : gives.high < spent ? 'loss' : 'open';
  return { minutes: dug, spentKj: spent, gives, verdict };
}
