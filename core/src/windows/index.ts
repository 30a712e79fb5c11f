export {
  KINDLING_DAYS,
  lastCallOf,
  qualityOn,
  type Readiness,
  readinessOn,
  type ReadinessWindow,
  urgencyOf,
} from './readiness.ts';
export { type EdgeShift, edgeShifts, type QualityWord } from './window-evidence.ts';
export {
  expectedQualityOn,
  forecastRegrowth,
  forecastWindow,
  openOn,
  type WindowForecast,
  type WindowShifts,
  type WindowSpec,
} from './window.ts';
