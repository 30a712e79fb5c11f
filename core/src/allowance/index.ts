export { allowanceFor, isWithin, type Allowance, type AllowanceInput, type SpentTake } from './allowance.ts';
export { type Ceiling, type CeilingLimit, type CeilingRule, type CeilingSource } from './ceiling.ts';
export { fractionOf, type Fraction } from './fraction.ts';
export { HOUSE_RULE_KINDS, SEARCH_HOLDS_YEARS, type HouseRule, type HouseRuleKind } from './house-rule.ts';
export type { AllowanceStep } from './steps.ts';
export { shareOut, type Offer, type Portion } from './share-out.ts';
