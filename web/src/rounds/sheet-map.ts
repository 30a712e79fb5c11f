// A small map of a round for paper: places in their order, on a plane, north up, with a scale.
import { METRES_PER_DEGREE, type OnTheGround } from '@emberfield/core/measure';

export interface SheetMap {
  /** Of each place in order, in the units of the drawing; the first and last is where the round begins and ends. */
  readonly points: readonly { readonly x: number; readonly y: number }[];
  /** A round length for the scale, and how long it is drawn. */
  readonly scaleM: number;
  readonly scaleLength: number;
}
const ROUND_LENGTHS = [1, 2, 5];

/**
 * @param width of the drawing, and its height; the places lie within it, a margin inside.
 * @throws RangeError for no place at all
 */
export function sheetMap(
  places: readonly OnTheGround[],
  { width, height, margin }: Record<'width' | 'height' | 'margin', number>,
): SheetMap {
  if (places.length === 0) throw new RangeError('a map is of one place at least');
  const north = places.map((p) => p.latitudeDeg * METRES_PER_DEGREE);
  const middle = (Math.min(...places.map((p) => p.latitudeDeg)) * Math.PI) / 180;
  const first = places[0]!.longitudeDeg;
  // Across the date line the short way.
  const turned = (lon: number): number => ((lon - first + 540) % 360) - 180;
  const east = places.map((p) => turned(p.longitudeDeg) * METRES_PER_DEGREE * Math.cos(middle));
  const [top, left] = [Math.max(...north), Math.min(...east)];
  const span = (all: readonly number[]): number => Math.max(...all) - Math.min(...all);
  const [across, down] = [width - 2 * margin, height - 2 * margin];
  // Places that lie on one spot are drawn on one.
  const perMetre = Math.min(across / Math.max(span(east), 1), down / Math.max(span(north), 1));
  const points = places.map((_, i) => ({
    x: margin + (east[i]! - left) * perMetre,
    y: margin + (top - north[i]!) * perMetre,
  }));
  const scaleM = roundBelow(across / 2 / perMetre);
  return { points, scaleM, scaleLength: scaleM * perMetre };
}

/** The longest of 1, 2, 5, 10, 20 … that is not longer. */
function roundBelow(metres: number): number {
  const power = 10 ** Math.floor(Math.log10(metres));
  return Math.max(...ROUND_LENGTHS.filter((n) => n * power <= metres * (1 + 1e-9))) * power;
}
