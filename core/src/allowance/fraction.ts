/** So many of so many, as people say a share. */
export interface Fraction {
  readonly take: number;
  readonly of: number;
}

const MOST_OF = 10;
const GOOD_ENOUGH = 0.02;

/**
 * A share as a fraction that people can walk by, never more than the share: the smallest denominator up to 10 that comes within 2 %
 * of it, else the closest; below a tenth one in so many. `null` for nothing at all.
 * @param share 0–1 @throws RangeError outside it
 * @example fractionOf(0.7) // { take: 7, of: 10 }; fractionOf(2 / 3) // { take: 2, of: 3 }; fractionOf(0.03) // { take: 1, of: 34 }
 */
export function fractionOf(share: number): Fraction | null {
  if (!(share >= 0 && share <= 1)) throw new RangeError('a share lies between 0 and 1');
  if (share <= 0) return null;
  let best: Fraction | null = null;
  for (let of = 1; of <= MOST_OF; of++) {
    const take = Math.floor(share * of + 1e-9);
    if (take === 0) continue;
    if (!best || take / of > best.take / best.of + 1e-12) best = { take, of };
    if (share - take / of <= GOOD_ENOUGH * share) return { take, of };
  }
  return best ?? { take: 1, of: Math.ceil(1 / share - 1e-9) };
}
