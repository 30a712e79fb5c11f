import { chanceFrom, seedOf } from '@emberfield/core/truth';

/** The island lies in open sea: nothing real is shown. Positions are kilometres east and north of this point. */
export const MIDDLE = { longitudeDeg: -30, latitudeDeg: 46 };
const KM_PER_DEGREE_NORTH = 111.15;
const KM_PER_DEGREE_EAST = 77.35;

export type Km = readonly [number, number];
export type LonLat = readonly [number, number];

const six = (value: number): number => Math.round(value * 1e6) / 1e6;
export const lonLat = ([east, north]: Km): LonLat => [
  six(MIDDLE.longitudeDeg + east / KM_PER_DEGREE_EAST),
  six(MIDDLE.latitudeDeg + north / KM_PER_DEGREE_NORTH),
];

/** A closed, wobbling ring round a middle; the name seeds its wobble. */
export function blob(
  name: string,
  [east, north]: Km,
  [width, height]: Km,
  { corners = 28, wobble = 0.16, turn = 0 } = {},
): readonly Km[] {
  const chance = chanceFrom(seedOf('blob', name));
  const waves = [2, 3, 5, 7].map((k) => ({
    k,
    size: (wobble / Math.sqrt(k)) * chance.normal(),
    at: chance.between(0, 2 * Math.PI),
  }));
  const ring = Array.from({ length: corners }, (_, i): Km => {
    const a = (2 * Math.PI * i) / corners;
    const r = 1 + waves.reduce((s, w) => s + w.size * Math.cos(w.k * a + w.at), 0);
    const [x, y] = [(width / 2) * r * Math.cos(a), (height / 2) * r * Math.sin(a)];
    return [east + x * Math.cos(turn) - y * Math.sin(turn), north + x * Math.sin(turn) + y * Math.cos(turn)];
  });
  return [...ring, ring[0]!];
}

/** A line through points, bent between them. */
export function bend(name: string, through: readonly Km[], stray = 0.12): readonly Km[] {
  const chance = chanceFrom(seedOf('bend', name));
  return through.flatMap((p, i) => {
    const next = through[i + 1];
    if (!next) return [p];
    const steps = 6;
    return Array.from({ length: steps }, (_, k): Km => {
      const t = k / steps;
      const off = k === 0 ? 0 : stray * chance.normal();
      return [p[0] + t * (next[0] - p[0]) + off, p[1] + t * (next[1] - p[1]) + off * 0.7];
    });
  });
}

/** Height of the ground, m: a long hill in the east, a moor in the north, low ground in the south-west. */
export function heightAt([east, north]: Km): number {
  const hill = (e: number, n: number, height: number, wide: number, deep: number): number =>
    height * Math.exp(-(((east - e) / wide) ** 2 + ((north - n) / deep) ** 2));
  return Math.round(12 + hill(3.2, 1.2, 265, 2.4, 1.6) + hill(-0.8, 2.4, 150, 1.9, 1.2) + hill(0.5, -2, 60, 3, 1.2));
}

/** The same by name. */
export const degreesOf = (at: Km): { readonly longitudeDeg: number; readonly latitudeDeg: number } => {
  const [longitudeDeg, latitudeDeg] = lonLat(at);
  return { longitudeDeg, latitudeDeg };
};
