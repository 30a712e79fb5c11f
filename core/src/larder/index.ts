export {
  BATCH_STEPS,
  batchesOf,
  doubtfulOf,
  kinOf,
  OUT_REASONS,
  type Batch,
  type BatchBody,
  type BatchNoted,
  type BatchStep,
  type BatchStepBody,
  type BatchWeighingBody,
  type OutReason,
} from './batch.ts';
export {
  isOddMass,
  learnUnitMass,
  unitWeighings,
  type CountedTakes,
  type LearnedMass,
  type UnitWeighing,
} from './unit-mass.ts';
export { fitDrying, type Drying } from './drying.ts';
export {
  bestBefore,
  DRYING_FORMS,
  dryingPrior,
  dryShareOf,
  KEEPING_WAYS,
  MADE_INTO,
  mouldRisk,
  type DryingForm,
  type KeepingWay,
  type MouldRisk,
} from './keeping.ts';
export { WORKS_OF, type Work, type WorkGuide } from './works.ts';
export { learnYield, yieldsOf } from './yields.ts';
export { isToAsk, tasteOf, TASTE_OUTCOMES, type Taste } from './tastes.ts';
