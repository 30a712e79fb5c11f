export {
  exactly,
  finite,
  flag,
  freeText,
  isoDay,
  isUuid,
  line,
  listOf,
  maybe,
  oneOf,
  orNull,
  uuid,
  whole,
  type Text,
} from './platform/schema.ts';
export { LANGUAGES, isLanguage, type Language } from './platform/language.ts';
export { faultsOf, type Fault, type Schema } from './platform/faults.ts';
export { ERROR_CODES, type ErrorBody, type ErrorCode } from './platform/errors.ts';
export type { Method, Route, Who } from './platform/route.ts';
export { ROUTES } from './routes.ts';
export { bodySchemaOf } from './bodies.ts';
export {
  type PlantListItem,
  type PlantView,
  type RemovedPlant,
  type SavePlant,
  savePlantSchema,
} from './plants/plant-list.ts';
export { plantProfileSchema } from './plants/profile.ts';
export {
  LARGEST_PLANT_FILE_BYTES,
  PLANT_FILE_FORMAT,
  plantFileOf,
  readPlantFile,
  type PlantFile,
  type ReadPlantFile,
} from './plants/plant-file.ts';
export { xmlText } from './platform/xml.ts';
export { SIGNS, VOCABULARY, isSignState, signOf } from './plants/signs.ts';
export type { IdentityRow, IdentityTable } from './plants/identity-table.ts';
export {
  MOST_NUMBERS,
  ROLES,
  UNIT_SYSTEMS,
  acceptInvitationSchema,
  changeRoleSchema,
  demoSignInSchema,
  foundingSchema,
  groupSettingsSchema,
  newInvitationSchema,
  signInSchema,
  type AcceptInvitation,
  type CallNumber,
  type ChangeRole,
  type DemoSignIn,
  type Founding,
  type GroupRef,
  type GroupSettings,
  type GroupView,
  type InvitationGreeting,
  type InvitationView,
  type MadeInvitation,
  type MemberView,
  type NewAccount,
  type NewInvitation,
  type Role,
  type SessionListItem,
  type SessionView,
  type SignIn,
  type UnitSystem,
} from './people/people.ts';
export {
  changePasswordSchema,
  resetPasswordSchema,
  type ChangePassword,
  type ChooseLanguage,
  type MadeResetLink,
  type ResetGreeting,
  type ResetPassword,
} from './people/account.ts';
export { ACTIVITIES, type ActivityItem, type ActivityKind, type ActivityPage } from './people/activity.ts';
export { retireSchema, type Retire, type Retirement } from './patches/retirement.ts';
export {
  PERMIT_KINDS,
  PERMIT_MEASURES,
  savePermitSchema,
  type PermitKind,
  type PermitView,
  type SavePermit,
} from './permits/permit.ts';
export { houseRuleSchema, setRuleSchema, type RuleView, type SetRule } from './people/rules.ts';
export { PRACTICE_NEEDED, setClearanceSchema, type ClearanceView, type SetClearance } from './people/clearance.ts';
export {
  UNKNOWN_FACTS,
  assignStationSchema,
  changePatchSchema,
  geometrySchema,
  MOST_HOLES,
  newPatchSchema,
  type AssignStation,
  type ChangePatch,
  type NewPatch,
  type PatchDetail,
  type PatchView,
} from './patches/patch.ts';
export type { StandKit } from './stands/kit.ts';
export type { PoisonView } from './stands/poison.ts';
export {
  changeStandSchema,
  newStandSchema,
  type ChangeStand,
  type CountView,
  type LossView,
  type IdentityView,
  type LadderSeason,
  type LookAlikeView,
  type NewStand,
  type StandRef,
  type LearnedView,
  type LowerStand,
  type StandView,
  type TakenView,
} from './stands/stand.ts';
export {
  MOST_WANTED_PLANTS,
  MOST_WANTS,
  saveWantSchema,
  WANT_MEASURES,
  type SaveWant,
  type WantMeasure,
  type WantView,
} from './supply/want.ts';
export type { LedgerLine, LedgerStand, LedgerView, SuggestionView } from './ledger/ledger.ts';
export { MOST_TASTES, saveTasteSchema, type SaveTaste, type TastesView, type TasteView } from './larder/taste.ts';
export type { BatchView, LarderView, NotedOfBatch, OpenTake, UnitLearned } from './larder/larder.ts';
export type { EffortView } from './stands/efforts.ts';
export type { PlantingSeen } from './stands/plantings.ts';
export type { ProofTrial, StandProof } from './stands/proof.ts';
export type { GroupProof, ProofScores } from './stands/group-proof.ts';
export { censusSchema, entrySchema, type Entry, type EntryOf } from './visits/entry.ts';
export {
  MOST_ENTRIES_AT_ONCE,
  syncSchema,
  type EntryPage,
  type EntryResult,
  type EntryView,
  type SyncAnswer,
  type SyncRequest,
  type TakeVerdict,
} from './visits/sync.ts';
export { findBodySchema, type Prospect } from './visits/find.ts';
export { newSoughtSchema, type NewSought, type SoughtView } from './visits/sought.ts';
export {
  LARGEST_PHOTO_BYTES,
  MOST_PHOTO_PIECES,
  PHOTO_PIECE_BYTES,
  PHOTO_SIZES,
  type ArrivedPieces,
  type PhotoSize,
  type KnownPhoto,
  type PhotoTaken,
  type PhotoView,
} from './photos/photo.ts';
export {
  EXPORTS,
  FIELDS_OF,
  NEEDED_COLUMNS,
  PLACE_FORMATS,
  SECRET_WAYS,
  TABLE_FIELDS,
  TABLE_KINDS,
  placeReadingSchema,
  type ExportKind,
  type PathView,
  type PlaceFormat,
  type PlaceImportPreview,
  type PlaceReading,
  type SecretWay,
  type ShownPlace,
  type StoredPlaces,
  type UndonePlaces,
  type TableField,
  type LeftOut,
  type TableKind,
} from './places/place-import.ts';
export { LONGEST_TIDE_FILE, newTideSchema, type NewTide, type TideView } from './tide/tide.ts';
export {
  COLUMN_MEANINGS,
  DATE_ORDERS,
  STATION_SOURCES,
  handDaysSchema,
  importReadingSchema,
  newStationSchema,
  type ColumnMeaning,
  type DateOrder,
  type FetchProblem,
  type HandDays,
  type ImportPreview,
  type ImportReading,
  type LeftOutLine,
  type NewStation,
  type StationDayView,
  type StationDays,
  type StationView,
  type StoredImport,
} from './weather/weather.ts';
export type { Conditions, Duty, FoundThing, HearthView, RibbonStroke, RibbonView } from './hearth/hearth.ts';
export {
  MOST_PAST_YEARS,
  type YearMark,
  type YearRow,
  type YearStand,
  type YearView,
  type YearWindow,
} from './year/year.ts';
export {
  CALENDAR_KINDS,
  makeCalendarSchema,
  type CalendarFeedView,
  type CalendarKind,
  type MakeCalendar,
  type NewCalendarFeed,
} from './calendar/calendar.ts';
export { NOTICE_KINDS, type Notice } from './calendar/notice.ts';

