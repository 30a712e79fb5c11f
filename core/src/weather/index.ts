export { averageDegreeDays, coolingDays, degreeDays } from './degree-days.ts';
export { hopkinsShiftDays, LAPSE_C_PER_M, lapseShiftC, type Position } from './site.ts';
export { type OddDay, oddDays } from './station-health.ts';
export { joinStations, type StationWeather, type WeighedStation } from './stations.ts';
export { asKnownOn, usualBy } from './usual.ts';
export { warmthLead, type WarmthLead } from './warmth-lead.ts';
export {
  type Climatology,
  climatologyOf,
  DAY_MARK,
  joinDays,
  lastMeasuredDay,
  LONGEST_BRIDGED_GAP_DAYS,
  type WeatherDay,
  type WeatherSeries,
} from './weather.ts';
export { packWeather, unpackWeather, type PackedWeather } from './packed.ts';
