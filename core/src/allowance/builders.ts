import { completeCount } from '../counting/index.ts';
import type { AllowanceInput } from './allowance.ts';
import type { Ceiling, CeilingRule, CeilingSource } from './ceiling.ts';

// For specs only: a rule, and what an allowance is asked of, in one line.

export const by = (rule: CeilingRule, source: CeilingSource = 'houseRule'): Ceiling => ({ source, rule });
/** So much in the part's unit may be taken in all, under a permit. */
export const quotaOf = (amount: number): CeilingRule & { readonly kind: 'quota' } => ({
  kind: 'quota',
  amount,
  permit: 'p',
  name: 'Low wood',
  left: amount,
  total: amount,
  measure: 'unit',
  until: 20_700,
});
export const leaves = (over: Partial<AllowanceInput> = {}): AllowanceInput => ({
  plantYield: 8,
  costsSeed: false,
  plants: completeCount(50),
  mature: null,
  flowering: null,
  lossShare: 0,
  ceilings: [],
  killed: 0,
  seedSpent: 0,
  goneBackTo: false,
  taken: [],
  held: 0,
  ...over,
});
