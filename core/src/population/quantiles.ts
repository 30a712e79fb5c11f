/** The shares of runs that a fan is drawn at. */
export const FAN = [0.05, 0.25, 0.5, 0.75, 0.95] as const;

/** A middle with its 90 % range. */
export interface Range {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}
const RANGE = [0.05, 0.5, 0.95] as const;

/** The middle of some draws and its 90 % range. @throws RangeError for no draws. */
export function rangeOf(draws: readonly number[]): Range {
  const [low, value, high] = selectQuantiles(Float64Array.from(draws), RANGE) as [number, number, number];
  return { value, low, high };
}

/** Parts between the smallest and the largest number; a number more, of a few thousand, lies in one with few others. */
const PARTS = 1024;
/** Fewer than so many are put in order by themselves. */
const FEW = 256;

/**
 * Order statistics of numbers: of n numbers the one at place ⌊q (n − 1)⌋ in order, for each q. All are counted into equal parts between the smallest and
 * the largest; only the parts in which the sought ones lie are put in order.
 * @param values finite; stay as they are.
 * @param shares ascending, 0–1.
 * @throws RangeError for no numbers, or one that is not finite.
 * Source: bucket selection, as in Alabi, T. et al. (2012), Fast k-selection algorithms for graphics processing units. Cost: linear in the numbers, but where nearly all
 * lie close together and one far off.
 */
export function selectQuantiles(values: Float64Array, shares: readonly number[]): readonly number[] {
  if (values.length === 0) throw new RangeError('no numbers, no quantiles');
  const places = shares.map((q) => Math.floor(q * (values.length - 1)));
  const { least, most } = extremesOf(values);
  if (!Number.isFinite(most - least)) throw new RangeError('quantiles are of finite numbers');
  if (values.length < FEW || most === least) {
    const sorted = values.slice().sort();
    return places.map((k) => sorted[k]!);
  }
  const factor = PARTS / (most - least);
  const counts = countParts(values, least, factor);
  let part = 0;
  let before = 0;
  let sorted: Float64Array | null = null;
  return places.map((k) => {
    while (before + counts[part]! <= k) {
      before += counts[part++]!;
      sorted = null;
    }
    sorted ??= inPart(values, least, factor, part, counts[part]!).sort();
    return sorted[k - before]!;
  });
}

function extremesOf(values: Float64Array): { readonly least: number; readonly most: number } {
  let least = values[0]!;
  let most = least;
  for (let i = 1; i < values.length; i++) {
    const x = values[i]!;
    least = x < least ? x : least;
    most = x > most ? x : most;
    if (x !== x) return { least: NaN, most: NaN };
  }
  return { least, most };
}
/** The last part holds the largest alone, which lies at its beginning. */
function countParts(values: Float64Array, least: number, factor: number): Int32Array {
  const counts = new Int32Array(PARTS + 1);
  for (let i = 0; i < values.length; i++) {
    const part = ((values[i]! - least) * factor) | 0;
    counts[part] = counts[part]! + 1;
  }
  return counts;
}
function inPart(values: Float64Array, least: number, factor: number, part: number, count: number): Float64Array {
  const out = new Float64Array(count);
  let n = 0;
  for (let i = 0; i < values.length; i++) if ((((values[i]! - least) * factor) | 0) === part) out[n++] = values[i]!;
  return out;
}
