import { asKnownOn } from '../weather/index.ts';
import { type DayNumber, dayRange, type DayRange, seasonFirstDay } from '../measure/index.ts';
import { Dating } from './dating.ts';
import { drawsFor, type Draws } from './draws.ts';
import { againMark, lengthMark } from '../growth/index.ts';
import type { ForecastInput, PartGrowth, SeasonClock } from './forecast-input.ts';
import { buildEnsemble, type Ensemble, Held, siteClimate } from '../climate/index.ts';
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
  const draws = ensemble
    ? drawsFor(years * DRAWS_PER_YEAR, input.stages.length, years)
    : drawsFor(CALENDAR_DRAWS, input.stages.length);
  const bounds = boundsOf(
    input.stages.map((s) => s.key),
    input.sightings,
    firstDay,
    input.spreadDays,
  );
  const datings = (input.clocks ?? [undefined]).map((clock) => new Dating(input, firstDay, ensemble, draws, clock));
  const { dates, weight } = datesOf(input, { datings, bounds, draws });
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
    marks: input.parts?.length
      ? marksOf(input.parts, new Dating(input, firstDay, ensemble, draws), firstDay)
      : new Map<string, Float64Array>(),
  };
}

/** Weights are shares of floating point: what lies nearer to 1 than this is 1. */
const WHOLE = 1 - 1e-9;
/** How likely a stage comes at all. */
function comes(clocks: readonly SeasonClock[] | undefined, stage: number): number {
  const likely = clocks?.reduce((sum, c) => sum + c.weights[stage]!, 0) ?? 1;
  return likely < WHOLE ? likely : 1;
}

/** Which draws of a stage each clock dates: they are shared out by the clocks' weights there. */
function ownDraws(clocks: readonly SeasonClock[], stage: number, { share, count }: Draws): readonly Int32Array[] {
  const all = comes(clocks, stage);
  const ends = clocks.map((_, k) => clocks.slice(0, k + 1).reduce((sum, c) => sum + c.weights[stage]!, 0) / all);
  const owner = (j: number): number => {
    const k = ends.findIndex((end) => share[j]! < end);
    return k < 0 ? clocks.length - 1 : k;
  };
  const own: number[][] = clocks.map(() => []);
  for (let j = 0; j < count; j++) own[owner(j)]!.push(j);
  return own.map((list) => Int32Array.from(list));
}

interface Dated {
  readonly datings: readonly Dating[];
  readonly bounds: readonly StageBounds[];
  readonly draws: Draws;
}

/** Dates of all stages by draw, and the draws' weights after what has been seen of them. */
function datesOf(
  { stages, clocks }: ForecastInput,
  { datings, bounds, draws }: Dated,
): { readonly dates: readonly Float64Array[]; readonly weight: Float64Array } {
  const weight = draws.weight.slice();
  const dates: Float64Array[] = [];
  const told: Float64Array[] = [];
  stages.forEach((_, s) => {
    const own = new Float64Array(draws.count);
    const shares = clocks && clocks.length > 1 ? ownDraws(clocks, s, draws) : [null];
    shares.forEach((mine, k) => {
      if (mine?.length !== 0) datings[k]!.dates(s, dates, own, mine);
    });
    // What has been seen to come does come.
    const isOut = bounds[s]!.by === null ? staysAway(comes(clocks, s), draws) : null;
    for (let j = 0; j < own.length; j++) weight[j]! *= sightingLikelihood(isOut?.(j) ? Infinity : own[j]!, bounds[s]!);
    spreadOverdue(own, bounds[s]!, draws);
    keepOrder(own, bounds[s]!, dates[s - 1]);
    dates.push(own);
    // What stays away holds up nothing behind it: leaves fall from trees that bore nothing.
    told.push(isOut ? own.map((day, j) => (isOut(j) ? Infinity : day)) : own);
  });
  return { dates: told, weight };
}

/** The draws in which a stage does not come; `null` where it always does. */
function staysAway(likely: number, { late, share }: Draws): ((draw: number) => boolean) | null {
  // Neither early nor late draws rather than others, nor those of one clock.
  return likely >= WHOLE ? null : (j) => (late[j]! + share[j]!) % 1 >= likely;
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

/** What is overdue comes within so large a share of how far it usually spreads and how late it is already (estimates). */
const OVERDUE_SHARE = 0.25;
const LEAST_OVERDUE_DAYS = 2;

/**
 * A draw on which a stage would have come by the last day on which it had not is not certain tomorrow because it is late: it comes
 * with a constant hazard from then on, the lower the more it spreads and the later it is.
 */
function spreadOverdue(own: Float64Array, { after }: StageBounds, { weight, late }: Draws): void {
  if (after === null) return;
  let [total, sum, squares] = [0, 0, 0];
  for (let j = 0; j < own.length; j++) {
    if (!Number.isFinite(own[j]!)) continue;
    total += weight[j]!;
    sum += weight[j]! * own[j]!;
    squares += weight[j]! * own[j]! ** 2;
  }
  if (total === 0) return;
  const mean = sum / total;
  const spread = Math.sqrt(Math.max(0, squares / total - mean * mean));
  const scale = Math.max(LEAST_OVERDUE_DAYS, OVERDUE_SHARE * (spread + Math.max(0, after - mean)));
  for (let j = 0; j < own.length; j++)
    if (own[j]! <= after) own[j] = after + 1 + Math.floor(-scale * Math.log(1 - Math.min(0.999, late[j]!)));
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

/** Stands of one place are forecast one after the other and have the same weather. */
const ENSEMBLES = new Held<Ensemble | null>(4);

function ensembleFor({ season, seasonStart, site, reference, asOf, ...rest }: ForecastInput): Ensemble | null {
  const weather = rest.weather && asKnownOn(rest.weather, asOf);
  if (!weather?.climatology) return null;
  const { series, climatology, heightM } = weather;
  return ENSEMBLES.get([weather], JSON.stringify([season, seasonStart, site, reference.canopy, asOf]), () =>
    buildEnsemble({
      series,
      climatology,
      season,
      seasonStart,
      latitudeDeg: site.latitudeDeg,
      asOf,
      site: siteClimate(heightM, site, reference.canopy),
    }),
  );
}
