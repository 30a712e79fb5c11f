import type { AllowanceView, CeilingView, ProfilePart } from '@emberfield/contract';
import type { Allowance, CeilingRule } from '@emberfield/core/allowance';
import { isoDay } from '@emberfield/core/measure';

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
