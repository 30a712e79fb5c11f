/** What of a stand counts for whether it is worth a way on a day. */
export interface Worth {
  /** How good what is open is, 0–1. */
  readonly quality: number;
  /** How likely it is open at all, 0–1. */
  readonly certainty: number;
  /** Days until it closes; `null`: not in sight. */
  readonly daysLeft: number | null;
}

/** What closes today is worth so much more than what stays open long: it cannot be had another day. An estimate. */
const CLOSING = 1;
/** By this many days before it closes half of that is left. An estimate. */
const HALF_OF_IT_DAYS = 4;

/**
 * What it is worth to be at a stand on a day, in stands of the best quality that are certainly open and stay so: quality × certainty, more for what closes soon.
 * @throws RangeError for shares beyond 0–1 or days below 0.
 */
export function worthOf({ quality, certainty, daysLeft }: Worth): number {
  if (![quality, certainty].every((x) => x >= 0 && x <= 1) || (daysLeft !== null && !(daysLeft >= 0)))
    throw new RangeError('quality and certainty lie between 0 and 1, and days ahead');
  const closing = daysLeft === null ? 0 : CLOSING / 2 ** (daysLeft / HALF_OF_IT_DAYS);
  return quality * certainty * (1 + closing);
}
