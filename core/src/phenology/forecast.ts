import { linearSd, logSd, type DayNumber } from '../measure/index.ts';
import { drawnEffects, type StageEffects } from './effects.ts';
import { effectsOfProfile } from './learning/scales.ts';
import { usualOffsets } from './usual-year.ts';
import { drawsFor, type Draws } from './draws.ts';
import { dayOfLength } from './day-length.ts';
import {
  buildEnsemble,
  chilledBy,
  flushedBy,
  cumulateCold,
  cumulateFrosts,
  cumulateWarmth,
  type Ensemble,
} from './ensemble.ts';
import { hopkinsShiftDays, lapseShiftC, type Position } from './site.ts';
import { calendarDayInSeason, monthDayInSeason, seasonFirstDay, SEASON_HORIZON_DAYS } from './season.ts';
import { hopkinsDirection, spreadInDays, type MonthDay, type StageSpec } from './stage-model.ts';
import { boundsOf, sightingLikelihood, type StageBounds, type StageSighting } from './sighting.ts';
import type { Climatology, WeatherSeries } from './weather.ts';

export interface StationWeather {
  readonly series: WeatherSeries;
  readonly climatology: Climatology | null;
  readonly heightM: number;
}

export interface ForecastInput {
  readonly stages: readonly StageSpec[];
  readonly seasonStart: MonthDay;
  /** Where the profile's calendar days hold. */
  readonly reference: Position;
  readonly site: Position;
  readonly season: number;
  readonly weather: StationWeather | null;
  /** The day of knowledge: weather after it is unknown. */
  readonly asOf: DayNumber;
  /** Sightings of this season, made up to `asOf`. */
  readonly sightings: readonly StageSighting[];
  /** Spread within the stand, days: what its shares are worth; the usual one when left out. */
  readonly spreadDays?: number;
  /** What was learned of the season beforehand; left out, the profile's spread alone. */
  readonly effects?: StageEffects;
  /** By so much dates lie wider about their middle than reckoned, as past misses showed; 1 by itself. */
  readonly stretch?: number;
}

/** 10, 50 and 90 % days; a `null` lies beyond the season's horizon (the event may not come at all). */
export interface DayRange {
  readonly p10: DayNumber | null;
  readonly p50: DayNumber | null;
  readonly p90: DayNumber | null;
}

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
  const years = ensemble?.years.length ?? 0;
  const draws = drawsFor(ensemble ? years * DRAWS_PER_YEAR : CALENDAR_DRAWS, input.stages.length);
  const bounds = boundsOf(
    input.stages.map((s) => s.key),
    input.sightings,
    firstDay,
    input.spreadDays,
  );
  const dating = new Dating(input, firstDay, ensemble, draws);
  const weight = draws.weight.slice();
  const dates: Float64Array[] = [];
  input.stages.forEach((stage, s) => {
    const own = dating.dates(stage, s, dates);
    for (let j = 0; j < own.length; j++) weight[j]! *= sightingLikelihood(own[j]!, bounds[s]!);
    keepOrder(own, bounds[s]!, dates[s - 1]);
    dates.push(own);
  });
  const { stretch = 1 } = input;
  if (stretch !== 1)
    dates.forEach((own, s) => {
      const { p50 } = dayRange(own, weight, firstDay);
      if (p50 === null) return;
      const middle = p50 - firstDay;
      for (let j = 0; j < own.length; j++) own[j] = Math.round(middle + stretch * (own[j]! - middle));
      keepOrder(own, bounds[s]!, dates[s - 1]);
    });
  return {
    season: input.season,
    firstDay,
    basis: ensemble ? 'weather' : 'calendar',
    yearCount: years,
    knownUntil: ensemble && ensemble.knownDays > 0 ? firstDay + ensemble.knownDays - 1 : null,
    stages: input.stages.map((stage, s) => ({
      key: stage.key,
      dates: dates[s]!,
      seen: absoluteBounds(bounds[s]!, firstDay),
      reached: dayRange(dates[s]!, weight, firstDay),
    })),
    weight,
  };
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

/** Events are looked for from so many days before the season's first day (a window may open before its stage). */
const LEAD_DAYS = 120;

/**
 * 10, 50 and 90 % days of weighed dates counted from `firstDay`: the first day by which that share of the weight has
 * come. Dates are whole days, so a histogram does; infinite ones weigh in as "never".
 */
