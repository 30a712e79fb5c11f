// Where places of a file lie, and whether their boundaries can be kept.
import { MOST_HOLES } from '@emberfield/contract';
import { nearestTo, wayBetween, type OnTheGround } from '@emberfield/core/measure';
import { MOST_RING_POINTS, type Position } from '../../formats/feature.ts';
import { crossesItself, liesWithin, overlaps, repairedRing, tidyRing } from '../../formats/geometry-check.ts';

type Rings = readonly (readonly Position[])[];
/** A boundary as it can be kept, or the `problem` that leaves it out; `notes` say what was changed about it. */
type Boundary = { readonly crosses: boolean; readonly notes: readonly string[] } & (
  { readonly rings: Rings; readonly problem: null } | { readonly rings: null; readonly problem: string }
);

/** The boundary and the holes in it, closed and without repeats; one that crosses itself is mended where that is asked. */
export function ringsOf(read: Rings, repair: boolean): Boundary {
  const [outer = [], ...inner] = read;
  const none = (problem: string, crosses = false): Boundary => ({ rings: null, problem, crosses, notes: [] });
  const tidy = tidyRing(outer);
  if (!tidy) return none('ringTooShort');
  if (tidy.length > MOST_RING_POINTS) return none('tooManyCorners');
  const crosses = crossesItself(tidy);
  const ring = crosses ? (repair ? repairedRing(tidy) : null) : tidy;
  if (!ring) return none('crossesItself', crosses);
  const holes: (readonly Position[])[] = [];
  for (const hole of inner) {
    const kept = tidyRing(hole);
    const fits =
      kept !== null &&
      kept.length <= MOST_RING_POINTS &&
      holes.length < MOST_HOLES &&
      !crossesItself(kept) &&
      liesWithin(kept, ring) &&
      holes.every((other) => !overlaps(kept, other));
    if (fits) holes.push(kept);
  }
  const [first, last] = [outer[0], outer.at(-1)];
  const isOpen = first && last && (first[0] !== last[0] || first[1] !== last[1]);
  const notes = [...(isOpen ? ['ringOpen'] : []), ...(holes.length < inner.length ? ['holesFilled'] : [])];
  return { rings: [ring, ...holes], problem: null, crosses, notes };
}

/** So far from everything that a group has nobody goes, and so near nobody lands by chance. */
const FAR_M = 2_000_000;
const NEAR_M = 300_000;

/** One of the places of every whole degree: enough to tell near from far, however many there are. */
export const oneADegree = (places: readonly OnTheGround[]): readonly OnTheGround[] => [
  ...new Map(places.map((p) => [`${Math.round(p.latitudeDeg)},${Math.round(p.longitudeDeg)}`, p])).values(),
];

/** Whether a position lies far from all that a group knows, and near it once latitude and longitude change places. */
export function looksSwapped(spot: OnTheGround, known: readonly OnTheGround[]): boolean {
  if (Math.abs(spot.longitudeDeg) > 90) return false;
  const swapped = { latitudeDeg: spot.longitudeDeg, longitudeDeg: spot.latitudeDeg };
  const [far, near] = [nearestTo(spot, known), nearestTo(swapped, known)];
  return far !== null && near !== null && wayBetween(far, spot) > FAR_M && wayBetween(near, swapped) < NEAR_M;
}
