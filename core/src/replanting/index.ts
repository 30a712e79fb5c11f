export { successOf, type PlantedCohort, type Success } from './compare.ts';
export {
  livesOf,
  meanOver,
  putBackPerKilled,
  putInToReach,
  yearsUntilBack,
  type Life,
  type PutIn,
  type YearsBack,
} from './make-up.ts';
export { priorOf, shareOf, survivalSeen, type SeenCohort, type Survival } from './survival.ts';
export { chanceToFlower, yearsToFlower } from './to-flower.ts';
export {
  PLANTING_WAYS,
  plantingWaysOf,
  stageAfterPlanting,
  WAY_GUIDES,
  waysFromTake,
  type PlantingSpan,
  type PlantingWay,
  type WayGuide,
} from './ways.ts';
