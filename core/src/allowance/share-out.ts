// From what is wanted to where it can be had.

/** What is left of a part at a stand that is open. */
export interface Offer {
  readonly standId: string;
  /** In the part's unit, plants that are not touched yet reckoned in; `null`: no rule limits it. */
  readonly amountLeft: number | null;
  /** Amount a plant gives by the rules; `null`: nobody knows. */
  readonly perPlant: number | null;
}

export interface Portion {
  readonly standId: string;
  readonly amount: number;
  /** Plants to take it from, as few as give it; `null` where nobody knows what one gives. */
  readonly plants: number | null;
}

export interface SharedOut {
  readonly portions: readonly Portion[];
  /** Not to be had at any of the stands. */
  readonly missing: number;
}

/**
 * Splits an amount over stands: with the fewest stops, the stand with most left first, never more than is left anywhere.
 * @param whole the unit is counted in pieces: no half leaf is taken.
 * @throws RangeError for an amount that is not above 0.
 * @example
 * // 36 leaves at three a plant, 60 left at one stand → 36 leaves from 12 plants
 */
export function shareOut(
  amount: number,
  offers: readonly Offer[],
  { whole = true }: { readonly whole?: boolean } = {},
): SharedOut {
  if (!(amount > 0 && amount < Infinity)) throw new RangeError('what is wanted is an amount above 0');
  const inPieces = (n: number): number => (whole ? Math.floor(n + FLOOR) : n);
  const leftAt = (o: Offer): number => inPieces(o.amountLeft ?? Infinity);
  const portions: Portion[] = [];
  let missing = whole ? Math.ceil(amount - FLOOR) : amount;
  for (const offer of [...offers].sort((a, b) => leftAt(b) - leftAt(a))) {
    const taken = Math.min(missing, leftAt(offer));
    if (!(taken > 0)) continue;
    const { standId, perPlant } = offer;
    portions.push({ standId, amount: taken, plants: perPlant ? Math.ceil(taken / perPlant - FLOOR) : null });
    missing = Math.max(0, Math.round((missing - taken) * 1000) / 1000);
  }
  return { portions, missing };
}
const FLOOR = 1e-9;
