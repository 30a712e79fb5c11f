import { timesOf, type Outing } from './outing.ts';

/** So many minutes later a round may be back for coming to the careful stops early. An estimate. */
export const FOR_CARE = 15;

/**
 * The same stops, with those at which something dangerous has to be told by a sign as early as may be: nobody looks as closely at the end of a day. Each is
 * moved forward while all of it still holds and the round is back no more than `FOR_CARE` minutes later than it was.
 * @param order one that holds; one that does not is given back as it is.
 * Cost: n² orders looked at for each careful stop.
 */
export function careFirst(outing: Outing, order: readonly number[]): readonly number[] {
  const before = timesOf(outing, order);
  if (!before.holds) return order;
  const latest = before.backAt + FOR_CARE;
  let now = order;
  for (const stop of order) {
    if (!outing.stops[stop]!.careful) continue;
    const others = now.filter((s) => s !== stop);
    const at = now.indexOf(stop);
    for (let to = 0; to < at; to++) {
      const tried = [...others.slice(0, to), stop, ...others.slice(to)];
      const { holds, backAt } = timesOf(outing, tried);
      if (!holds || backAt > latest || lookedAt(outing, tried) >= lookedAt(outing, now)) continue;
      now = tried;
      break;
    }
  }
  return now;
}

/** When careful stops are looked at, summed: the less, the earlier. */
const lookedAt = (outing: Outing, order: readonly number[]): number =>
  timesOf(outing, order).visits.reduce((sum, v) => sum + (outing.stops[v.stop]!.careful ? v.begins : 0), 0);
