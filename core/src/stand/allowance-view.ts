// An allowance as it travels: days as text, rules by name.
import type { Allowance, AllowanceStep, CeilingRule, CeilingSource, Fraction } from '../allowance/index.ts';
import { isoDay, type Text } from '../measure/index.ts';
import type { ProfilePart, UnitKey } from '../plants/index.ts';

export interface CeilingView {
  readonly source: CeilingSource;
  readonly kind: string;
  /** Figures of the rule, by name: perPlant, share, everyNth, amount, minYears, until, status, leave, name. */
  readonly values: Readonly<Record<string, number | string | null | Text>>;
  readonly bars: boolean;
  readonly shareOfPlants: number | null;
  readonly perPlant: number | null;
  readonly binding: boolean;
  /** Why it was chosen, where somebody said. */
  readonly because?: string;
}

/** A step of the sum: what is left after it, and the rule that made it. */
export interface StepView {
  readonly kind: AllowanceStep['kind'];
  readonly rule: { readonly kind: string; readonly values: CeilingView['values'] } | null;
  readonly plants: number | null;
  readonly perPlant: number | null;
  readonly amount: number | null;
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
  /** Set aside by others until the day is over. */
  readonly heldAmount?: number;
  /** So many of so many plants; `null` where no rule sets a share. */
  readonly fraction: Fraction | null;
  readonly plantsCounted: number | null;
  readonly plantsStanding: number | null;
  readonly ceilings: readonly CeilingView[];
  readonly steps: readonly StepView[];
}

/** An allowance as it travels, with all its ceilings. */
export function viewAllowance(allowance: Allowance, part: ProfilePart): AllowanceView {
  const { binding, ceilings, steps, takenAmount } = allowance;
  // Field by field, as the allowance itself.
  return {
    kind: allowance.kind,
    unit: part.unit,
    plants: allowance.plants,
    perPlant: allowance.perPlant,
    amount: allowance.amount,
    amountLeft: allowance.amountLeft,
    plantsLeft: allowance.plantsLeft,
    takenAmount: Math.round(takenAmount * 1000) / 1000,
    ...(allowance.heldAmount > 0 ? { heldAmount: allowance.heldAmount } : {}),
    fraction: allowance.fraction,
    plantsCounted: allowance.plantsCounted,
    plantsStanding: allowance.plantsStanding,
    ceilings: ceilings.map((c): CeilingView => ({
      source: c.source,
      kind: c.rule.kind,
      values: valuesOf(c.rule),
      bars: c.bars,
      shareOfPlants: c.shareOfPlants,
      perPlant: c.perPlant,
      binding: c === binding,
      ...(c.because ? { because: c.because } : {}),
    })),
    steps: steps.map(({ kind, ceiling, plants, perPlant, amount }): StepView => ({
      kind,
      rule: ceiling && { kind: ceiling.rule.kind, values: valuesOf(ceiling.rule) },
      plants,
      perPlant,
      amount,
    })),
  };
}

function valuesOf(rule: CeilingRule): CeilingView['values'] {
  const { kind: _, kills: _k, ...values } = rule as CeilingRule & Record<string, number | string | null | Text>;
  const said = { ...values };
  for (const key of ['from', 'until']) if (typeof said[key] === 'number') said[key] = isoDay(said[key]);
  return said;
}