// What the core knows already, as part of what crosses the wire.
export {
  CAUTION_CLASSES,
  EATINGS,
  HABITS,
  LOOK_ALIKE_SEVERITIES,
  ORGANS,
  PART_KEYS,
  PRICES,
  STATUSES,
  UNIT_KEYS,
  binomialOf,
  type Eating,
  type LookAlikeSeverity,
  type PartKey,
  type PlantProfile,
  type ProfileCeiling,
  type ProfilePart,
  type ProfileStage,
  type ProfileWindow,
  type UnitKey,
} from '@emberfield/core/plants';
export {
  ASPECTS,
  CANOPIES,
  CONTAMINATING,
  COUNT_METHODS,
  ENTRY_KINDS,
  FIND_CONDITIONS,
  HAZARDS,
  LEAVES,
  LOOSENESS,
  LOSS_CAUSES,
  MOISTURES,
  OVERHEAD_TREES,
  PLANTING_SOURCES,
  QUALITIES,
  SAVOURS,
  SMELLS,
  TENDING_WORKS,
  VESSELS,
  SUBSTRATES,
  centreOf,
  type AllowanceView,
  type CeilingView,
  type StepView,
  type DayRangeView,
  type EntryBodies,
  type EntryKind,
  type FindBody,
  type FindCondition,
  type Hazard,
  type OverheadTree,
  type PackedBook,
  type MixedIn,
  type PartOutlook,
  type PartWish,
  type PatchFacts,
  type PatchGeometry,
  type PointGeometry,
  type PolygonGeometry,
} from '@emberfield/core/stand';
export { HOUSE_RULE_KINDS, SEARCH_HOLDS_YEARS, type HouseRule, type HouseRuleKind } from '@emberfield/core/allowance';
export { CLEARANCES, IDENTITY_STATUSES, type Clearance, type IdentityStatus } from '@emberfield/core/identity';
export { PLANTING_WAYS, type PlantingWay } from '@emberfield/core/replanting';
export type { TideAtPlace, TurnView } from '@emberfield/core/tide';
