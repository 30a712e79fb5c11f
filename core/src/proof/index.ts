export { backtest, knownOn, daysBefore, intervalsOf, type Issue, onFixedDays, type Trial } from './backtest.ts';
export { type LookWorth, worthOfLook } from './look-worth.ts';
export { type PastDate, type Rivals, rivalsFor } from './rivals.ts';
export { missOf, type SeenInterval } from './seen-interval.ts';
export { ALL_RULES, bandShares, comparable, DATE_RULES, type Scores, scoresOf } from './scores.ts';
