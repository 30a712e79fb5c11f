// Where to lay squares: by chance, and in an order that one can walk.
import { METRES_PER_DEGREE } from '../measure/index.ts';

/** From the middle of the boundary's box, m. */
export interface Spot {
  readonly eastM: number;
  readonly northM: number;
}

type Ring = readonly (readonly [longitudeDeg: number, latitudeDeg: number])[];

/** So many are walked to as one way; what comes after is another. */
const AT_ONCE = 10;
/** Of so thin a place no spot may be found: then it has no more. */
const MOST_TRIES = 2000;

/**
 * Spots that lie anywhere within a boundary with the same chance (simple random sampling), each ten of them in the order of the nearest next. The same
 * draws give the same spots.
 * @param rings the boundary, WGS 84, closed; those after the first are holes.
 * @param uniform draws from 0 up to, not including, 1.
 * @returns at most `count`, fewer for a boundary that holds next to nothing.
 */
export function randomSpots(rings: readonly Ring[], count: number, uniform: () => number): readonly Spot[] {
  const [outer] = rings;
  if (!outer || outer.length < 4) return [];
  const { middle, half } = boxOf(outer);
  const cos = Math.cos((middle[1] * Math.PI) / 180);
  const spots: Spot[] = [];
  for (let tries = 0; spots.length < count && tries < MOST_TRIES * count; tries++) {
    const at = [middle[0] + (2 * uniform() - 1) * half[0], middle[1] + (2 * uniform() - 1) * half[1]] as const;
    if (!rings.every((ring, i) => isWithin(ring, at) === (i === 0))) continue;
    spots.push({
      eastM: (at[0] - middle[0]) * METRES_PER_DEGREE * cos,
      northM: (at[1] - middle[1]) * METRES_PER_DEGREE,
    });
  }
  return Array.from({ length: Math.ceil(spots.length / AT_ONCE) }, (_, i) =>
    walked(spots.slice(i * AT_ONCE, (i + 1) * AT_ONCE)),
  ).flat();
}

function boxOf(ring: Ring): { readonly middle: readonly [number, number]; readonly half: readonly [number, number] } {
  const side = (axis: 0 | 1) => {
    const values = ring.map((p) => p[axis]);
    const [low, high] = [Math.min(...values), Math.max(...values)];
    return { middle: (low + high) / 2, half: (high - low) / 2 };
  };
  const [x, y] = [side(0), side(1)];
  return { middle: [x.middle, y.middle], half: [x.half, y.half] };
}

/** By the even-odd rule: a ray to the east crosses the ring an odd number of times. */
function isWithin(ring: Ring, [x, y]: readonly [number, number]): boolean {
  let inside = false;
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const [[xi, yi], [xj, yj]] = [ring[i]!, ring[j]!];
    if (yi > y !== yj > y && x < ((xj - xi) * (y - yi)) / (yj - yi) + xi) inside = !inside;
  }
  return inside;
}

/** From the one that lies farthest west always on to the nearest. */
function walked(spots: readonly Spot[]): readonly Spot[] {
  const left = [...spots].sort((a, b) => a.eastM - b.eastM);
  const way = left.splice(0, 1);
  while (left.length > 0) {
    const here = way[way.length - 1]!;
    const far = left.map((s) => Math.hypot(s.eastM - here.eastM, s.northM - here.northM));
    way.push(...left.splice(far.indexOf(Math.min(...far)), 1));
  }
  return way;
}
