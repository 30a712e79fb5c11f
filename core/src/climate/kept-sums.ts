import type { Ensemble } from './ensemble.ts';

const KEPT = new WeakMap<Ensemble, Map<string, readonly Float64Array[]>>();

/** Sums over an ensemble, shared by all stages, clocks and stands that are dated by it; nobody writes into them. */
export function keptSums(
  ensemble: Ensemble,
  key: string,
  make: (ensemble: Ensemble) => readonly Float64Array[],
): readonly Float64Array[] {
  let sums = KEPT.get(ensemble);
  if (!sums) KEPT.set(ensemble, (sums = new Map<string, readonly Float64Array[]>()));
  let made = sums.get(key);
  if (!made) sums.set(key, (made = make(ensemble)));
  return made;
}
