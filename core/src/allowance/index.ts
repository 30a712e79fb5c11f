export { allowanceFor, isWithin, type Allowance, type AllowanceInput } from './allowance.ts';
export { type Ceiling, type CeilingLimit, type CeilingRule, type CeilingSource } from './ceiling.ts';
export { HOUSE_RULE_KINDS, SEARCH_HOLDS_YEARS, type HouseRule, type HouseRuleKind } from './house-rule.ts';
