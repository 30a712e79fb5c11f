import polygonClipping, { type Polygon } from 'polygon-clipping';
import { MOST_RING_POINTS, type Position } from './feature.ts';

/** Whether a position lies in the world: degrees of longitude and latitude, and numbers at all. */
export const inTheWorld = ([lon, lat]: Position): boolean =>
  Number.isFinite(lon) && Number.isFinite(lat) && Math.abs(lon) <= 180 && Math.abs(lat) <= 90;

/**
 * Why a position cannot be one: degrees of the wrong axis first, metres of a map's grid, the nought that devices write before they
 * know where they are; `null` for one that can.
 */
export function positionProblem(position: Position): 'swapped' | 'projected' | 'nullIsland' | 'outsideTheWorld' | null {
  const [lon, lat] = position;
  if (inTheWorld(position)) return lon === 0 && lat === 0 ? 'nullIsland' : null;
  if (inTheWorld([lat, lon])) return 'swapped';
  return Math.abs(lon) > 1000 && Math.abs(lat) > 1000 ? 'projected' : 'outsideTheWorld';
}

/** Positions to a tenth of a metre, without repeats, closed. `null` for fewer than three corners. */
export function tidyRing(ring: readonly Position[]): readonly Position[] | null {
  const round = (deg: number): number => Math.round(deg * 1e6) / 1e6;
  const points: Position[] = [];
  for (const [lon, lat] of ring) {
    const next: Position = [round(lon), round(lat)];
    const before = points.at(-1);
    if (!before || before[0] !== next[0] || before[1] !== next[1]) points.push(next);
  }
  const [first, last] = [points[0], points.at(-1)];
  if (first && last && points.length > 1 && first[0] === last[0] && first[1] === last[1]) points.pop();
  return points.length < 3 ? null : [...points, points[0]!];
}

/** More crossings than this are no slip of the pen: such a ring is not mended. */
const MOST_CROSSINGS = 100;

/**
 * How often a closed ring crosses or touches itself away from its corners, counted up to `most`. Segments are swept from west to
 * east, so that only those that lie beside each other are compared.
 * @throws RangeError for more corners than a place may have. Cost: corners × those beside them.
 */
function crossingsOf(ring: readonly Position[], most: number): number {
  if (ring.length > MOST_RING_POINTS) throw new RangeError('more corners than a place may have');
  const n = ring.length - 1;
  const segments = Array.from({ length: n }, (_, i) => {
    const [a, b] = [ring[i]!, ring[i + 1]!];
    return { i, a, b, west: Math.min(a[0], b[0]), east: Math.max(a[0], b[0]) };
  }).sort((s, t) => s.west - t.west);
  let found = 0;
  for (const [k, s] of segments.entries())
    for (let l = k + 1; l < n && segments[l]!.west <= s.east; l++) {
      const t = segments[l]!;
      const apart = Math.abs(s.i - t.i);
      if (apart > 1 && apart < n - 1 && segmentsMeet(s.a, s.b, t.a, t.b) && ++found >= most) return found;
    }
  return found;
}

/** Whether a closed ring crosses or touches itself. @throws RangeError for more corners than a place may have */
export const crossesItself = (ring: readonly Position[]): boolean => crossingsOf(ring, 1) > 0;

const side = (a: Position, b: Position, p: Position): number =>
  (b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]);
const within = (a: Position, b: Position, p: Position): boolean =>
  Math.min(a[0], b[0]) <= p[0] &&
  p[0] <= Math.max(a[0], b[0]) &&
  Math.min(a[1], b[1]) <= p[1] &&
  p[1] <= Math.max(a[1], b[1]);

function segmentsMeet(a: Position, b: Position, c: Position, d: Position): boolean {
  const [s1, s2, s3, s4] = [side(a, b, c), side(a, b, d), side(c, d, a), side(c, d, b)];
  if (s1 * s2 < 0 && s3 * s4 < 0) return true;
  return (
    (s1 === 0 && within(a, b, c)) ||
    (s2 === 0 && within(a, b, d)) ||
    (s3 === 0 && within(c, d, a)) ||
    (s4 === 0 && within(c, d, b))
  );
}

/**
 * The largest simple area of a ring that crosses itself, as the repair to be offered; `null` where nothing is left of it, or where
 * it is such a tangle that nobody meant it.
 */
export function repairedRing(ring: readonly Position[]): readonly Position[] | null {
  if (crossingsOf(ring, MOST_CROSSINGS) >= MOST_CROSSINGS) return null;
  const pieces = polygonClipping
    .union([ring.map(([x, y]) => [x, y] as [number, number])])
    .flatMap((p) => p.slice(0, 1));
  const size = (r: readonly (readonly [number, number])[]): number =>
    Math.abs(r.reduce((sum, [x, y], i) => sum + x * r[(i + 1) % r.length]![1] - r[(i + 1) % r.length]![0] * y, 0));
  const usable = pieces
    .filter((p) => p.length >= 4 && p.length <= MOST_RING_POINTS)
    .sort((a, b) => size(b) - size(a))
    .map((p) => tidyRing(p));
  return usable.find((p) => p !== null && !crossesItself(p)) ?? null;
}

const polygonOf = (ring: readonly Position[]): Polygon => [ring.map(([x, y]): [number, number] => [x, y])];
/** Whether nothing of an area lies outside another; both are closed rings that do not cross themselves. */
export const liesWithin = (inner: readonly Position[], outer: readonly Position[]): boolean =>
  polygonClipping.difference(polygonOf(inner), polygonOf(outer)).length === 0;
/** Whether two such areas have a piece in common; an edge or a corner is none. */
export const overlaps = (one: readonly Position[], other: readonly Position[]): boolean =>
  polygonClipping.intersection(polygonOf(one), polygonOf(other)).length > 0;
