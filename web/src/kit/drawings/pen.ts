/** What a stroke or area is of; the theme gives each its colour, and the shape says it without. */
export type Ink =
  'leaf' | 'wood' | 'line' | 'fine' | 'skin' | 'petal' | 'red' | 'dark' | 'pale' | 'yellow' | 'blue' | 'green' | 'pink';
export interface Stroke {
  readonly d: string;
  readonly ink: Ink;
}
export type Drawing = readonly Stroke[];

const round = (n: number): number => Math.round(n * 10) / 10;
const stroke =
  (ink: Ink) =>
  (d: string): Stroke => ({ d, ink });

/** Outline of a leaf, lightly filled. */
export const leaf = stroke('leaf');
/** Stem, twig, bark. */
export const wood = stroke('wood');
/** A green line: veins, stems of herbs. */
export const line = stroke('line');
/** A thin dark line: hairs, dots, threads. */
export const fine = stroke('fine');
/** Skin or flesh, filled pale with a dark edge. */
export const skin = stroke('skin');
/** Petals, filled white. */
export const petal = stroke('petal');
export const red = stroke('red');
export const dark = stroke('dark');
export const pale = stroke('pale');
export const yellow = stroke('yellow');
export const blue = stroke('blue');
export const green = stroke('green');
export const pink = stroke('pink');

/** A circle as a path. */
export const circle = (x: number, y: number, r: number): string =>
  `M${round(x - r)} ${round(y)}a${r} ${r} 0 1 0 ${round(2 * r)} 0a${r} ${r} 0 1 0 ${round(-2 * r)} 0Z`;
export const ellipse = (x: number, y: number, rx: number, ry: number): string =>
  `M${round(x - rx)} ${round(y)}a${rx} ${ry} 0 1 0 ${round(2 * rx)} 0a${rx} ${ry} 0 1 0 ${round(-2 * rx)} 0Z`;

/** So many copies of something placed round a point, the first straight up. */
export const around = (
  n: number,
  [x, y]: readonly [number, number],
  r: number,
  draw: (x: number, y: number, a: number) => string,
): string =>
  Array.from({ length: n }, (_, i) => {
    const a = (2 * Math.PI * i) / n - Math.PI / 2;
    return draw(round(x + r * Math.cos(a)), round(y + r * Math.sin(a)), a);
  }).join('');

/** A petal or leaflet: a lens from a foot in a direction (radians), so long and so wide. */
export function lens([x, y]: readonly [number, number], direction: number, length: number, width: number): string {
  const tip = [x + length * Math.cos(direction), y + length * Math.sin(direction)];
  const [nx, ny] = [-Math.sin(direction) * width, Math.cos(direction) * width];
  const middle = [x + 0.5 * length * Math.cos(direction), y + 0.5 * length * Math.sin(direction)];
  return `M${round(x)} ${round(y)}Q${round(middle[0]! + nx)} ${round(middle[1]! + ny)} ${round(tip[0]!)} ${round(tip[1]!)}Q${round(middle[0]! - nx)} ${round(middle[1]! - ny)} ${round(x)} ${round(y)}Z`;
}

/**
 * Outline of an upright leaf from foot to tip with an edge: half its width at each height, and what is added to it between.
 * @param tooth depth of the teeth, in units of the 64-unit square; @param count teeth on each side; 0 for a smooth edge
 */
export function blade({ top = 6, foot = 52, half = 15, belly = 0.55, tooth = 0, count = 0, blunt = false }): string {
  const width = (t: number): number => half * Math.sin(Math.PI * Math.pow(t, belly < 0.5 ? 0.7 : 1.25)) ** 0.85;
  const steps = count > 0 ? count * 4 : 24;
  const side = (sign: 1 | -1): string[] =>
    Array.from({ length: steps + 1 }, (_, i) => {
      const t = i / steps;
      const within = (i % 4) / 4;
      const bulge = count === 0 ? 0 : blunt ? tooth * Math.sin(Math.PI * within) : tooth * (1 - within);
      const inside = i === 0 || i === steps ? 0 : bulge;
      return `${round(32 + sign * Math.max(0, width(t) + inside))} ${round(top + t * (foot - top))}`;
    });
  return `M32 ${top}L${side(1).join('L')}L${side(-1).reverse().join('L')}Z`;
}

/** Short strokes along an edge, for hairs: from each point so far in a direction. */
export const bristle = (points: readonly (readonly [number, number, number, number])[]): string =>
  points.map(([x, y, dx, dy]) => `M${x} ${y}l${dx} ${dy}`).join('');

/** Dots. */
export const dots = (points: readonly (readonly [number, number])[], r = 1.2): string =>
  points.map(([x, y]) => circle(x, y, r)).join('');