export function dayRange(dates: Float64Array, weight: Float64Array, firstDay: DayNumber): DayRange {
  const histogram = new Float64Array(LEAD_DAYS + SEASON_HORIZON_DAYS + LEAD_DAYS);
  let total = 0;
  for (let j = 0; j < dates.length; j++) {
    total += weight[j]!;
    const at = Math.max(0, dates[j]! + LEAD_DAYS);
    if (at < histogram.length) histogram[at]! += weight[j]!;
  }
  const days: (number | null)[] = [null, null, null];
  let sum = 0;
  let next = 0;
  for (let i = 0; i < histogram.length && next < 3; i++) {
    sum += histogram[i]!;
    while (next < 3 && sum >= PROBABILITIES[next]! * total * (1 - 1e-12) && sum > 0)
      days[next++] = firstDay + i - LEAD_DAYS;
  }
  return { p10: days[0]!, p50: days[1]!, p90: days[2]! };
}

const PROBABILITIES = [0.1, 0.5, 0.9] as const;

function absoluteBounds({ after, by }: StageBounds, firstDay: DayNumber): StageBounds {
  return { after: after === null ? null : after + firstDay, by: by === null ? null : by + firstDay };
}

function ensembleFor({ weather, season, seasonStart, site, asOf }: ForecastInput): Ensemble | null {
  if (!weather?.climatology) return null;
  const shiftC = lapseShiftC(weather.heightM, site.heightM);
  const { series, climatology } = weather;
  return buildEnsemble({ series, climatology, season, seasonStart, latitudeDeg: site.latitudeDeg, asOf, shiftC });
}

/** Dates stages of one season; holds the cumulated series that several stages share. */
class Dating {
  private readonly cumulated = new Map<string, Float64Array[]>();

  constructor(
    private readonly input: ForecastInput,
    private readonly firstDay: DayNumber,
    private readonly ensemble: Ensemble | null,
    private readonly draws: Draws,
  ) {
    this.drawn = drawnEffects(input.effects ?? effectsOfProfile(usualOffsets(input, input.season)), draws);
  }
  private readonly drawn: readonly Float64Array[];

  dates(stage: StageSpec, index: number, earlier: readonly Float64Array[]): Float64Array {
    const { model } = stage;
    switch (model.kind) {
      case 'calendar':
        return this.onCalendar(stage, index);
      case 'after':
        return this.afterDays(this.indexOf(model.stage, index), linearSd(model.days), model.days.value, index, earlier);
      case 'afterWarmth':
        return this.afterWarmth(stage, index, earlier);
      case 'firstFrost':
      case 'cooling':
      case 'thermal':
        return this.ensemble ? this.bySum(stage, index) : this.onCalendar(stage, index);
      case 'chill':
        return this.ensemble ? this.afterChill(stage, index, this.ensemble) : this.onCalendar(stage, index);
      case 'dayLength':
        return this.byDayLength(stage, index);
      case 'rain':
        return this.afterRain(stage, index);
    }
  }

  /** Effect of draw j on stage `index`, in standard deviations of the profile's figure. */
  private effect(j: number, index: number): number {
    return this.drawn[index]![j]!;
  }

  private onCalendar(stage: StageSpec, index: number): Float64Array {
    const { site, reference, stages } = this.input;
    const direction = hopkinsDirection(stage, stages);
    const usual = calendarDayInSeason(this.firstDay, stage.calendar.value, site.latitudeDeg) - this.firstDay;
    const shift = direction === 'none' ? 0 : hopkinsShiftDays(reference, site, direction);
    const sd = linearSd(stage.calendar);
    return this.each((j) => Math.round(usual + shift + sd * this.effect(j, index)));
  }

  private bySum(stage: StageSpec, index: number): Float64Array {
    const { model } = stage;
    if (model.kind !== 'thermal' && model.kind !== 'cooling' && model.kind !== 'firstFrost')
      throw new RangeError('no sum');
    const start = this.startOf(model.start);
    if (model.kind === 'firstFrost') {
      const frosts = this.series(`f${model.thresholdC.value}:${start}`, (e) =>
        cumulateFrosts(e, model.thresholdC.value, start),
      );
      return this.each((_, m) => crossing(frosts[m]!, 1, 0));
    }
    const cold = model.kind === 'cooling';
    const cutoffC = model.kind === 'thermal' ? (model.cutoffC?.value ?? Infinity) : Infinity;
    const sums = this.series(`${model.kind}${model.baseC.value}:${cutoffC}:${start}`, (e) =>
      cold ? cumulateCold(e, model.baseC.value, start) : cumulateWarmth(e, model.baseC.value, cutoffC, start),
    );
    const sd = logSd(model.sum);
    return this.each((j, m) => crossing(sums[m]!, model.sum.value * Math.exp(sd * this.effect(j, index)), 0));
  }

