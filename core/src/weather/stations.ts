import { dayOfYear, type DayNumber } from '../measure/index.ts';
import { LAPSE_C_PER_M } from './site.ts';
import { DAY_MARK, hundredth, type Climatology, type WeatherSeries } from './weather.ts';

/** A station's record, or that of several drawn together, at a height. */
export interface StationWeather {
  readonly series: WeatherSeries;
  readonly climatology: Climatology | null;
  readonly heightM: number;
}

export interface WeighedStation {
  readonly weather: StationWeather;
  /** Above 0; shares need not add up to 1. */
  readonly share: number;
}

/**
 * One record out of several stations, for the height that lies between them by their shares. A day is the shares' usual day
 * plus their mean departure from it: a station that is missing takes nothing away but its own word, and no step is left where
 * one begins or ends. A day that nobody measured takes the usual, marked as such; outlooks speak only where nobody measured.
 * A short record's usual year is that of the longest one, moved by their mean difference on shared days.
 * @throws RangeError without stations
 * Cost: stations × days.
 */
export function joinStations(stations: readonly WeighedStation[]): StationWeather {
  if (stations.length === 0) throw new RangeError('no stations');
  if (stations.length === 1) return stations[0]!.weather;
  const total = stations.reduce((sum, s) => sum + s.share, 0);
  const heightM = stations.reduce((sum, s) => sum + (s.share / total) * s.weather.heightM, 0);
  const longest = stations.reduce((a, b) => (measuredDays(b.weather) > measuredDays(a.weather) ? b : a)).weather;
  const moved = stations.map(({ weather, share }) => ({
    share: share / total,
    series: weather.series,
    usual: usualOf(weather, longest),
    lapse: LAPSE_C_PER_M * (weather.heightM - heightM),
  }));
  const usual = moved.every((s) => s.usual) ? mixed(moved) : null;
  if (!usual) return longest;
  const firstDay = Math.min(...moved.map((s) => s.series.firstDay));
  const length = Math.max(...moved.map((s) => s.series.firstDay + s.series.minC.length)) - firstDay;
  const series = {
    firstDay,
    minC: new Float64Array(length),
    maxC: new Float64Array(length),
    mark: new Uint8Array(length),
    rainMm: moved.some((s) => s.series.rainMm) ? new Float64Array(length).fill(NaN) : null,
  };
  for (let i = 0; i < length; i++) joinDay(series, i, moved, usual);
  return { series, climatology: usual, heightM };
}

interface Moved {
  readonly share: number;
  readonly series: WeatherSeries;
  readonly usual: Climatology | null;
  readonly lapse: number;
}

/** Days with a word of their own, best first: a measured one silences an outlook. */
const WORDS: readonly (readonly number[])[] = [[DAY_MARK.measured, DAY_MARK.interpolated], [DAY_MARK.outlook]];

function joinDay(out: WeatherSeries, i: number, stations: readonly Moved[], usual: Climatology): void {
  const day = out.firstDay + i;
  const k = dayOfYear(day) - 1;
  out.minC[i] = usual.minC[k]!;
  out.maxC[i] = usual.maxC[k]!;
  out.mark[i] = DAY_MARK.climatology;
  for (const marks of WORDS) {
    const speaking = stations.filter((s) => marks.includes(s.series.mark[day - s.series.firstDay]!));
    if (speaking.length === 0) continue;
    const weight = speaking.reduce((sum, s) => sum + s.share, 0);
    for (const { share, series, usual: own } of speaking) {
      const at = day - series.firstDay;
      out.minC[i] += (share / weight) * (series.minC[at]! - own!.minC[k]!);
      out.maxC[i] += (share / weight) * (series.maxC[at]! - own!.maxC[k]!);
    }
    // Departures of nights and days are added apart: they must not cross.
    if (out.maxC[i] < out.minC[i]) out.minC[i] = out.maxC[i] = (out.minC[i] + out.maxC[i]) / 2;
    out.mark[i] = Math.min(...speaking.map((s) => s.series.mark[day - s.series.firstDay]!));
    break;
  }
  out.minC[i] = hundredth(out.minC[i]);
  out.maxC[i] = hundredth(out.maxC[i]);
  if (out.rainMm) out.rainMm[i] = hundredth(meanRain(stations, day));
}

function meanRain(stations: readonly Moved[], day: DayNumber): number {
  let [sum, weight] = [0, 0];
  for (const { share, series } of stations) {
    const mm = series.rainMm?.[day - series.firstDay];
    if (mm === undefined || Number.isNaN(mm)) continue;
    sum += share * mm;
    weight += share;
  }
  return weight === 0 ? NaN : sum / weight;
}

function mixed(stations: readonly Moved[]): Climatology {
  const mean = (of: (c: Climatology) => Float64Array): Float64Array =>
    Float64Array.from({ length: 366 }, (_, k) =>
      stations.reduce((sum, { share, usual, lapse }) => sum + share * (of(usual!)[k]! + lapse), 0),
    );
  return { minC: mean((c) => c.minC), maxC: mean((c) => c.maxC) };
}

/** A record of fewer measured days has no usual year of its own yet. */
const OWN_USUAL_DAYS = 5 * 365;
const LEAST_SHARED_DAYS = 30;

/** The usual year of a station; of a short record by difference to the longest (the classical reduction of short series). */
function usualOf(weather: StationWeather, longest: StationWeather): Climatology | null {
  if (weather === longest || measuredDays(weather) >= OWN_USUAL_DAYS || !longest.climatology)
    return weather.climatology;
  const [own, other] = [weather.series, longest.series];
  let [days, min, max] = [0, 0, 0];
  for (let i = 0; i < own.minC.length; i++) {
    const at = own.firstDay + i - other.firstDay;
    if (own.mark[i] !== DAY_MARK.measured || other.mark[at] !== DAY_MARK.measured) continue;
    days++;
    min += own.minC[i]! - other.minC[at]!;
    max += own.maxC[i]! - other.maxC[at]!;
  }
  if (days < LEAST_SHARED_DAYS) return weather.climatology;
  return {
    minC: longest.climatology.minC.map((c) => c + min / days),
    maxC: longest.climatology.maxC.map((c) => c + max / days),
  };
}

const measuredDays = ({ series }: StationWeather): number =>
  series.mark.reduce((n, mark) => n + (mark === DAY_MARK.measured ? 1 : 0), 0);
