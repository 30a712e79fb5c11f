// Ways on foot along paths, where a map has them.
import { wayBetween, type OnTheGround } from '../measure/index.ts';

/** Paths as a net: where they begin, end, bend and cross, and how far it is from each of these to the next, m. */
export interface PathNet {
  readonly nodes: readonly OnTheGround[];
  readonly next: readonly (readonly { readonly to: number; readonly metres: number }[])[];
}

/** Ends that lie so near each other meet. Maps are not drawn to the step. An estimate. */
const MEET_M = 15;
/** Of more pieces than this crossings are not looked for: only what meets in a point is joined. */
const MOST_CROSSED = 3000;
/** One gets on to a path every so many metres of it. */
const STEP_M = 100;
const M_PER_DEGREE = 111_320;

interface Flat {
  readonly x: number;
  readonly y: number;
}
interface Piece {
  readonly a: Flat;
  readonly b: Flat;
}

/**
 * The net of lines on a map: joined where they cross or meet. Within some tens of kilometres the ground is taken as flat.
 * @param lines each of at least two points; shorter ones are left out.
 * Cost: pieces², up to `MOST_CROSSED` of them.
 */
export function pathNet(lines: readonly (readonly OnTheGround[])[]): PathNet {
  const whole = lines.filter((l) => l.length > 1);
  const about = whole[0]?.[0];
  if (!about) return { nodes: [], next: [] };
  const east = M_PER_DEGREE * Math.cos((about.latitudeDeg * Math.PI) / 180);
  const flat = ({ latitudeDeg, longitudeDeg }: OnTheGround): Flat => ({
    x: (longitudeDeg - about.longitudeDeg) * east,
    y: (latitudeDeg - about.latitudeDeg) * M_PER_DEGREE,
  });
  const pieces = whole.flatMap((line) => line.slice(1).map((to, i): Piece => ({ a: flat(line[i]!), b: flat(to) })));
  const points = new Joined();
  for (const piece of pieces) {
    const on = pieces.length > MOST_CROSSED ? [] : crossingsOn(piece, pieces);
    const stops = [0, ...stepsOn(piece), ...on, 1].sort((s, t) => s - t).map((t) => points.at(along(piece, t)));
    for (let i = 1; i < stops.length; i++) points.join(stops[i - 1]!, stops[i]!);
  }
  return {
    nodes: points.all.map(({ x, y }) => ({
      latitudeDeg: about.latitudeDeg + y / M_PER_DEGREE,
      longitudeDeg: about.longitudeDeg + x / east,
    })),
    next: points.next.map((ways) => [...ways].map(([to, metres]) => ({ to, metres }))),
  };
}

const along = ({ a, b }: Piece, t: number): Flat => ({ x: a.x + t * (b.x - a.x), y: a.y + t * (b.y - a.y) });

function stepsOn({ a, b }: Piece): readonly number[] {
  const steps = Math.floor(Math.hypot(b.x - a.x, b.y - a.y) / STEP_M);
  return Array.from({ length: Math.max(0, steps - 1) }, (_, i) => (i + 1) / steps);
}

/** Where other pieces cross one, as shares of its length; also where one of them ends close to it. */
function crossingsOn(piece: Piece, pieces: readonly Piece[]): readonly number[] {
  const [dx, dy] = [piece.b.x - piece.a.x, piece.b.y - piece.a.y];
  const length = Math.hypot(dx, dy);
  if (length === 0) return [];
  return pieces.flatMap((other): readonly number[] => {
    if (other === piece) return [];
    const [ex, ey] = [other.b.x - other.a.x, other.b.y - other.a.y];
    const [ax, ay] = [other.a.x - piece.a.x, other.a.y - piece.a.y];
    const det = dx * ey - dy * ex;
    const [t, u] = [(ax * ey - ay * ex) / det, (ax * dy - ay * dx) / det];
    const crossing = det !== 0 && t > 0 && t < 1 && u >= 0 && u <= 1 ? [t] : [];
    const touching = [other.a, other.b].flatMap((end): readonly number[] => {
      const at = ((end.x - piece.a.x) * dx + (end.y - piece.a.y) * dy) / length ** 2;
      const foot = along(piece, at);
      return at > 0 && at < 1 && Math.hypot(foot.x - end.x, foot.y - end.y) <= MEET_M ? [at] : [];
    });
    return [...crossing, ...touching];
  });
}

