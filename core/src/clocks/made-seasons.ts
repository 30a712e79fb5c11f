// Seasons made up for specifications: a station with its years, and a plant that goes by a clock of its own.
import { firstOfYear, yearOf, type Figure } from '../measure/index.ts';
import type { StageSighting, StageSpec } from '../stages/index.ts';
import { joinDays, usualBy, type StationWeather, type WeatherDay } from '../weather/index.ts';
import type { SeenStand } from './seen-seasons.ts';

const LATITUDE_DEG = 46;

/** A figure known to a share of itself. */
export const about = (value: number, by = 1.2): Figure => ({
  value,
  low: value / by,
  high: value * by,
  source: 'estimate',
});
export const inDays = (value: number, by: number): Figure => ({
  value,
  low: value - by,
  high: value + by,
  source: 'estimate',
});

/** Weather of whole years: a yearly wave, with a spring of each year's own. */
export function madeWeather(first: number, last: number, moreC: (day: number) => number = () => 0): WeatherDay[] {
  const out: WeatherDay[] = [];
  for (let day = firstOfYear(first); day < firstOfYear(last + 1); day++) {
    const year = yearOf(day);
    const ofYear = day - firstOfYear(year);
    // Warm and cold springs, warm and cold winters: not in step with each other.
    const own =
      2.2 * Math.sin(year * 2.4) * Math.sin((Math.PI * ofYear) / 180) + 2 * Math.cos(year * 1.7 + ofYear / 40);
    const mean = 9.5 - 9 * Math.cos((2 * Math.PI * (ofYear - 20)) / 365.25) + own + moreC(day);
    out.push({ day, minC: mean - 4, maxC: mean + 4 });
  }
  return out;
}

export function stationOf(days: readonly WeatherDay[], heightM = 50): StationWeather {
  const climatology = usualBy(days, Infinity);
  return { series: joinDays(days, climatology)!, climatology, heightM };
}

/** Day of the year, from 0, on which so much has been gathered by a clock of nobody's family. */
export function gatheredOn(
  days: readonly WeatherDay[],
  year: number,
  need: number,
  rate: (meanC: number) => number,
): number {
  let sum = 0;
  for (const { day, minC, maxC } of days) {
    if (yearOf(day) !== year) continue;
    sum += rate((minC + maxC) / 2);
    if (sum >= need) return day - firstOfYear(year);
  }
  return Infinity;
}

/** A stand by the station, whose one stage was seen not to have come a few days before it did, and to have come a few after. */
export function seenBy(
  stages: readonly StageSpec[],
  weather: StationWeather | null,
  came: ReadonlyMap<number, number>,
  standId = 's',
): SeenStand {
  const site = { latitudeDeg: LATITUDE_DEG, heightM: 50 };
  const sightings = [...came].flatMap(([year, at]): StageSighting[] => [
    { stage: stages[0]!.key, day: firstOfYear(year) + at - 3, reached: false },
    { stage: stages[0]!.key, day: firstOfYear(year) + at + 3, reached: true },
  ]);
  return {
    standId,
    plantKey: 'p',
    place: { stages, seasonStart: '01-01', reference: site, site, weather },
    sightings,
  };
}
