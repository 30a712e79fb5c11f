import { getTimes } from 'suncalc';
import type { Conditions } from '@emberfield/contract';
import { clockIn, dayOfYear, isoDay, solarNoon, type DayNumber } from '@emberfield/core/measure';
import { DAY_MARK, lastMeasuredDay, warmthLead, type WeatherSeries } from '@emberfield/core/weather';
import { namesOf, type PlaceWeather } from '../../weather/index.ts';

export interface Place {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
}

/** What the day is like: its temperatures, how far the year is ahead, light. Days beyond the record show the usual. */
export function conditionsOn(
  known: Pick<PlaceWeather, 'stations' | 'weather'> | null,
  place: Place | null,
  day: DayNumber,
  zone: string,
): Omit<Conditions, 'ground' | 'tide'> {
  const light = place ? lightOn(place, day, zone) : { sunrise: null, sunset: null };
  const weather = known?.weather ?? null;
  if (!known || !weather)
    return {
      minC: null,
      maxC: null,
      rainMm: null,
      source: 'none',
      lead: null,
      ...light,
      stationName: known && namesOf(known),
      stationLastDay: null,
    };
  const { series, climatology } = weather;
  const { latitudeDeg } = place ?? known.stations[0]!.station;
  const last = lastMeasuredDay(series);
  const i = day - series.firstDay;
  const within = i >= 0 && i < series.minC.length;
  const k = dayOfYear(day) - 1;
  const until = last === null ? null : Math.min(day, last);
  const lead = climatology && until !== null ? warmthLead(series, climatology, { day: until, latitudeDeg }) : null;
  return {
    minC: within ? tenth(series.minC[i]!) : climatology ? tenth(climatology.minC[k]!) : null,
    maxC: within ? tenth(series.maxC[i]!) : climatology ? tenth(climatology.maxC[k]!) : null,
    rainMm: measuredRain(series, day),
    source: within ? sourceOf(series.mark[i]!) : climatology ? 'usual' : 'none',
    lead: lead && { ...lead, since: isoDay(lead.since), until: isoDay(until!) },
    ...light,
    stationName: namesOf(known),
    stationLastDay: last === null ? null : isoDay(last),
  };
}

function measuredRain({ rainMm, firstDay }: WeatherSeries, day: DayNumber): number | null {
  const mm = rainMm?.[day - firstDay];
  return mm === undefined || Number.isNaN(mm) ? null : tenth(mm);
}

function sourceOf(mark: number): Conditions['source'] {
  if (mark === DAY_MARK.measured) return 'measured';
  return mark === DAY_MARK.outlook ? 'outlook' : 'filled';
}

/** Sunrise and sunset as wall-clock times of the zone; `null` where the sun does not rise or set. */
function lightOn(
  { latitudeDeg, longitudeDeg }: Place,
  day: DayNumber,
  zone: string,
): { readonly sunrise: string | null; readonly sunset: string | null } {
  const { sunrise, sunset } = getTimes(new Date(solarNoon(day, longitudeDeg)), latitudeDeg, longitudeDeg);
  const clock = (at: Date | null | undefined): string | null =>
    !at || Number.isNaN(at.getTime()) ? null : clockIn(zone, at.getTime());
  return { sunrise: clock(sunrise), sunset: clock(sunset) };
}

const tenth = (value: number): number => Math.round(value * 10) / 10;
