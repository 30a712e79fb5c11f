import { shownFrequency, type IdentityTaxon, type Phase, type SignSpec } from './sign.ts';

/** How a taxon spreads over the states of a sign, summing to 1; `null` where its table does not say. */
export function distribution(taxon: IdentityTaxon, sign: SignSpec, phase: Phase | null): readonly number[] | null {
  const at = (p: Phase | null) => sign.states.map((s) => shownFrequency(taxon, sign, s, p));
  const now = at(phase);
  const told = now[0] !== null ? now : at(null);
  return told[0] === null ? null : normalised(told.map((f) => f!));
}

/** Common part of two distributions, 0 (nothing) to 1 (the same). */
export const overlap = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, x, i) => sum + Math.min(x, b[i] ?? 0), 0);

export function normalised(values: readonly number[]): readonly number[] {
  const total = values.reduce((a, b) => a + b, 0);
  return total === 0 ? values.map(() => 1 / values.length) : values.map((v) => v / total);
}
