// The chance of single plants: who of a few lives on, and how many young they have. In a large stand it evens out, in a small one it decides.
import jStat from 'jstat';
import { ALL_BITS, asShare, fillBits } from '../random/index.ts';

/** Below so many expected the numbers are drawn one by one; above, by the normal distribution that they come near to. */
const FEW = 12;

/** Quantiles of the standard normal distribution at the middles of equal parts: a draw by one look, its tails cut at 1 in 8192. */
const Z_PARTS = 4096;
const Z = Float64Array.from({ length: Z_PARTS }, (_, i) => jStat.normal.inv((i + 0.5) / Z_PARTS, 0, 1));
const zAt = (u: number): number => Z[Math.min(Z_PARTS - 1, Math.floor(u * Z_PARTS))]!;

/**
 * How many of `n` it is, each with a chance of `p`: the number whose distribution function first passes `u`. One share a draw, and more for a larger share, so
 * that two plans that are played on the same shares differ by what they do and not by luck.
 * @param u from 0 up to 1, not included. @param n whole, from 0 up. @param p 0–1.
 * Source: inversion as in Kachitvichyanukul, V. & Schmeiser, B. W. (1988), Binomial random variate generation; many by the normal distribution.
 */
export function binomialAt(u: number, n: number, p: number): number {
  if (p <= 0) return 0;
  if (p >= 1) return n;
  const rare = p > 0.5 ? 1 - p : p;
  const k = rareAt(p > 0.5 ? 1 - u : u, n, rare, Math.log1p(-rare));
  return p > 0.5 ? n - k : k;
}

/** @param p above 0, at most 0.5 @param logNot logarithm of 1 − p */
function rareAt(u: number, n: number, p: number, logNot: number): number {
  if (n * p > FEW) return Math.max(0, Math.min(n, Math.round(n * p + Math.sqrt(n * p * (1 - p)) * zAt(u))));
  const odds = p / (1 - p);
  let k = 0;
  let mass = Math.exp(n * logNot);
  let left = u - mass;
  while (left >= 0 && k < n) {
    k++;
    mass *= (odds * (n - k + 1)) / k;
    left -= mass;
  }
  return k;
}

/** How many it is where `mean` are expected and each comes by itself (Poisson): as `binomialAt`. @param mean from 0 up */
export function poissonAt(u: number, mean: number): number {
  if (mean <= 0) return 0;
  if (mean > FEW) return Math.max(0, Math.round(mean + Math.sqrt(mean) * zAt(u)));
  let k = 0;
  let mass = Math.exp(-mean);
  let left = u - mass;
  // What rounding leaves of the last shares is nothing that happens.
  while (left >= 0 && mass > 1e-18) {
    k++;
    mass *= mean / k;
    left -= mass;
  }
  return k;
}

/** A chance by class of year, of those that are not in one of the stages before, made ready to be drawn by. */
interface Given {
  readonly share: Float64Array;
  /** The rarer of living on so and not. */
  readonly rare: Float64Array;
  readonly logNot: Float64Array;
}

/** What becomes of the plants of a stage in a year: where they live on, and what young they have, by class of year. */
export interface StageFate {
  readonly from: number;
  readonly lives: readonly { readonly to: number; readonly given: Given }[];
  readonly young: readonly { readonly to: number; readonly number: Float64Array }[];
}

export interface Fated {
  readonly to: number;
  readonly from: number;
  /** Of the plants of `from` so many are in `to` a year on, 0–1, and so many young of theirs. */
  readonly lives: Float64Array;
  readonly young: Float64Array;
}

/** The fates of all stages. Shares of one stage are taken one after the other, each of those that are left: so they never sum to more than there are. */
export function fatesOf(entries: readonly Fated[]): readonly StageFate[] {
  return [...new Set(entries.map((e) => e.from))].map((from) => {
    const own = entries.filter((e) => e.from === from);
    const gone = new Float64Array(own[0]!.lives.length);
    const lives = own.flatMap(({ to, lives: share }) => {
      if (share.every((p) => p === 0)) return [];
      const given = share.map((p, c) => Math.min(1, gone[c]! < 1 ? p / (1 - gone[c]!) : 0));
      share.forEach((p, c) => (gone[c]! += p));
      const rare = given.map((p) => Math.min(p, 1 - p));
      return [{ to, given: { share: given, rare, logNot: rare.map((p) => Math.log1p(-p)) } }];
    });
    const young = own.flatMap(({ to, young: number }) => (number.every((n) => n === 0) ? [] : [{ to, number }]));
    return { from, lives, young };
  });
}

/** What the chance of single plants needs of its own, beside that of the years: so these are as good or bad as without it. */
export interface SinglePlants {
  readonly state: Uint32Array;
  readonly bits: Int32Array;
  /** Plants of a stage, by run, and those whose fate is still open. */
  readonly whole: Float64Array;
  readonly left: Float64Array;
}
export const singlePlants = (runs: number): SinglePlants => ({
  state: new Uint32Array(4),
  bits: new Int32Array(runs),
  whole: new Float64Array(runs),
  left: new Float64Array(runs),
});

/** What of the slice a year of single plants is played on; see `Slice`. */
interface Rows {
  readonly rows: Float64Array;
  readonly now: number;
  readonly count: number;
  readonly kinds: Int32Array;
  readonly singly: SinglePlants;
}

/** One year of all runs, plant by plant, into the rows from `target` on, which are 0. Draws as often whatever there is. */
export function stepSingly(
  fates: readonly StageFate[],
  { rows, now, count, kinds, singly }: Rows,
  target: number,
): void {
  const { state, bits, whole, left } = singly;
  for (const { from, lives, young } of fates) {
    fillBits(bits, count, ALL_BITS, state);
    wholePlants(whole, rows, now + from * count, bits);
    left.set(whole);
    for (const { to, given } of lives) {
      fillBits(bits, count, ALL_BITS, state);
      liveOn(rows, target + to * count, left, given, kinds, bits);
    }
    for (const { to, number } of young) {
      fillBits(bits, count, ALL_BITS, state);
      bear(rows, target + to * count, whole, number, kinds, bits);
    }
  }
}

// Loops over the runs in functions of their own, as in `rows.ts`.

/** Half a plant is one or none, as likely as it says. */
function wholePlants(whole: Float64Array, rows: Float64Array, row: number, bits: Int32Array): void {
  for (let r = 0; r < whole.length; r++) whole[r] = Math.floor(rows[row + r]! + asShare(bits[r]!));
}
function liveOn(
  rows: Float64Array,
  to: number,
  left: Float64Array,
  { share, rare, logNot }: Given,
  kinds: Int32Array,
  bits: Int32Array,
): void {
  for (let r = 0; r < left.length; r++) {
    const n = left[r]!;
    if (n === 0) continue;
    const c = kinds[r]!;
    const u = asShare(bits[r]!);
    const often = share[c]! > 0.5;
    const k = rare[c]! > 0 ? rareAt(often ? 1 - u : u, n, rare[c]!, logNot[c]!) : 0;
    const lives = often ? n - k : k;
    rows[to + r] = rows[to + r]! + lives;
    left[r] = n - lives;
  }
}
function bear(
  rows: Float64Array,
  to: number,
  whole: Float64Array,
  number: Float64Array,
  kinds: Int32Array,
  bits: Int32Array,
): void {
  for (let r = 0; r < whole.length; r++)
    if (whole[r]! > 0) rows[to + r] = rows[to + r]! + poissonAt(asShare(bits[r]!), whole[r]! * number[kinds[r]!]!);
}
