export { averageDegreeDays, coolingDays, degreeDays } from './degree-days.ts';
export {
  climatologyOf,
  DAY_MARK,
  joinDays,
  lastMeasuredDay,
  LONGEST_BRIDGED_GAP_DAYS,
  type Climatology,
  type WeatherDay,
  type WeatherSeries,
} from './weather.ts';
export { hopkinsShiftDays, LAPSE_C_PER_M, lapseShiftC, type Position } from './site.ts';
export { siteClimate, slopeWarmth, type Canopy, type Site } from './site-climate.ts';
export { LEAST_SHARED_DAYS, readSite, type SiteReading } from './site-readings.ts';
export { joinStations, type StationWeather, type WeighedStation } from './stations.ts';
export type { MonthDay, StageModel, StageSpec } from './stage-model.ts';
export { seasonFirstDay, SEASON_HORIZON_DAYS, seasonOf } from './season.ts';
export {
  forecastSeason,
  type PartGrowth,
  type ForecastInput,
  type SeasonForecast,
  type StageForecast,
} from './forecast.ts';
export type { DayRange } from './day-range.ts';
export type { StageBounds, StageSighting } from './sighting.ts';
export { spreadWithin } from './stand-spread.ts';
export {
  expectedQualityOn,
  forecastRegrowth,
  forecastWindow,
  openOn,
  type WindowForecast,
  type WindowShifts,
  type WindowSpec,
} from './window.ts';
export type { Regrowth, WindowEdge } from './part-marks.ts';
export { edgeShifts, type EdgeShift, type QualityWord } from './window-evidence.ts';
export { fitGrowth, sumForLength, type GrowthFit, type GrowthSpec, type MeasuredLengths } from './growth.ts';
export {
  KINDLING_DAYS,
  lastCallOf,
  urgencyOf,
  qualityOn,
  readinessOn,
  type Readiness,
  type ReadinessWindow,
} from './readiness.ts';
export { usualStageDays, usualStageOn, type Reference } from './usual-year.ts';
export { warmthLead, type WarmthLead } from './warmth-lead.ts';
export { frozenSpans, groundOn, soilTemperature, type FrozenSpan, type Ground, type GroundWord } from './soil.ts';
export type { StageEffects } from './effects.ts';
export {
  backtest,
  daysBefore,
  intervalsOf,
  missOf,
  onFixedDays,
  groupStand,
  type Issue,
  type SeenInterval,
  type Trial,
} from './learning/backtest.ts';
export { GroupLearning, type GroupStand } from './learning/group-learning.ts';
export { historyOf, type SeasonSighting, type SeenStand, type StandHistory } from './learning/history.ts';
export { LearnedStand } from './learning/stand-learning.ts';
export { packSeason, unpackSeason, type PackedSeason } from './packed.ts';
export { signatureOf, toldApart } from './learning/signature.ts';
export { measuredAt, type LengthsOnDay } from './learning/measured.ts';
export { rivalsFor, type PastDate, type Rivals } from './learning/rivals.ts';
export { oddDays, type OddDay } from './station-health.ts';
export { worthOfLook, type LookWorth } from './look-worth.ts';
export { ALL_RULES, bandShares, comparable, DATE_RULES, scoresOf, type Scores } from './learning/scores.ts';
