// The usual year, made of nothing that had not happened yet.
import { type DayNumber, yearOf } from '../measure/index.ts';
import type { StationWeather } from './stations.ts';
import { climatologyOf, DAY_MARK, lastMeasuredDay, type Climatology, type WeatherDay } from './weather.ts';

/** A year is whole where so many of its days were measured; half a year would make the usual year that of its own spring. */
const LEAST_DAYS = 350;

/**
 * Usual year of a station as it was known on a day: that of the whole years measured before it, or while there is none of all days
 * measured by then. @returns `null` as {@link climatologyOf}
 */
export function usualBy(days: readonly WeatherDay[], until: DayNumber): Climatology | null {
  const measured = days.filter((d) => !d.outlook && d.day <= until);
  const counts = new Map<number, number>();
  for (const { day } of measured) counts.set(yearOf(day), (counts.get(yearOf(day)) ?? 0) + 1);
  const whole = measured.filter(({ day }) => counts.get(yearOf(day))! >= LEAST_DAYS);
  return climatologyOf(whole.length > 0 ? whole : measured);
}

const known = new WeakMap<StationWeather, Map<number, StationWeather>>();

/**
 * A station's weather as it was known on a day: where days after it are in the record, its usual year is that of the whole years
 * before. The series itself stays; what lies after the day is left to whoever asks, as for any forecast.
 */
export function asKnownOn(weather: StationWeather, day: DayNumber): StationWeather {
  const last = lastMeasuredDay(weather.series);
  if (last === null || last <= day) return weather;
  let byYear = known.get(weather);
  if (!byYear) known.set(weather, (byYear = new Map<number, StationWeather>()));
  const year = yearOf(day);
  const made = byYear.get(year);
  if (made) return made;
  const { firstDay, minC, maxC, mark } = weather.series;
  const days: WeatherDay[] = [];
  for (let i = 0; i <= day - firstDay && i < minC.length; i++)
    if (mark[i] === DAY_MARK.measured) days.push({ day: firstDay + i, minC: minC[i]!, maxC: maxC[i]! });
  const then = { ...weather, climatology: usualBy(days, day) };
  // Without a whole year it hangs on the day.
  if (day - firstDay >= 2 * 366) byYear.set(year, then);
  return then;
}
