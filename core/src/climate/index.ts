export { atSite, buildEnsemble, type Ensemble, type StationSeason } from './ensemble.ts';
export {
  chilledBy,
  cumulateCold,
  cumulateCurve,
  cumulateFrosts,
  cumulateWarmth,
  type ForcingCurve,
  flushedBy,
} from './sums.ts';
export { Held } from './held.ts';
export { keptSums } from './kept-sums.ts';
export { type Canopy, type Site, siteClimate, slopeWarmth } from './site-climate.ts';
export { LEAST_SHARED_DAYS, readSite, type SiteReading } from './site-readings.ts';
export { type FrozenSpan, frozenSpans, type Ground, groundOn, type GroundWord, soilTemperature } from './soil.ts';
