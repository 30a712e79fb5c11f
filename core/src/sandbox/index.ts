/** A made-up year to play, on stands whose truth is known. */
export {
  fortnightsLeft,
  hasTimeFor,
  HOURS_OF,
  hoursOf,
  playSandbox,
  SANDBOX_HOURS,
  takenOf,
  type SandboxAction,
  type SandboxStand,
  type SandboxState,
  type StandAction,
} from './game.ts';
export { SANDBOX_KINDS } from './kinds.ts';
export { SANDBOX_FIRST_YEAR, SANDBOX_MOST_YEARS } from './true-stand.ts';
export { goneBy, judge, SANDBOX_YEARS_ON, type SandboxVerdict } from './verdict.ts';
