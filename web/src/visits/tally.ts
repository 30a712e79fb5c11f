import { VESSELS, type AllowanceView, type ProfilePart } from '@emberfield/contract';

/** What is counted: pieces of the part, its weight, or vessels of about so many pieces. */
export type Counted = 'unit' | 'gram' | (typeof VESSELS)[number];

/** Sizes of the tally's steps: one by one for roots, by tens for blossom. */
export function stepsFor(allowance: AllowanceView, counted: Counted = 'unit'): readonly number[] {
  if (counted === 'gram') return [10, 50, 100];
  if (counted !== 'unit') return [1, 5];
  const most = allowance.amountLeft ?? allowance.perPlant ?? 20;
  // Of a part of a root less than a whole one is had; 0 a plant is said where nothing may be taken.
  const each = allowance.perPlant ?? 1;
  if (allowance.unit === 'litre' || (each > 0 && each < 1)) return [0.5, 1];
  if (most > 400) return [10, 100];
  if (most > 60) return [1, 10];
  return [1, 5];
}

/** How a part can be counted: a scale is of use where the weight of one is known. */
export const waysToCount = (part: ProfilePart | undefined): readonly Counted[] => [
  'unit',
  ...(part?.massG && part.unit !== 'gram' ? (['gram'] as const) : []),
  ...VESSELS,
];

/** So many units of the part is one of what is counted; `null` where nobody said how much a vessel holds. */
export function unitsInOne(counted: Counted, part: ProfilePart | undefined, holds: number | null): number | null {
  if (counted === 'unit') return 1;
  if (counted === 'gram') return part?.massG ? 1 / part.massG.value : null;
  return holds !== null && holds > 0 ? holds : null;
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