/** Points of a net, those near each other taken as one. */
class Joined {
  readonly all: Flat[] = [];
  readonly next: Map<number, number>[] = [];
  private readonly cells = new Map<string, number[]>();

  at(point: Flat): number {
    const [i, j] = [Math.floor(point.x / MEET_M), Math.floor(point.y / MEET_M)];
    for (let di = -1; di <= 1; di++)
      for (let dj = -1; dj <= 1; dj++)
        for (const known of this.cells.get(`${i + di}:${j + dj}`) ?? [])
          if (Math.hypot(this.all[known]!.x - point.x, this.all[known]!.y - point.y) <= MEET_M) return known;
    const cell = `${i}:${j}`;
    this.cells.set(cell, [...(this.cells.get(cell) ?? []), this.all.length]);
    this.next.push(new Map());
    return this.all.push(point) - 1;
  }

  join(a: number, b: number): void {
    if (a === b) return;
    const metres = Math.hypot(this.all[a]!.x - this.all[b]!.x, this.all[a]!.y - this.all[b]!.y);
    this.next[a]!.set(b, metres);
    this.next[b]!.set(a, metres);
  }
}

/** A path farther off than this is not sought, m. An estimate. */
const TO_A_PATH_M = 1500;

/**
 * How far it is on foot between places, m: the shorter of the straight line, which winds, and the way over paths, which is as long as the map draws it; to and
 * from a path the straight line winds as well.
 * @param detour so many times as long as the straight line a way without a path is, 1 or more.
 * @returns [from][to]; 0 from a place to itself.
 * Cost: places × net × log net (Dijkstra 1959).
 */
export function waysOnFoot(
  net: PathNet,
  places: readonly OnTheGround[],
  detour: number,
): readonly (readonly number[])[] {
  const reach = places.map((place) =>
    net.nodes.flatMap((node, at) => {
      const metres = wayBetween(place, node);
      return metres <= TO_A_PATH_M ? [{ at, metres: detour * metres }] : [];
    }),
  );
  return places.map((from, i) => {
    const far = distancesFrom(net, reach[i]!);
    return places.map((to, j) => {
      if (i === j) return 0;
      const overPaths = reach[j]!.reduce((least, r) => Math.min(least, far[r.at]! + r.metres), Infinity);
      return Math.min(detour * wayBetween(from, to), overPaths);
    });
  });
}

/** How far each node is, once some can be reached so far off. */
function distancesFrom(
  { nodes, next }: PathNet,
  starts: readonly { readonly at: number; readonly metres: number }[],
): Float64Array {
  const far = new Float64Array(nodes.length).fill(Infinity);
  const open = new Nearest();
  const reach = (at: number, metres: number): void => {
    if (metres >= far[at]!) return;
    far[at] = metres;
    open.push(at, metres);
  };
  for (const { at, metres } of starts) reach(at, metres);
  for (let now = open.pop(); now; now = open.pop())
    if (now.metres <= far[now.at]!) for (const { to, metres } of next[now.at]!) reach(to, now.metres + metres);
  return far;
}

/** A heap of nodes, the nearest on top. */
class Nearest {
  private readonly heap: { readonly at: number; readonly metres: number }[] = [];

  push(at: number, metres: number): void {
    const { heap } = this;
    let i = heap.push({ at, metres }) - 1;
    while (i > 0) {
      const up = (i - 1) >> 1;
      if (heap[up]!.metres <= metres) break;
      [heap[i], heap[up]] = [heap[up]!, heap[i]!];
      i = up;
    }
  }

  pop(): { readonly at: number; readonly metres: number } | undefined {
    const { heap } = this;
    const top = heap[0];
    const last = heap.pop();
    if (!top || heap.length === 0) return top;
    heap[0] = last!;
    for (let i = 0; ;) {
      const [left, right] = [2 * i + 1, 2 * i + 2];
      let least = i;
      if (left < heap.length && heap[left]!.metres < heap[least]!.metres) least = left;
      if (right < heap.length && heap[right]!.metres < heap[least]!.metres) least = right;
      if (least === i) return top;
      [heap[i], heap[least]] = [heap[least]!, heap[i]!];
      i = least;
    }
  }
}
