export { analyseMatrix } from './analysis.ts';
export { calibrate, drawCalibrated, likeliestRates, type Calibration } from './drawn-rates.ts';
export {
  DRAWN_RUNS,
  FEW_PLANTS,
  MOST_KILLED,
  playFuture,
  prospectOf,
  standingShare,
  startOf,
  tellFuture,
  type FutureTold,
  type StandProspect,
} from './future.ts';
export { seedBankYears, shareThatHolds } from './holding.ts';
export { LIFE_FORMS, LIVES, type LifeForm } from './life-forms.ts';
export {
  heldBySlice,
  LASTING_RUNS,
  lastingShare,
  seekLasting,
  USUAL_LASTING,
  type Lasting,
  type LastingShare,
} from './lasting.ts';
export { lifeCycleOf, type LifeArc, type LifeCycle } from './life-cycle.ts';
export {
  entriesOf,
  isCounted,
  projectionMatrix,
  ratesOf,
  type LifeHistory,
  type LifeStage,
  type Rates,
} from './life-history.ts';
export { LEAVE_ALONE, type StandPlan, type TakingEffect } from './plan.ts';
export { FAN, rangeOf, selectQuantiles, type Range } from './quantiles.ts';
export {
  CROWDINGS,
  emptyPlayed,
  matrixUnder,
  placeRuns,
  playAll,
  type Crowding,
  type Played,
  type StandModel,
} from './simulate.ts';
export { growthOf, yearsToDouble, type Growth } from './trend.ts';
export { binomialAt, poissonAt } from './single-plants.ts';
export { whatMatters, type Matters } from './what-matters.ts';
export { yearClassesOf } from './years.ts';