  private startOf(monthDay: MonthDay): number {
    return monthDayInSeason(this.firstDay, monthDay, this.input.site.latitudeDeg) - this.firstDay;
  }

  private afterChill({ model }: StageSpec, index: number, ensemble: Ensemble): Float64Array {
    if (model.kind !== 'chill') throw new RangeError('no chill');
    const chilled = chilledBy(ensemble, {
      thresholdC: model.chillBelowC.value,
      days: model.chillDays.value,
      startIndex: this.startOf(model.start),
    });
    const sums = this.warmthFrom(model.baseC.value);
    const sd = logSd(model.sum);
    return this.each((j, m) => {
      const from = chilled[m]!;
      if (!Number.isFinite(from)) return Infinity;
      return crossing(sums[m]!, sums[m]![from]! + model.sum.value * Math.exp(sd * this.effect(j, index)), from);
    });
  }

  private byDayLength(stage: StageSpec, index: number): Float64Array {
    const { model } = stage;
    if (model.kind !== 'dayLength') throw new RangeError('no day length');
    const from = this.firstDay + this.startOf(model.start);
    const day = dayOfLength(from, this.input.site.latitudeDeg, { hours: model.hours.value, turn: model.turn });
    if (day === null) return this.onCalendar(stage, index);
    const sd = spreadInDays(stage.calendar);
    return this.each((j) => Math.round(day - this.firstDay + sd * this.effect(j, index)));
  }

  private afterRain(stage: StageSpec, index: number): Float64Array {
    const { model } = stage;
    if (model.kind !== 'rain') throw new RangeError('no rain');
    const flushed =
      this.ensemble &&
      flushedBy(this.ensemble, { ...model, rainMm: model.rainMm.value, startIndex: this.startOf(model.start) });
    if (!flushed) return this.onCalendar(stage, index);
    const sd = spreadInDays(model.days);
    return this.each((j, m) =>
      Math.max(flushed[m]!, Math.round(flushed[m]! + model.days.value + sd * this.effect(j, index))),
    );
  }

  /** Warmth over a base from the season's first day on, for what starts counting somewhere within it. */
  private warmthFrom(baseC: number): Float64Array[] {
    return this.series(`thermal${baseC}:Infinity:0`, (e) => cumulateWarmth(e, baseC, Infinity, 0));
  }

  private afterWarmth(stage: StageSpec, index: number, earlier: readonly Float64Array[]): Float64Array {
    const { model } = stage;
    if (model.kind !== 'afterWarmth') throw new RangeError('not after warmth');
    const base = this.indexOf(model.stage, index);
    if (!this.ensemble) {
      const spec = this.input.stages[base]!;
      return this.afterDays(base, linearSd(stage.calendar), stage.calendar.value - spec.calendar.value, index, earlier);
    }
    const sums = this.warmthFrom(model.baseC.value);
    const sd = logSd(model.sum);
    return this.each((j, m) => {
      const from = earlier[base]![j]!;
      if (!(from < SEASON_HORIZON_DAYS)) return Infinity;
      const at = Math.max(0, from);
      return crossing(sums[m]!, sums[m]![at]! + model.sum.value * Math.exp(sd * this.effect(j, index)), at);
    });
  }

  private afterDays(
    base: number,
    sd: number,
    days: number,
    index: number,
    earlier: readonly Float64Array[],
  ): Float64Array {
    return this.each((j) =>
      Math.max(earlier[base]![j]!, Math.round(earlier[base]![j]! + days + sd * this.effect(j, index))),
    );
  }

  private indexOf(key: string, index: number): number {
    const base = this.input.stages.findIndex((s) => s.key === key);
    if (base < 0 || base >= index)
      throw new RangeError(`stage ${this.input.stages[index]!.key} must come after ${key}`);
    return base;
  }

  private series(key: string, make: (ensemble: Ensemble) => Float64Array[]): Float64Array[] {
    let made = this.cumulated.get(key);
    if (!made) this.cumulated.set(key, (made = make(this.ensemble!)));
    return made;
  }

  private each(date: (draw: number, member: number) => number): Float64Array {
    const members = this.ensemble?.years.length ?? 1;
    const out = new Float64Array(this.draws.count);
    for (let j = 0; j < out.length; j++) out[j] = date(j, j % members);
    return out;
  }
}

/** First index from `from` on at which a rising series reaches the threshold; Infinity when it never does. */
function crossing(rising: Float64Array, threshold: number, from: number): number {
  let low = from;
  let high = rising.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (rising[middle]! >= threshold) high = middle;
    else low = middle + 1;
  }
  return low < rising.length ? low : Infinity;
}
