// An allowance as it travels: days as text, rules by name.
import type { Allowance, CeilingRule, CeilingSource } from '../allowance/index.ts';
import { isoDay } from '../measure/index.ts';
import type { ProfilePart, UnitKey } from '../plants/index.ts';

export interface CeilingView {
  readonly source: CeilingSource;
  readonly kind: string;
  /** Figures of the rule, by name: perPlant, share, everyNth, amount, minYears, until, status, leave, name. */
  readonly values: Readonly<Record<string, number | string | null>>;
  readonly bars: boolean;
  readonly plants: number | null;
  readonly perPlant: number | null;
  readonly amount: number | null;
  readonly binding: boolean;
}

export interface AllowanceView {
  readonly kind: 'none' | 'all' | 'relative' | 'counted';
  readonly unit: UnitKey;
  readonly plants: number | null;
  readonly perPlant: number | null;
  readonly amount: number | null;
  readonly amountLeft: number | null;
  readonly plantsLeft: number | null;
  readonly takenAmount: number;
  readonly oneIn: number | null;
  readonly plantsCounted: number | null;
  readonly ceilings: readonly CeilingView[];
}

/** An allowance as it travels, with all its ceilings. */
export function viewAllowance(allowance: Allowance, part: ProfilePart): AllowanceView {
  const { kind, plants, perPlant, amount, amountLeft, plantsLeft, takenAmount, oneIn, plantsCounted, binding } =
    allowance;
  return {
    kind,
    unit: part.unit,
    plants,
    perPlant,
    amount,
    amountLeft,
    plantsLeft,
    takenAmount: Math.round(takenAmount * 1000) / 1000,
    oneIn,
    plantsCounted,
    ceilings: allowance.ceilings.map((c): CeilingView => ({
      source: c.source,
      kind: c.rule.kind,
      values: valuesOf(c.rule),
      bars: c.bars,
      plants: c.plants,
      perPlant: c.perPlant,
      amount: c.amount,
      binding: c === binding,
    })),
  };
}

function valuesOf(rule: CeilingRule): CeilingView['values'] {
  const { kind: _, ...values } = rule as CeilingRule & Record<string, number | string | null>;
  return typeof values['until'] === 'number' ? { ...values, until: isoDay(values['until']) } : values;
}
