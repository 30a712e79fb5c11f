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
