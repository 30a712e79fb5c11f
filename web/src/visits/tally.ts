import type { AllowanceView } from '@emberfield/contract';

/** Sizes of the tally's steps: one by one for roots, by handfuls for blossom. */
export function stepsFor(allowance: AllowanceView): readonly number[] {
  const most = allowance.amountLeft ?? allowance.perPlant ?? 20;
  if (allowance.unit === 'litre') return [0.5, 1];
  if (most > 400) return [10, 100];
  if (most > 60) return [1, 10];
  return [1, 5];
}

/** Whether the next step would go over what is left; `null` left means nobody counted. */
export function goesOver(allowance: AllowanceView, amount: number): boolean {
  if (allowance.kind === 'all') return false;
  if (allowance.kind === 'none') return amount > 0;
  return allowance.amountLeft !== null && amount > allowance.amountLeft + 1e-9;
}

const MOST_DOTS = 20;
/** How many of the dots are filled; few are shown for few, twenty stand for many. */
export function dotsFor(amount: number, left: number): { readonly all: number; readonly filled: number } {
  const all = Math.min(MOST_DOTS, Math.max(1, Math.round(left)));
  return { all, filled: left <= 0 ? all : Math.min(all, Math.round((amount / left) * all)) };
}
