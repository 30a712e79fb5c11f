// From what is wanted to where it can be had.

/** What is left of a part at a stand that is open. */
export interface Offer {
  readonly standId: string;
  /** In the part's unit, plants that are not touched yet reckoned in; `null`: no rule limits it. */
  readonly amountLeft: number | null;
  /** Amount a plant gives by the rules; `null`: nobody knows. */
  readonly perPlant: number | null;
  /** What is left of permits that it shares with other stands. */
  readonly shared?: readonly { readonly id: string; readonly left: number }[];
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
 * Splits an amount over stands: with the fewest stops, the stand with most left first, never more than is left anywhere, nor of what stands share.
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
  const drawn = new Map<string, number>();
  let missing = whole ? Math.ceil(amount - FLOOR) : amount;
  for (const offer of [...offers].sort((a, b) => leftAt(b) - leftAt(a))) {
    const { standId, perPlant, shared = [] } = offer;
    const ofShared = shared.map(({ id, left }) => inPieces(left - (drawn.get(id) ?? 0)));
    const taken = Math.min(missing, leftAt(offer), ...ofShared);
    if (!(taken > 0)) continue;
    for (const { id } of shared) drawn.set(id, (drawn.get(id) ?? 0) + taken);
    portions.push({ standId, amount: taken, plants: perPlant ? Math.ceil(taken / perPlant - FLOOR) : null });
    missing = Math.max(0, Math.round((missing - taken) * 1000) / 1000);
  }
  return { portions, missing };
}
const FLOOR = 1e-9;
