// What kitchen and shop scales say over a wire, a line at a time.

export interface Reading {
  /** g; below 0 where something was taken off that was tared. */
  readonly massG: number;
  /** The scale says that it has come to rest; `null`: it does not say. */
  readonly still: boolean | null;
}

const GRAMS: Readonly<Record<string, number>> = { g: 1, kg: 1000, oz: 28.349523125, lb: 453.59237 };
/**
 * Most scales send lines like "ST,GS,+  0.125kg", "US,NT,-12.5 g" or plainly "125.0 g": a word on whether it is at rest, whatever else, a number and a unit.
 * @returns `null` for a line that is no weight: half a line, an error, an overload.
 */
export function readScaleLine(line: string): Reading | null {
  const found = /^(?:(ST|US)\s*,\s*)?(?:[A-Z]{2}\s*,\s*)?([+-]?)\s*(\d{1,7}(?:\.\d{1,5})?)\s*(kg|g|oz|lb)\s*$/i.exec(
    line,
  );
  if (!found) return null;
  const [, state, sign, digits, unit] = found;
  const massG = (sign === '-' ? -1 : 1) * Number(digits) * GRAMS[unit!.toLowerCase()]!;
  return { massG, still: state === undefined ? null : state.toUpperCase() === 'ST' };
}

/** At rest: the scale says so, or the last of a few readings are alike. */
export function isStill(last: readonly Reading[]): boolean {
  const newest = last.at(-1);
  if (!newest) return false;
  if (newest.still !== null) return newest.still;
  const few = last.slice(-ALIKE);
  return few.length === ALIKE && few.every((r) => Math.abs(r.massG - newest.massG) <= LEAST_G);
}
/** So many readings within so little of each other are at rest. Estimates. */
export const ALIKE = 4;
const LEAST_G = 1;
