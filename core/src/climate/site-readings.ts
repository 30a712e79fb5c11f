import { dayOfYear } from '../measure/index.ts';
import { type StationWeather, DAY_MARK, type WeatherSeries } from '../weather/index.ts';
import { siteClimate, type Site } from './site-climate.ts';

/** What a thermometer at a place says of it beside what its stations would have it be. */
export interface SiteReading {
  /** Days that both have measured. */
  readonly days: number;
  /** By so much the place's minima and maxima lie higher, °C, drawn towards 0 while days are few. */
  readonly minC: number;
  readonly maxC: number;
}

/** One day's difference scatters by so much, neighbouring days say half as much as they seem, and a place is usually no more than this off (estimates, °C). */
const DAY_SD_C = 2;
const DAYS_FOR_ONE = 2;
const PLACE_SD_C = 1.2;
const WORTH_DAYS = DAYS_FOR_ONE * (DAY_SD_C / PLACE_SD_C) ** 2;
/** More than this is a thermometer in the sun, not a place. */
const FURTHEST_C = 5;
export const LEAST_SHARED_DAYS = 3;

/**
 * Calibrates a place by its own thermometer: the mean difference to what its stations give for it (height, canopy and slope
 * reckoned in), as the mean of a normal posterior about 0; about six days count half.
 * @param own series of the thermometer @returns `null` below three shared measured days
 */
export function readSite(own: WeatherSeries, weather: StationWeather, site: Site): SiteReading | null {
  const climate = siteClimate(weather.heightM, { ...site, measured: undefined });
  const { series } = weather;
  let [days, min, max] = [0, 0, 0];
  for (let i = 0; i < own.minC.length; i++) {
    const at = own.firstDay + i - series.firstDay;
    if (own.mark[i] !== DAY_MARK.measured || series.mark[at] !== DAY_MARK.measured) continue;
    const k = dayOfYear(own.firstDay + i) - 1;
    days++;
    min += own.minC[i]! - series.minC[at]! - climate.minC[k]!;
    max += own.maxC[i]! - series.maxC[at]! - climate.maxC[k]!;
  }
  if (days < LEAST_SHARED_DAYS) return null;
  const shrunk = (sum: number): number => Math.max(-FURTHEST_C, Math.min(FURTHEST_C, sum / (days + WORTH_DAYS)));
  return { days, minC: shrunk(min), maxC: shrunk(max) };
}
