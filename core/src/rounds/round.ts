import { EXACT_STOPS, solveExactly } from './exact.ts';
import { assertPossible, loadOf, timesOf, type Outing, type Timed } from './outing.ts';
import { careFirst } from './care-first.ts';
import { searchRound } from './search.ts';

/** A round; `exact`: no other is worth more. */
export interface Round extends Timed {
  readonly order: readonly number[];
  readonly exact: boolean;
}

/**
 * The round that is worth most within its time: stops, in which order, and when. An orienteering problem with time windows; exact for few stops.
 * Of rounds of the same stops one that comes to the careful ones early is taken (`careFirst`).
 * @param seed of the search for more of them.
 * @returns `null` where the locked stops do not fit, nor the way from beginning to end.
 * @throws RangeError as `assertPossible`
 * Source: Vansteenwegen, P., Souffriau, W. & Van Oudheusden, D. (2011), The orienteering problem: a survey, European Journal of Operational Research 209.
 */
export function planRound(outing: Outing, seed = 1): Round | null {
  assertPossible(outing);
  const exact = outing.stops.length <= EXACT_STOPS;
  const found = exact ? solveExactly(outing) : searchRound(outing, seed);
  const order = found && careFirst(outing, found);
  return order && { ...timesOf(outing, order), order, exact };
}

/**
 * Why a stop is not on a round.
 * - `never`: it is not open long enough on the day, or lies too far to be there while it is and back in time, on a round of its own
 * - `late`: put where it costs least, the round would be so many minutes late
 * - `heavy`: it and what is on the round already weigh so much more than is carried
 * - `clash`: wherever it is put, it is shut then or makes another one so
 * - `worth`: it would fit, and is worth nothing
 */
export type WhyNot =
  | { readonly kind: 'never' | 'clash' | 'worth' }
  | { readonly kind: 'late'; readonly minutes: number }
  | { readonly kind: 'heavy'; readonly overG: number };

export function whyNot(outing: Outing, order: readonly number[], stop: number): WhyNot | null {
  if (order.includes(stop)) return null;
  const alone = timesOf({ ...outing, carriesG: Infinity }, [stop]);
  if (!alone.holds) return { kind: 'never' };
  const overG = loadOf(outing, [...order, stop]) - (outing.carriesG ?? Infinity);
  if (overG > 0) return { kind: 'heavy', overG };
  const tried = Array.from({ length: order.length + 1 }, (_, at) =>
    timesOf(outing, [...order.slice(0, at), stop, ...order.slice(at)]),
  );
  if (tried.some((t) => t.holds)) return { kind: 'worth' };
  const open = tried.filter((t) => t.visits.every((v) => !v.shut));
  if (open.length === 0) return { kind: 'clash' };
  return { kind: 'late', minutes: Math.min(...open.map((t) => t.backAt)) - outing.backBy };
}
