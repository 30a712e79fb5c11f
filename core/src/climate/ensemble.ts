import { dayOfYear, type DayNumber, seasonFirstDay, SEASON_HORIZON_DAYS, type MonthDay } from '../measure/index.ts';
import { DAY_MARK, lastMeasuredDay, type Climatology, type WeatherSeries } from '../weather/index.ts';
import { Held } from './held.ts';
import type { SiteClimate } from './site-climate.ts';

/** This year's anomaly is taken over so many last known days and fades with this e-folding time. */
const ANOMALY_WINDOW_DAYS = 14;
export const ANOMALY_FADING_DAYS = 21;
/** An outlook day k days ahead counts 1 − k / 12, the ensemble the rest: its error grows with the distance. */
const OUTLOOK_REACH_DAYS = 12;
/** A past year must have measured this share of the season's remaining days to continue the present one. */
const LEAST_COVER = 0.8;

/**
 * This season as it went at the station up to the last known day, continued once by every past season.
 * `minC[m][i]` is member m's minimum on day i of the season; all members share the days up to `sharedDays − 1`.
 */
export interface StationSeason {
  readonly firstDay: DayNumber;
  /** Days of the season up to the last that was measured, 0 before it starts. */
  readonly knownDays: number;
  /** Days from the season's first on that all members share: up to the first that nobody measured. */
  readonly sharedDays: number;
  readonly minC: readonly Float64Array[];
  readonly maxC: readonly Float64Array[];
  /** Rain of every member's days, mm; an unmeasured day counts as dry. `null` where the station does not measure it. */
  readonly rainMm: readonly Float64Array[] | null;
  /** Years that continue it, newest first. */
  readonly years: readonly number[];
}

/** The same for a place: the station's season, which all places by it share, and what makes it the place's. */
export interface Ensemble {
  readonly station: StationSeason;
  /** Added to the station's minimum and maximum, °C, by day of the season. */
  readonly shift: Extremes;
  /** Warmth above a base counts by so much more or less than the temperatures say. */
  readonly warmthFactor: number;
}

/** Lowest and highest of every day of a season, °C. */
interface Extremes {
  readonly minC: Float64Array;
  readonly maxC: Float64Array;
}

export interface EnsembleOptions {
  readonly series: WeatherSeries;
  readonly climatology: Climatology;
  readonly season: number;
  readonly seasonStart: MonthDay;
  readonly latitudeDeg: number;
  /** Weather after this day counts as unknown. */
  readonly asOf: DayNumber;
  /** What turns the station's temperatures into the patch's. */
  readonly site: SiteClimate;
}

/** A place's season from that of its station. */
export function atSite(station: StationSeason, { minC, maxC, warmthFactor }: SiteClimate): Ensemble {
  const firstOfRing = dayOfYear(station.firstDay) - 1;
  const ofSeason = (ring: Float64Array): Float64Array => {
    const days = new Float64Array(SEASON_HORIZON_DAYS);
    for (let i = 0; i < days.length; i++) days[i] = ring[(firstOfRing + i) % 366]!;
    return days;
  };
  return { station, shift: { minC: ofSeason(minC), maxC: ofSeason(maxC) }, warmthFactor };
}

/** Minimum and maximum of one day of a member at the place, °C. */
export function extremesOn({ station, shift }: Ensemble, member: number, i: number): readonly [number, number] {
  const low = station.minC[member]![i]! + shift.minC[i]!;
  const high = station.maxC[member]![i]! + shift.maxC[i]!;
  // Where shade has drawn the minimum above the maximum, both are their mean: a grey day is as cool in a wood.
  return low > high ? [(low + high) / 2, (low + high) / 2] : [low, high];
}

/** Places by one station are asked about one after the other: its last few seasons are held. */
const SEASONS = new Held<StationSeason | null>(6);

/**
 * Ensemble of a season: real days up to `asOf`, then each past season of the station with this year's anomaly added
 * and fading over about three weeks; an outlook in the series is blended in with falling weight.
 * `null` when no past season covers what is left of this one.
 * Cost: members × 485 days.
 */
