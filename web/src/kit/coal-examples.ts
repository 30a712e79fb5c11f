import type { Readiness } from '@emberfield/core/windows';

/** One coal of each kind, as an example. */
export const COALS: readonly { readonly readiness: Readiness; readonly thorns: boolean }[] = [
  { readiness: { state: 'cold', daysToOpen: 90 }, thorns: false },
  { readiness: { state: 'kindling', daysToOpen: 9, fill: 0.55 }, thorns: false },
  { readiness: { state: 'glowing', daysLeft: 20, quality: 1 }, thorns: false },
  { readiness: { state: 'fading', daysLeft: 4, quality: 0.5 }, thorns: false },
  { readiness: { state: 'ash', daysSince: 20 }, thorns: false },
  { readiness: { state: 'banked', reason: 'resting' }, thorns: false },
  { readiness: { state: 'glowing', daysLeft: 20, quality: 0.5 }, thorns: true },
];
