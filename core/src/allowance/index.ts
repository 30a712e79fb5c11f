export { allowanceFor, isWithin, type Allowance, type AllowanceInput } from './allowance.ts';
export { type Ceiling, type CeilingLimit, type CeilingRule, type CeilingSource } from './ceiling.ts';
