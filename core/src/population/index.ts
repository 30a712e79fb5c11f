export { analyseMatrix, generationsOf, type Generations, type MatrixAnalysis } from './analysis.ts';
export { calibrate, drawRates, lambdaOf, likeliestRates, withGrowth, type Calibration } from './drawn-rates.ts';
export {
  lastingShare,
  playFuture,
  startOf,
  tellFuture,
  USUAL_LASTING,
  type FutureTold,
  type Lasting,
  type LastingShare,
  type StandProspect,
} from './future.ts';
export { LIFE_FORMS, LIVES, type LifeForm } from './life-forms.ts';
export {
  BIRTH_KINDS,
  entriesOf,
  isCounted,
  LIFE_STAGES,
  projectionMatrix,
  ratesOf,
  ratesWith,
  type Birth,
  type BirthKind,
  type LifeHistory,
  type LifeStage,
  type MatrixEntry,
  type Move,
  type Rates,
  type YearSpread,
} from './life-history.ts';
export { LEAVE_ALONE, takingFactors, type StandPlan, type TakingEffect } from './plan.ts';
export { FAN, selectQuantiles } from './quantiles.ts';
export {
  compileStand,
  emptyPlayed,
  playAll,
  playSlice,
  SLICE,
  type CompiledStand,
  type Played,
  type StandModel,
} from './simulate.ts';
export { YEAR_CLASSES, yearClassesOf, type YearClasses } from './years.ts';
export { chanceOf, type Chance } from './chance.ts';
export { growthOf, yearsToDouble, type CountAt, type Growth } from './trend.ts';
export { whatMatters, type Matters } from './what-matters.ts';
