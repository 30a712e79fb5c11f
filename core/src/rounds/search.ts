// Rounds of more stops than can be weighed in all orders: built up by insertion, mended by local search, shaken and built up again.
import { chanceOf } from '../random/index.ts';
import { EXACT_STOPS, solveExactly } from './exact.ts';
import { beginAt, beginOf, endOf, tooHeavy, type Outing } from './outing.ts';

/** Fewer where each costs more. */
const shakesFor = (stops: number): number => Math.max(400, Math.round(12_000 / stops));

/** As good a round as is found; the same for the same seed. @returns the order; `null` where the locked stops do not fit. */
export function searchRound(outing: Outing, seed: number): readonly number[] | null {
  const { uniform } = chanceOf(seed);
  const shakes = shakesFor(outing.stops.length);
  const locked = outing.stops.flatMap((s, i) => (s.locked ? [i] : []));
  const start = orderLocked(outing, locked);
  if (!start) return null;
  let now = mended(outing, start, () => 1);
  let best = now;
  for (let i = 0; i < shakes; i++) {
    const shaking = i % 2 === 0 ? dropped(outing, now, uniform) : forced(outing, now, uniform);
    const tried = mended(outing, shaking, () => 0.5 + uniform());
    if (prizeOf(outing, tried) >= NOT_FAR * prizeOf(outing, best)) now = tried;
    if (worse(outing, best, now)) best = now;
  }
  return best;
}

/** It is gone on from what is worth nearly as much as the best (record-to-record travel; Dueck 1993): else it is stuck where no single change helps. */
const NOT_FAR = 0.93;

const prizeOf = ({ stops }: Outing, order: readonly number[]): number =>
  order.reduce((sum, stop) => sum + stops[stop]!.prize, 0);

/** Sums in another order differ by less. */
const TINY = 1e-9;

/** Less prize, or as much and back later; both hold. */
function worse(outing: Outing, a: readonly number[], b: readonly number[]): boolean {
  const more = prizeOf(outing, b) - prizeOf(outing, a);
  return more > TINY || (more > -TINY && backOf(outing, a)! > backOf(outing, b)!);
}

/**
 * The locked stops in an order in which they fit: of as many as can be weighed in all orders any that there is; of more each put where it costs least time, the
 * hardest to place first, so that an order may be missed.
 */
function orderLocked(outing: Outing, locked: readonly number[]): readonly number[] | null {
  if (locked.length <= EXACT_STOPS) {
    const places = [...locked, beginOf(outing), endOf(outing)];
    const legs = places.map((from) => places.map((to) => outing.legs[from]![to]!));
    const order = solveExactly({ ...outing, stops: locked.map((i) => outing.stops[i]!), legs });
    return order && order.map((i) => locked[i]!);
  }
  const span = (i: number): number => outing.stops[i]!.open.reduce((sum, o) => sum + o.until - o.from, 0);
  let order: readonly number[] = [];
  for (const stop of [...locked].sort((x, y) => span(x) - span(y))) {
    const place = cheapest(outing, order, stop);
    if (!place) return null;
    order = place.order;
  }
  return order;
}

interface Placed {
  readonly order: readonly number[];
  readonly backAt: number;
}
/** Where one more stop costs least time; `null`: nowhere. */
function cheapest(outing: Outing, order: readonly number[], stop: number): Placed | null {
  let best: Placed | null = null;
  for (let at = 0; at <= order.length; at++) {
    const tried = [...order.slice(0, at), stop, ...order.slice(at)];
    const backAt = backOf(outing, tried);
    if (backAt !== null && (!best || backAt < best.backAt)) best = { order: tried, backAt };
  }
  return best;
}

