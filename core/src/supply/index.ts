export { furtherStand, heldBackBy, type Further, type Lifted, type Limit } from './held-back.ts';
export { planSeason, type PlannedPortion, type SeasonPlan, type Solver, type WantMet } from './plan.ts';
export { programmeOf } from './programme.ts';
export { weekOf, type OpenDays, type SeasonSource, type SeasonTask, type SeasonWant } from './season.ts';
export { stillWanted, towards, type Had, type Towards } from './towards.ts';