export function buildEnsemble({ site, ...options }: EnsembleOptions): Ensemble | null {
  const { series, climatology, season, seasonStart, latitudeDeg, asOf } = options;
  const key = `${seasonFirstDay(season, seasonStart, latitudeDeg)}:${asOf}`;
  const station = SEASONS.get([series, climatology], key, () => stationSeason(options));
  return station && atSite(station, site);
}

function stationSeason(options: Omit<EnsembleOptions, 'site'>): StationSeason | null {
  const { series, season, seasonStart, latitudeDeg, asOf } = options;
  const firstDay = seasonFirstDay(season, seasonStart, latitudeDeg);
  const lastKnown = Math.min(asOf, lastMeasuredDay(series) ?? -Infinity);
  const knownDays = Math.max(0, Math.min(SEASON_HORIZON_DAYS, lastKnown - firstDay + 1));
  const common = commonOf(options, firstDay, lastKnown);
  const seen = seenDays(common);
  const minC: Float64Array[] = [];
  const maxC: Float64Array[] = [];
  const rainMm: Float64Array[] = [];
  const years: number[] = [];
  for (let year = season - 1; seasonFirstDay(year + 1, seasonStart, latitudeDeg) >= series.firstDay; year--) {
    const sourceFirst = seasonFirstDay(year, seasonStart, latitudeDeg);
    if (!covers(series, sourceFirst + Math.min(common.seenTo, 300), sourceFirst + 365, lastKnown)) continue;
    const member = continuedBy(common, seen, sourceFirst);
    if (series.rainMm) rainMm.push(rainOf(series.rainMm, common, sourceFirst));
    minC.push(member.minC);
    maxC.push(member.maxC);
    years.push(year);
  }
  if (years.length === 0) return null;
  return { firstDay, knownDays, sharedDays: common.sharedDays, minC, maxC, rainMm: series.rainMm && rainMm, years };
}

/** What is the same for every member, worked out once: the usual day, the fading anomaly, the outlook's weight. */
function commonOf(
  { series, climatology }: Pick<EnsembleOptions, 'series' | 'climatology'>,
  firstDay: DayNumber,
  lastKnown: DayNumber,
): Common {
  const anomalyC = recentAnomaly(series, climatology, lastKnown);
  const { firstDay: first, mark } = series;
  const usual = { minC: new Float64Array(SEASON_HORIZON_DAYS), maxC: new Float64Array(SEASON_HORIZON_DAYS) };
  const drift = new Float64Array(SEASON_HORIZON_DAYS);
  const outlook = new Float64Array(SEASON_HORIZON_DAYS);
  const firstOfRing = dayOfYear(firstDay) - 1;
  for (let i = 0; i < SEASON_HORIZON_DAYS; i++) {
    const k = (firstOfRing + i) % 366;
    usual.minC[i] = climatology.minC[k]!;
    usual.maxC[i] = climatology.maxC[k]!;
    const ahead = firstDay + i - lastKnown;
    if (ahead <= 0) continue;
    drift[i] = anomalyC * Math.exp(-ahead / ANOMALY_FADING_DAYS);
    if (ahead < OUTLOOK_REACH_DAYS && mark[firstDay + i - first] === DAY_MARK.outlook)
      outlook[i] = 1 - ahead / OUTLOOK_REACH_DAYS;
  }
  // Days that are known are the same for every member as well.
  const seenFrom = Math.max(0, first - firstDay);
  const seenTo = Math.max(0, first - firstDay, Math.min(SEASON_HORIZON_DAYS, lastKnown - firstDay + 1));
  return {
    series,
    usual,
    drift,
    outlook,
    seenFrom,
    seenTo,
    sharedDays: seenFrom > 0 ? 0 : firstUnmeasured(series, firstDay, seenTo),
    firstDay,
    lastIndex: lastKnown - first,
  };
}

/** Index of the first day of the season before `end` that nobody measured; `end` where there is none. */
function firstUnmeasured({ mark, firstDay: first }: WeatherSeries, firstDay: DayNumber, end: number): number {
  for (let i = 0; i < end; i++) if (mark[firstDay + i - first] === DAY_MARK.climatology) return i;
  return end;
}

