import type { PartOutlook } from '@emberfield/contract';

/** States of a coal in the order of what a day is for. */
export const HEATS = ['glowing', 'fading', 'kindling', 'banked', 'cold', 'ash'] as const;
export type Heat = (typeof HEATS)[number];

/** Outlooks of a stand, what is open first; those of one heat stay in their order. */
export function outlooksByHeat(outlooks: readonly PartOutlook[]): readonly PartOutlook[] {
  return [...outlooks].sort((a, b) => HEATS.indexOf(a.readiness.state) - HEATS.indexOf(b.readiness.state));
}

/** One outlook a part, its hottest: a take names a part, whatever it is for. */
export function partsByHeat(outlooks: readonly PartOutlook[]): readonly PartOutlook[] {
  const seen = new Set<string>();
  return outlooksByHeat(outlooks).filter((o) => !seen.has(o.part) && seen.add(o.part));
}