/** When an order is back; `null` where it does not hold. As `timesOf`, which is asked once for each of a few hundred thousand of these. */
function backOf(outing: Outing, order: readonly number[]): number | null {
  const { stops, legs, leavesAt, backBy } = outing;
  let [at, now] = [beginOf(outing), leavesAt];
  for (const stop of order) {
    const begins = beginAt(stops[stop]!, now + legs[at]![stop]!);
    if (begins === null) return null;
    [at, now] = [stop, begins + stops[stop]!.minutes];
  }
  const back = now + legs[at]![endOf(outing)]!;
  return back <= backBy && !tooHeavy(outing, order) ? back : null;
}

/** Shorter by turning pieces round and moving stops, longer by putting in whatever fits, until neither helps. */
function mended(outing: Outing, from: readonly number[], weight: () => number): readonly number[] {
  let order = from;
  for (;;) {
    order = shortened(outing, order);
    const filled = fill(outing, order, weight);
    if (filled.length === order.length) return order;
    order = filled;
  }
}

/** Puts in what gives most for its time, as long as anything fits. */
function fill(outing: Outing, from: readonly number[], weight: () => number): readonly number[] {
  let order = from;
  const left = new Set(outing.stops.keys());
  for (const stop of order) left.delete(stop);
  for (;;) {
    const back = backOf(outing, order)!;
    let best: { readonly stop: number; readonly order: readonly number[]; readonly worth: number } | null = null;
    for (const stop of left) {
      const { prize } = outing.stops[stop]!;
      const placed = prize > 0 ? cheapest(outing, order, stop) : null;
      // What does not fit now fits less with more on the round.
      if (!placed) left.delete(stop);
      else {
        const worth = (prize * weight()) / (1 + placed.backAt - back);
        if (!best || worth > best.worth) best = { stop, order: placed.order, worth };
      }
    }
    if (!best) return order;
    order = best.order;
    left.delete(best.stop);
  }
}

/** The first change that is back sooner is made, until none is: a piece turned round (2-opt), a stop moved. */
function shortened(outing: Outing, from: readonly number[]): readonly number[] {
  let order = from;
  let back = backOf(outing, order)!;
  for (let better = true; better;) {
    better = false;
    for (const tried of neighbours(order)) {
      const backAt = backOf(outing, tried);
      if (backAt === null || backAt >= back - 1e-9) continue;
      [order, back, better] = [tried, backAt, true];
      break;
    }
  }
  return order;
}
function* neighbours(order: readonly number[]): Generator<readonly number[]> {
  const n = order.length;
  for (let i = 0; i < n; i++)
    for (let j = i + 1; j < n; j++)
      yield [...order.slice(0, i), ...order.slice(i, j + 1).reverse(), ...order.slice(j + 1)];
  for (let i = 0; i < n; i++) {
    const others = [...order.slice(0, i), ...order.slice(i + 1)];
    for (let j = 0; j < n; j++) if (j !== i) yield [...others.slice(0, j), order[i]!, ...others.slice(j)];
  }
}

/** A piece of it is dropped, but for what is locked. */
function dropped(outing: Outing, order: readonly number[], uniform: () => number): readonly number[] {
  const length = 1 + Math.floor(uniform() * Math.max(1, order.length / 2));
  const first = Math.floor(uniform() * order.length);
  return order.filter((stop, i) => outing.stops[stop]!.locked || i < first || i >= first + length);
}

/** A stop that is not on it is put in the place of some that are, of as few as can be; as it was where that cannot be. */
function forced(outing: Outing, order: readonly number[], uniform: () => number): readonly number[] {
  const others = [...outing.stops.keys()].filter((i) => !order.includes(i) && outing.stops[i]!.prize > 0);
  const stop = others[Math.floor(uniform() * others.length)];
  if (stop === undefined) return order;
  for (let length = 1; length <= order.length; length++) {
    const places = Array.from({ length: order.length - length + 1 }, (_, at) => at)
      .filter((at) => order.slice(at, at + length).every((i) => !outing.stops[i]!.locked))
      .map((at) => [...order.slice(0, at), stop, ...order.slice(at + length)])
      .filter((tried) => backOf(outing, tried) !== null);
    if (places.length > 0) return places[Math.floor(uniform() * places.length)]!;
  }
  return order;
}