/** What is the same for every member, by day of the season. */
interface Common {
  readonly series: WeatherSeries;
  readonly usual: Extremes;
  /** This year's anomaly, fading. */
  readonly drift: Float64Array;
  /** Weight of the outlook. */
  readonly outlook: Float64Array;
  /** Days of the season that are known: from the first, before the second. */
  readonly seenFrom: number;
  readonly seenTo: number;
  readonly sharedDays: number;
  readonly firstDay: DayNumber;
  /** Index of the last known day in the series. */
  readonly lastIndex: number;
}

function seenDays({ series, seenFrom, seenTo, firstDay }: Common): Extremes {
  const minC = new Float64Array(SEASON_HORIZON_DAYS);
  const maxC = new Float64Array(SEASON_HORIZON_DAYS);
  const from = firstDay + seenFrom - series.firstDay;
  const to = firstDay + seenTo - series.firstDay;
  minC.set(series.minC.subarray(from, to), seenFrom);
  maxC.set(series.maxC.subarray(from, to), seenFrom);
  return { minC, maxC };
}

/** What is known of a season, continued by the year that begins on `sourceFirst`. */
function continuedBy(common: Common, seen: Extremes, sourceFirst: DayNumber): Extremes {
  const { series, usual, drift, outlook, seenFrom, seenTo, firstDay, lastIndex } = common;
  const { firstDay: first, minC: ownMin, maxC: ownMax, mark } = series;
  const minC = seen.minC.slice();
  const maxC = seen.maxC.slice();
  for (let i = 0; i < SEASON_HORIZON_DAYS; i++) {
    const seen = i >= seenFrom && i < seenTo;
    // A day that nobody measured is no better known for lying behind us: each member has its own.
    if (seen && mark[firstDay + i - first] !== DAY_MARK.climatology) continue;
    const own = firstDay + i - first;
    const source = sourceFirst + i - first;
    const known = source >= 0 && source <= lastIndex;
    let low = (known ? ownMin[source]! : usual.minC[i]!) + drift[i]!;
    let high = (known ? ownMax[source]! : usual.maxC[i]!) + drift[i]!;
    const weight = outlook[i]!;
    if (weight > 0) {
      low += weight * (ownMin[own]! - low);
      high += weight * (ownMax[own]! - high);
    }
    minC[i] = low;
    maxC[i] = high;
  }
  return { minC, maxC };
}

/** Rain of one member: of this season as far as it is known, then that of the year that continues it. */
function rainOf(
  rainMm: Float64Array,
  { series: { firstDay: first }, firstDay, lastIndex }: Common,
  sourceFirst: DayNumber,
): Float64Array {
  const out = new Float64Array(SEASON_HORIZON_DAYS);
  for (let i = 0; i < SEASON_HORIZON_DAYS; i++) {
    const own = firstDay + i - first;
    const at = own >= 0 && own <= lastIndex ? own : sourceFirst + i - first;
    const mm = at >= 0 && at <= lastIndex ? rainMm[at]! : NaN;
    out[i] = Number.isNaN(mm) ? 0 : mm;
  }
  return out;
}

/** Mean departure from the climatology over the last known days, °C; 0 with nothing known. */
function recentAnomaly(series: WeatherSeries, climatology: Climatology, lastKnown: DayNumber): number {
  let sum = 0,
    n = 0;
  for (let day = lastKnown - ANOMALY_WINDOW_DAYS + 1; day <= lastKnown; day++) {
    const i = day - series.firstDay;
    if (i < 0 || i >= series.minC.length) continue;
    const k = dayOfYear(day) - 1;
    sum += (series.minC[i]! + series.maxC[i]! - climatology.minC[k]! - climatology.maxC[k]!) / 2;
    n++;
  }
  return n === 0 ? 0 : sum / n;
}

function covers(series: WeatherSeries, from: DayNumber, to: DayNumber, lastKnown: DayNumber): boolean {
  const first = Math.max(from, series.firstDay);
  const last = Math.min(to - 1, lastKnown, series.firstDay + series.minC.length - 1);
  let measured = 0;
  for (let i = first - series.firstDay; i <= last - series.firstDay; i++)
    if (series.mark[i] === DAY_MARK.measured || series.mark[i] === DAY_MARK.interpolated) measured++;
  return measured >= LEAST_COVER * (to - from);
}
