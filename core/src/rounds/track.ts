// What a recorded way says of where the time went.
import { wayBetween, type OnTheGround } from '../measure/index.ts';
import { walkMinutes } from './walking.ts';

export interface TrackPoint extends OnTheGround {
  /** Ms since 1970; in order. */
  readonly at: number;
  readonly accuracyM: number;
}

export interface TrackEffort {
  /** On the way, as it was walked. */
  readonly metres: number;
  readonly walkingMinutes: number;
  /** Slower than one walks, and at none of the places: looking around, resting. */
  readonly lookingMinutes: number;
  /** At each of the places, in their order. */
  readonly atPlaces: readonly number[];
  /** Where nobody can tell, since the device did not know where it was. */
  readonly unknownMinutes: number;
}

/** Less sure than this, a position tells nothing of how somebody moves. An estimate. */
const SURE_M = 50;
/** Slower than this one is not on the way: 1.5 km/h. An estimate. */
const WALKING_M_PER_MINUTE = 25;
/** Nobody has moved who is nearer than this to where they were, or than both positions are sure to: positions waver. */
const WAVER_M = 10;
/** Longer without a position it is not known what was done. */
const LONGEST_GAP_MS = 10 * 60_000;
const MS_PER_MINUTE = 60_000;

/**
 * Where the time of a way went: at places, walking between them, looking around, and what nobody knows. The four add up to the whole.
 * Positions that are less sure than `SURE_M` are left out. Of the others one counts as moved to once it lies farther from the last that did than either is sure
 * to; the distance is that between such positions, so that whoever stands still walks nowhere.
 * @param placeRadiusM within which one is at a place.
 * @returns minutes and metres of 0 or more; all 0 for fewer than two positions.
 * Cost: points × places.
 */
export function trackEffort(
  track: readonly TrackPoint[],
  places: readonly OnTheGround[],
  placeRadiusM: number,
): TrackEffort {
  const atPlaces = places.map(() => 0);
  let [metres, walking, looking, unknown] = [0, 0, 0, 0];
  for (const { from, to, gap } of stepsOf(track.filter((p) => p.accuracyM <= SURE_M))) {
    const minutes = (to.at - from.at) / MS_PER_MINUTE;
    const way = wayBetween(from, to);
    const place = placeAt(places, from, placeRadiusM);
    if (place >= 0 && place === placeAt(places, to, placeRadiusM)) atPlaces[place]! += minutes;
    else if (gap) unknown += minutes;
    else if (way >= WALKING_M_PER_MINUTE * minutes) {
      walking += minutes;
      metres += way;
    } else looking += minutes;
  }
  return { metres, walkingMinutes: walking, lookingMinutes: looking, atPlaces, unknownMinutes: unknown };
}

interface Step {
  readonly from: TrackPoint;
  readonly to: TrackPoint;
  /** Too long without a position between them. */
  readonly gap: boolean;
}
/** From each position that was moved to, to the next; the last to where the way ends. */
function stepsOf(points: readonly TrackPoint[]): readonly Step[] {
  const steps: Step[] = [];
  let from = points[0];
  for (const [i, to] of points.entries()) {
    if (!from || to === from) continue;
    const gap = to.at - points[i - 1]!.at > LONGEST_GAP_MS;
    const moved = wayBetween(from, to) > Math.max(WAVER_M, from.accuracyM, to.accuracyM);
    if (!moved && !gap && i < points.length - 1) continue;
    steps.push({ from, to, gap });
    from = to;
  }
  return steps;
}

/** The nearest of the places that is near enough; -1: none. */
function placeAt(places: readonly OnTheGround[], here: OnTheGround, radiusM: number): number {
  let [nearest, least] = [-1, radiusM];
  for (const [i, place] of places.entries()) {
    const away = wayBetween(here, place);
    if (away <= least) [nearest, least] = [i, away];
  }
  return nearest;
}

/** How fast somebody walks against what Tobler says of level ground, for `Pace.share`; `null`: too little was walked to tell. */
export function paceWalked({ metres, walkingMinutes }: Pick<TrackEffort, 'metres' | 'walkingMinutes'>): number | null {
  if (walkingMinutes < ENOUGH_MINUTES) return null;
  return Math.min(FASTEST, Math.max(SLOWEST, metres / walkingMinutes / LEVEL_M_PER_MINUTE));
}
/** Of less nobody's pace is read. */
const ENOUGH_MINUTES = 15;
/** Beyond these it was not a walk. */
const [SLOWEST, FASTEST] = [0.3, 1.6];
const LEVEL_M_PER_MINUTE = 1000 / walkMinutes({ distanceM: 1000, climbM: 0 }, { share: 1, detour: 1 });
