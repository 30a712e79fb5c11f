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

/**
 * Order statistics of numbers, by selection: of n numbers the one at place ⌊q (n − 1)⌋ in order, for each q.
 * @param values are put into another order.
 * @param shares ascending, 0–1.
 * @throws RangeError for no numbers.
 * Source: Hoare, C. A. R. (1961), Algorithm 65: Find. Cost: about linear in the numbers.
 */
export function selectQuantiles(values: Float64Array, shares: readonly number[]): readonly number[] {
  if (values.length === 0) throw new RangeError('no numbers, no quantiles');
  let left = 0;
  return shares.map((q) => {
    const k = Math.floor(q * (values.length - 1));
    select(values, left, k);
    left = k;
    return values[k]!;
  });
}

function select(a: Float64Array, from: number, k: number): void {
  let left = from;
  let right = a.length - 1;
  while (left < right) {
    const pivot = a[(left + right) >> 1]!;
    let i = left;
    let j = right;
    while (i <= j) {
      while (a[i]! < pivot) i++;
      while (a[j]! > pivot) j--;
      if (i <= j) {
        const x = a[i]!;
        a[i++] = a[j]!;
        a[j--] = x;
      }
    }
    if (k <= j) right = j;
    else if (k >= i) left = i;
    else return;
  }
}
