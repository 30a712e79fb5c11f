export {
  backtest,
  daysBefore,
  intervalsOf,
  type Issue,
  missOf,
  onFixedDays,
  type SeenInterval,
  type Trial,
} from './backtest.ts';
export { type LookWorth, worthOfLook } from './look-worth.ts';
export { type PastDate, type Rivals, rivalsFor } from './rivals.ts';
export { ALL_RULES, bandShares, comparable, DATE_RULES, type Scores, scoresOf } from './scores.ts';
