export {
  CAUTION_CLASSES,
  EATINGS,
  HABITS,
  LOOK_ALIKE_SEVERITIES,
  METHOD_KEYS,
  ORGANS,
  OTHER_METHODS,
  PART_KEYS,
  PRICES,
  REGIONS,
  STATUSES,
  UNIT_KEYS,
  type Eating,
  type LookAlikeSeverity,
  type MethodKey,
  type OtherMethod,
  type PartKey,
  type Region,
  type Status,
  type TakingMethod,
  type UnitKey,
} from './kinds.ts';
export {
  datesOf,
  LANDMARKS,
  yearFromDates,
  type DatedStage,
  type KnownDates,
  type Landmark,
  type Period,
} from './from-dates.ts';
export { growsIn, regionsByStatus, statusIn } from './regions.ts';
export { isDug, isGoneBackTo, methodOr, methodsOf, partBy, takenBy } from './methods.ts';
export { binomialOf } from './names.ts';
export {
  countMissing,
  hasCaution,
  hasTwin,
  isMilder,
  lookAlikesUnnamed,
  missingWarnings,
  ORGANS_OF_DANGER,
  decidesAnew,
  twinsWithoutApart,
  twinsWithoutSigns,
  withWarningsOf,
} from './warnings.ts';
export {
  ALWAYS,
  NEVER,
  type PlantProfile,
  type ProfileCeiling,
  type ProfilePart,
  type ProfileStage,
  type ProfileWindow,
} from './profile.ts';
export { hasModel, isInvader, lifeOf, NO_LIVES, type NoLife } from './lives.ts';
