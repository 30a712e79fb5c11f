export { allowanceOn, type Asked } from './allowance-on.ts';
export { DAY_SECTIONS, NEAR_SECTIONS, sectionOf, type DaySection } from './day-section.ts';
export { viewAllowance, type AllowanceView, type CeilingView, type StepView } from './allowance-view.ts';
export {
  planOn,
  rulesOn,
  seasonNow,
  seasonStartsOn,
  type Book,
  type BookPlace,
  type DatedRule,
  type Learned,
  type SeasonBook,
} from './book.ts';
export { viewRange, type DayRangeView } from './day-range-view.ts';
export { lastCut, movedEdges, stageDaysOf, type MovedEdge, type StageDays } from './edges.ts';
export {
  COUNT_METHODS,
  ENTRY_KINDS,
  LOSS_CAUSES,
  PLANTING_SOURCES,
  QUALITIES,
  SAVOURS,
  SMELLS,
  TENDING_WORKS,
  VESSELS,
  type CountMethod,
  type EntryBodies,
  type EntryKind,
  type LossCause,
  type PlantingSource,
  type TendingWork,
} from './entry.ts';
export {
  FIND_CONDITIONS,
  LOOSENESS,
  OVERHEAD_TREES,
  type FindBody,
  type FindCondition,
  type OverheadTree,
} from './find.ts';
export { frozenSpansAt, halfYearOf, standGround } from './ground.ts';
export { identityOn, type IdentityStanding } from './identity-standing.ts';
export { lookAgainOn } from './look-again.ts';
export { apartStage, canShut, mixedIn } from './locks.ts';
export {
  canBeAbsent,
  lookAlikesOn,
  showsNext,
  showsOn,
  toLookFor,
  type LookAlikeStanding,
  type Where,
} from './look-alikes.ts';
export { NEAR_M, type Nearby } from './nearby.ts';
export { outlooksFor, standDay, windowOfPart, windowOn, type StandDay } from './outlook.ts';
export { packBook, packSeasons, seasonsAbout, unpackBook, type PackedBook, type PackedSeasons } from './packed-book.ts';
export type { MixedIn, PartOutlook, PartWish } from './part-outlook.ts';
export {
  ASPECTS,
  CANOPIES,
  centreOf,
  CONTAMINATING,
  HAZARDS,
  LEAVES,
  MOISTURES,
  SUBSTRATES,
  type Hazard,
  type PatchFacts,
  type PatchGeometry,
  type PointGeometry,
  type PolygonGeometry,
} from './place.ts';
export { recordedTake, recordOf, recordWith, stillAwaited, type RecordEntry, type StandRecord } from './record.ts';
export { lengthLimits, wishFault } from './wish.ts';
export { seasonsOf, standSeason, MODEL_REVISION, type SeasonDates, type Seasons, type StandSeason } from './season.ts';
export { heldOn, type Held } from './holds.ts';
export { gramsPer, withDrawn, type DrawnTake, type SharedPermit } from './permits.ts';
export { forecastInput, learnedFrom, NOTHING_SEEN, seasonsSeen, seenStand, sightingsOf } from './season-input.ts';
export { siteOf, spotOf } from './site.ts';
export { diedOf, inUnit, minutesAPlant } from './takes.ts';
export { effectOf, futureOn, grownShare, takenOfLate, takingPlan, type StandFuture } from './future.ts';
export { countOn } from './count-on.ts';
export { countOf } from './counts.ts';
export { aliveAYearOn, cohortsOn, type Cohort } from './cohorts.ts';
export {
  plantingBar,
  puttingBackOn,
  type NoPuttingBack,
  type PlantingBar,
  type PuttingBack,
  type WayAdvice,
} from './put-back.ts';
