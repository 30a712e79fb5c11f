import type { PartOutlook } from '@emberfield/contract';
import { urgencyOf } from '@emberfield/core/windows';

/** States of a coal in the order of what a day is for. */
export const HEATS = ['glowing', 'fading', 'kindling', 'banked', 'cold', 'ash'] as const;
export type Heat = (typeof HEATS)[number];

/** Outlooks of a stand, what is open first, and of one heat what is over soonest or opens next; else they stay in their order. The one order of all screens. */
export function outlooksByHeat(outlooks: readonly PartOutlook[]): readonly PartOutlook[] {
  const heat = ({ readiness }: PartOutlook): number => HEATS.indexOf(readiness.state);
  return [...outlooks].sort((a, b) => heat(a) - heat(b) || urgencyOf(a.readiness) - urgencyOf(b.readiness));
}

/** One outlook a part, its hottest: a take names a part, whatever it is for. */
export function partsByHeat(outlooks: readonly PartOutlook[]): readonly PartOutlook[] {
  const seen = new Set<string>();
  return outlooksByHeat(outlooks).filter((o) => !seen.has(o.part) && seen.add(o.part));
}
