export {
  lowWaterWithin,
  turnsWithin,
  within,
  type Constituent,
  type Instant,
  type Span,
  type TideSource,
  type Turn,
} from './tide.ts';
export { isKnownConstituent } from './constituents.ts';
export {
  freeOn,
  nearestTide,
  nextFree,
  turnsOn,
  viewFree,
  type KnownTide,
  type Shore,
  type TideAtPlace,
  type TurnView,
} from './shore.ts';
