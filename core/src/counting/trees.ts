// Trees and bushes that people know one by one.

/** One of them, as it was measured. */
export interface MarkedTree {
  /** What is written on it, or what it is called; may be empty. */
  readonly name: string;
  /** Round the trunk at breast height (1.3 m), cm; `null` where nobody measured it. */
  readonly girthCm: number | null;
  /** Tips (shoots, branches to be taken from) that were counted on it; `null` where nobody did. */
  readonly tips: number | null;
}

/** Girths from which a trunk bears a tap, and a second one, cm at breast height; `null`: never a second. */
export interface TapGirths {
  readonly firstCm: number;
  readonly secondCm: number | null;
}

/**
 * Taps that a trunk bears: none below the first girth, nor where nobody measured it.
 * @example tapsOf(95, { firstCm: 80, secondCm: 145 }) // 1
 */
export function tapsOf(girthCm: number | null, { firstCm, secondCm }: TapGirths): 0 | 1 | 2 {
  if (girthCm === null || girthCm < firstCm) return 0;
  return secondCm !== null && girthCm >= secondCm ? 2 : 1;
}
