import type { StationWeather } from '../weather/index.ts';
import { type DayNumber, dayRange, type DayRange, seasonFirstDay } from '../measure/index.ts';
import { Dating } from './dating.ts';
import { drawsFor } from './draws.ts';
import { againMark, lengthMark } from '../growth/index.ts';
import type { ForecastInput, PartGrowth } from './forecast-input.ts';
import { buildEnsemble, type Ensemble, siteClimate } from '../climate/index.ts';
import { boundsOf, sightingLikelihood } from './sighting.ts';
import type { StageBounds } from './stage-sighting.ts';

export interface StageForecast {
  readonly key: string;
  readonly reached: DayRange;
  /** Bounds that sightings of this season set. */
  readonly seen: StageBounds;
  /** `dates[j]`: day of the season on which draw j reaches the stage, Infinity for not within the horizon. */
  readonly dates: Float64Array;
}

export interface SeasonForecast {
  readonly season: number;
  readonly firstDay: DayNumber;
  /** What it stands on: the station's weather and past years, or the profile's calendar alone. */
  readonly basis: 'weather' | 'calendar';
  /** Past years that continue this one, 0 on the calendar. */
  readonly yearCount: number;
  readonly knownUntil: DayNumber | null;
  readonly stages: readonly StageForecast[];
  readonly weight: Float64Array;
  /** Dates of lengths and of what comes again, as those of stages; see `lengthMark` and `againMark`. */
  readonly marks: ReadonlyMap<string, Float64Array>;
}

const DRAWS_PER_YEAR = 24;
const CALENDAR_DRAWS = 480;

/**
 * When each stage of a stand is reached in one season, as seen on `asOf`.
 *
 * Past years of the station continue this year's weather; each continuation is combined with thresholds drawn from
 * the profile's spread, with a season effect shared by the stages (so a season that is early stays early); draws are
 * weighed by how well they agree with what has been seen, and a stage that was seen keeps to its bounds.
 * Without weather, or with less than one past season, the profile's calendar days moved by Hopkins' law stand in.
 *
 * @throws RangeError when a stage refers to one that does not come before it.
 * Cost: years × 24 draws × stages × log(days), plus years × 485 days for each different base temperature.
 */
export function forecastSeason(input: ForecastInput): SeasonForecast {
  const firstDay = seasonFirstDay(input.season, input.seasonStart, input.site.latitudeDeg);
  const ensemble = ensembleFor(input);
  const years = ensemble?.station.years.length ?? 0;
  const draws = drawsFor(ensemble ? years * DRAWS_PER_YEAR : CALENDAR_DRAWS, input.stages.length);
  const bounds = boundsOf(
    input.stages.map((s) => s.key),
    input.sightings,
    firstDay,
    input.spreadDays,
  );
  const dating = new Dating(input, firstDay, ensemble, draws);
  const { dates, weight } = datesOf(input, { dating, bounds, firstDay, prior: draws.weight });
  return {
    season: input.season,
    firstDay,
    basis: ensemble ? 'weather' : 'calendar',
    yearCount: years,
    knownUntil: ensemble && ensemble.station.knownDays > 0 ? firstDay + ensemble.station.knownDays - 1 : null,
    stages: input.stages.map((stage, s) => ({
      key: stage.key,
      dates: dates[s]!,
      seen: absoluteBounds(bounds[s]!, firstDay),
      reached: dayRange(dates[s]!, weight, firstDay),
    })),
    weight,
    marks: marksOf(input.parts ?? [], dating, firstDay),
  };
}

interface Dated {
  readonly dating: Dating;
  readonly bounds: readonly StageBounds[];
  readonly firstDay: DayNumber;
  /** Weights of the draws before anything was seen. */
  readonly prior: Float64Array;
}

/** Dates of all stages by draw, and the draws' weights after what has been seen of them. */
function datesOf(
  { stages, stretch = 1 }: ForecastInput,
  { dating, bounds, firstDay, prior }: Dated,
): { readonly dates: readonly Float64Array[]; readonly weight: Float64Array } {
  const weight = prior.slice();
  const dates: Float64Array[] = [];
  stages.forEach((stage, s) => {
    const own = dating.dates(stage, s, dates);
    for (let j = 0; j < own.length; j++) weight[j]! *= sightingLikelihood(own[j]!, bounds[s]!);
    keepOrder(own, bounds[s]!, dates[s - 1]);
    dates.push(own);
  });
  if (stretch !== 1)
    dates.forEach((own, s) => {
      const { p50 } = dayRange(own, weight, firstDay);
      if (p50 === null) return;
      const middle = p50 - firstDay;
      for (let j = 0; j < own.length; j++) own[j] = Math.round(middle + stretch * (own[j]! - middle));
      keepOrder(own, bounds[s]!, dates[s - 1]);
    });
  return { dates, weight };
}

function marksOf(parts: readonly PartGrowth[], dating: Dating, firstDay: DayNumber): ReadonlyMap<string, Float64Array> {
  const marks = new Map<string, Float64Array>();
  const put = (key: string, dates: Float64Array | null): void => void (dates && marks.set(key, dates));
  for (const { part, measured, cut } of parts) {
    for (const cm of measured?.lengthsCm ?? [])
      put(lengthMark(part, cm), dating.whenLong(measured!.spec, measured!.fit, cm));
    if (!cut) continue;
    const { baseC, opensSum, closesSum } = cut.regrowth;
    const from = cut.day - firstDay;
    put(againMark(part, 'opens'), dating.afterCut(from, baseC.value, opensSum));
    put(againMark(part, 'closes'), dating.afterCut(from, baseC.value, closesSum));
  }
  return marks;
}

/** Dates keep to what was seen of the stage, and come no earlier than the stage before. */
function keepOrder(own: Float64Array, { after, by }: StageBounds, previous: Float64Array | undefined): void {
  for (let j = 0; j < own.length; j++) {
    let day = own[j]!;
    if (after !== null && day <= after) day = after + 1;
    if (by !== null && day > by) day = by;
    own[j] = previous && day < previous[j]! ? previous[j]! : day;
  }
}

function absoluteBounds({ after, by }: StageBounds, firstDay: DayNumber): StageBounds {
  return { after: after === null ? null : after + firstDay, by: by === null ? null : by + firstDay };
}

/** Stands of one place are forecast one after the other and have the same weather: the last few ensembles are held. */
const MOST_HELD = 4;
const held: { readonly weather: StationWeather; readonly key: string; readonly ensemble: Ensemble | null }[] = [];

function ensembleFor({ weather, season, seasonStart, site, reference, asOf }: ForecastInput): Ensemble | null {
  if (!weather?.climatology) return null;
  const { series, climatology, heightM } = weather;
  const key = JSON.stringify([season, seasonStart, site, reference.canopy, asOf]);
  const before = held.find((h) => h.weather === weather && h.key === key);
  if (before) return before.ensemble;
  const ensemble = buildEnsemble({
    series,
    climatology,
    season,
    seasonStart,
    latitudeDeg: site.latitudeDeg,
    asOf,
    site: siteClimate(heightM, site, reference.canopy),
  });
  held.push({ weather, key, ensemble });
  if (held.length > MOST_HELD) held.shift();
  return ensemble;
}
