import { beginAt, beginOf, endOf, type Outing } from './outing.ts';

/** Up to so many stops all orders are weighed. */
export const EXACT_STOPS = 12;

/**
 * The round of the largest prize, and of those the one that is back first, by dynamic programming over sets of stops: whoever has visited a set and stands
 * at one of them is best off there as early as can be (Held and Karp 1962, with time windows).
 * @returns the order; `null` where not even the locked ones fit.
 * Cost: 2ⁿ n², for n stops; up to `EXACT_STOPS`.
 */
export function solveExactly(outing: Outing): readonly number[] | null {
  const { stops } = outing;
  const n = stops.length;
  const table = earliestEnds(outing);
  const locked = stops.reduce((set, s, i) => (s.locked ? set | (1 << i) : set), 0);
  let best: { readonly set: number; readonly last: number; readonly prize: number; readonly back: number } | null =
    null;
  for (let set = 0; set < 1 << n; set++) {
    if ((set & locked) !== locked || tooHeavySet(outing, set)) continue;
    const prize = stops.reduce((sum, s, i) => sum + (set & (1 << i) ? s.prize : 0), 0);
    if (best && prize < best.prize) continue;
    const { last, back } = firstBack(outing, table.ends, set);
    if (back <= outing.backBy && (!best || prize > best.prize || back < best.back)) best = { set, last, prize, back };
  }
  if (!best) return null;
  const order: number[] = [];
  for (let { set, last } = best; last >= 0;) {
    order.unshift(last);
    const before = table.before[set * n + last]!;
    set &= ~(1 << last);
    last = before;
  }
  return order;
}

const tooHeavySet = ({ stops, carriesG = Infinity }: Outing, set: number): boolean =>
  stops.reduce((sum, s, i) => sum + (set & (1 << i) ? (s.loadG ?? 0) : 0), 0) > carriesG;

interface Table {
  /** Earliest end of the visit to a stop once a set was visited, itself among it; [set × stops + stop]. `Infinity`: it cannot be. */
  readonly ends: Float64Array;
  /** The stop before it; −1: none. */
  readonly before: Int8Array;
}

function earliestEnds(outing: Outing): Table {
  const { stops, legs, leavesAt } = outing;
  const n = stops.length;
  const ends = new Float64Array((1 << n) * n).fill(Infinity);
  const before = new Int8Array((1 << n) * n).fill(-1);
  const reach = (set: number, stop: number, from: number, left: number): void => {
    const begins = beginAt(stops[stop]!, left + legs[from]![stop]!);
    if (begins === null) return;
    const at = (set | (1 << stop)) * n + stop;
    if (begins + stops[stop]!.minutes >= ends[at]!) return;
    ends[at] = begins + stops[stop]!.minutes;
    before[at] = from === n ? -1 : from;
  };
  for (let stop = 0; stop < n; stop++) reach(0, stop, n, leavesAt);
  for (let set = 1; set < 1 << n; set++)
    for (let last = 0; last < n; last++) {
      const end = ends[set * n + last]!;
      if (end === Infinity) continue;
      for (let stop = 0; stop < n; stop++) if (!(set & (1 << stop))) reach(set, stop, last, end);
    }
  return { ends, before };
}

/** Of the orders of a set the one that is back first: its last stop. */
function firstBack(outing: Outing, ends: Float64Array, set: number): { readonly last: number; readonly back: number } {
  const { stops, legs, leavesAt } = outing;
  const n = stops.length;
  const home = endOf(outing);
  if (set === 0) return { last: -1, back: leavesAt + legs[beginOf(outing)]![home]! };
  let [last, back] = [-1, Infinity];
  for (let stop = 0; stop < n; stop++) {
    const end = ends[set * n + stop]! + legs[stop]![home]!;
    if (end < back) [last, back] = [stop, end];
  }
  return { last, back };
}
