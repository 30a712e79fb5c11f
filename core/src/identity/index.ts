export { isBuiltFor, kingdomOf } from './build.ts';
export { HABITS } from './habit.ts';
export { distribution, overlap } from './distribution.ts';
export { identify, type Identification, type Standing } from './identify.ts';
export type { NextSign } from './next-look.ts';
export { isDecisive, isExcluding, weigh, type Weighing } from './weigh.ts';
export { searchState, type Search, type SearchState } from './search.ts';
export {
  canBeTold,
  separableFrom,
  separatorsIn,
  SEPARATES,
  typicalOf,
  type PhaseFrom,
  type Separator,
} from './separate.ts';
export {
  isDangerous,
  isPoison,
  phaseOfBbch,
  PHASES,
  SEVERITIES,
  shownFrequency,
  type IdentityTaxon,
  type Phase,
  type SeenSign,
  type Severity,
  type ShownSign,
  type SignPrice,
  type SignSpec,
} from './sign.ts';
export { CLEARANCES, type Clearance } from './clearance.ts';
export { IDENTITY_STATUSES, type IdentityStatus } from './status.ts';
export { confirmation, mayConfirm, type Confirmation } from './confirm.ts';
