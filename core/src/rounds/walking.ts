// How long a way on foot takes.

/** A way between two places, as it is known. */
export interface Way {
  /** In a straight line, metres. */
  readonly distanceM: number;
  /** How much higher its end lies than its beginning; below 0: lower. Metres. */
  readonly climbM: number;
}
export interface Pace {
  /** Of the usual: 1; below it for whoever is slower. */
  readonly share: number;
  /** So many times as long as the straight line a way is: paths wind. */
  readonly detour: number;
}

/** An estimate: paths of woods and fields are about a third longer than the straight line. */
export const USUAL_PACE: Pace = { share: 1, detour: 1.3 };
/**
 * Minutes on foot, by Tobler's hiking function: 6 exp(−3.5 |slope + 0.05|) km/h, fastest a little downhill. The climb is taken to be even.
 * @throws RangeError for a distance below 0, or a pace of 0 or less.
 * Source: Tobler, W. (1993), Three presentations on geographical analysis and modeling, NCGIA technical report 93-1.
 * @example
 * // 1 km on the level: 11.9 minutes
 */
export function walkMinutes({ distanceM, climbM }: Way, { share, detour }: Pace = USUAL_PACE): number {
  if (!(distanceM >= 0) || !(share > 0) || !(detour >= 1))
    throw new RangeError('a way is 0 m or longer, and a pace above 0');
  const length = distanceM * detour;
  if (length === 0) return 0;
  const kmPerHour = 6 * Math.exp(-3.5 * Math.abs(climbM / length + 0.05)) * share;
  return (60 * length) / 1000 / Math.max(kmPerHour, SLOWEST);
}
/** Steeper than people walk the function falls to nothing: then it is climbed. Km/h. */
const SLOWEST = 0.3;
