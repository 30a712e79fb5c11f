import polygonClipping from 'polygon-clipping';
import { MOST_RING_POINTS, type Position } from './feature.ts';

/** Whether a position lies in the world: degrees of longitude and latitude, and numbers at all. */
export const inTheWorld = ([lon, lat]: Position): boolean =>
  Number.isFinite(lon) && Number.isFinite(lat) && Math.abs(lon) <= 180 && Math.abs(lat) <= 90;

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

/** Whether a closed ring crosses or touches itself away from its corners. Cost: square of its corners, at most some hundreds. */
export function crossesItself(ring: readonly Position[]): boolean {
  const n = ring.length - 1;
  for (let i = 0; i < n; i++)
    for (let j = i + 1; j < n; j++) {
      const neighbours = j === i + 1 || (i === 0 && j === n - 1);
      if (!neighbours && segmentsMeet(ring[i]!, ring[i + 1]!, ring[j]!, ring[j + 1]!)) return true;
    }
  return false;
}

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

/** The largest simple area of a ring that crosses itself, as the repair to be offered; `null` where nothing is left of it. */
export function repairedRing(ring: readonly Position[]): readonly Position[] | null {
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
