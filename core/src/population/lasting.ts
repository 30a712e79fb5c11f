// The share that can be taken so that a stand lasts.
import { Z90 } from '../measure/index.ts';
import { DRAWN_RUNS, playFuture, type StandProspect } from './future.ts';
import type { StandPlan } from './plan.ts';
import { emptyPlayed } from './simulate.ts';

/** What is asked of a share that is to last. */
export interface Lasting {
  /** Plants that are to be left, as a share of today's. */
  readonly floorShare: number;
  readonly years: number;
  /** In so many futures of all, 0–1. */
  readonly confidence: number;
}
/** As people asked of it: four of five plants, thirty years on, in nine futures of ten. */
export const USUAL_LASTING: Lasting = { floorShare: 0.8, years: 30, confidence: 0.9 };

export interface LastingShare {
  /** The largest share that lasts; `null`: not even leaving it alone does. */
  readonly share: number | null;
  /** Where it may lie, for as many draws as were played of what is not known: 90 %. */
  readonly low: number;
  readonly high: number;
  /** In so many futures it holds if nothing is taken. */
  readonly holdsAlone: number;
  /** Futures that were played of each try. */
  readonly runs: number;
}

export const LASTING_RUNS = 2000;
const SHARE_STEPS = 9;

/** As `seekLasting`, at one go. @param plan what is done, its share being what is sought. */
export function lastingShare(
  prospect: StandProspect,
  plan: StandPlan,
  lasting: Lasting = USUAL_LASTING,
  runs = LASTING_RUNS,
): LastingShare {
  const search = seekLasting(lasting.confidence, runs);
  let step = search.next();
  while (!step.done)
    step = search.next(heldBySlice(prospect, { ...plan, share: step.value }, lasting, { first: 0, runs }));
  return step.value;
}

/**
 * The largest share that can be taken, so that at the end of the years the stand has not fallen below the floor in as many futures as asked, by
 * halving on common runs: more taken never leaves more, so there is one such share. Never called safe. Asks for each share that it tries, and wants to be told in
 * how many futures of each slice the stand holds (`heldBySlice`), by whoever plays them.
 * @param runs a multiple of `DRAWN_RUNS`.
 * Cost: runs × years × entries × about 20.
 */
export function* seekLasting(
  confidence: number,
  runs = LASTING_RUNS,
): Generator<number, LastingShare, readonly number[]> {
  const known = new Map<number, Held>();
  function* holds(share: number): Generator<number, Held, readonly number[]> {
    const held = known.get(share) ?? heldOf(yield share);
    known.set(share, held);
    return held;
  }
  function* largest(surely: number): Generator<number, number | null, readonly number[]> {
    if ((yield* holds(0)).mean < surely) return null;
    if ((yield* holds(1)).mean >= surely) return 1;
    let [low, high] = [0, 1];
    for (let i = 0; i < SHARE_STEPS; i++) {
      const middle = (low + high) / 2;
      if ((yield* holds(middle)).mean >= surely) low = middle;
      else high = middle;
    }
    return low;
  }
  const share = yield* largest(confidence);
  const { error } = yield* holds(share ?? 0);
  return {
    share,
    low: share === null ? 0 : ((yield* largest(Math.min(1, confidence + error))) ?? 0),
    high: (yield* largest(confidence - error)) ?? 0,
    holdsAlone: (yield* holds(0)).mean,
    runs,
  };
}

/** In so many futures a stand holds under a plan, and half the width of the 90 % range of that. */
interface Held {
  readonly mean: number;
  readonly error: number;
}

/** Runs of a slice share what is not known of the stand: how far slices differ says how sure the mean is, not how many runs there were. */
function heldOf(slices: readonly number[]): Held {
  const mean = slices.reduce((s, x) => s + x, 0) / slices.length;
  const variance = slices.reduce((s, x) => s + (x - mean) ** 2, 0) / Math.max(1, slices.length - 1);
  return { mean, error: Z90 * Math.sqrt(variance / slices.length) };
}

/** In how many of the futures of each slice a stand has not fallen below the floor at the end; 0–1. @param first, runs multiples of `DRAWN_RUNS` */
export function heldBySlice(
  prospect: StandProspect,
  plan: StandPlan,
  { years, floorShare }: Lasting,
  { first, runs }: { readonly first: number; readonly runs: number },
): readonly number[] {
  const into = emptyPlayed(DRAWN_RUNS, years);
  const { began, plants } = into;
  const end = plants.subarray((years - 1) * DRAWN_RUNS);
  const held: number[] = [];
  for (let at = first; at < first + runs; at += DRAWN_RUNS) {
    playFuture(prospect, plan, at, into, at);
    held.push(end.reduce((n, x, r) => n + (x >= floorShare * began[r]! ? 1 : 0), 0) / DRAWN_RUNS);
  }
  return held;
}
