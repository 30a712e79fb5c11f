import {
  linearSd,
  logSd,
  type DayNumber,
  type Figure,
  calendarDayInSeason,
  monthDayInSeason,
  SEASON_HORIZON_DAYS,
  type MonthDay,
} from '../measure/index.ts';
import { dayOfLength, hoursOf } from './day-length.ts';
import { drawsFor, type Draws } from './draws.ts';
import { drawnEffects } from './effects.ts';
import {
  chilledBy,
  cumulateCold,
  cumulateCurve,
  cumulateFrosts,
  cumulateWarmth,
  flushedBy,
  keptSums,
  type Ensemble,
} from '../climate/index.ts';
import type { ForecastInput, SeasonClock } from './forecast-input.ts';
import { sumForLength, type GrowthFit, type GrowthSpec } from '../growth/index.ts';
import { hopkinsShiftDays } from '../weather/index.ts';
import { effectsOfProfile } from './scales.ts';
import { hopkinsDirection, spreadInDays, type StageSpec } from './stage-model.ts';
import { usualOffsets } from './usual-year.ts';

/** Dimensions of draws for growth, beside those of the stages. */
const APART = 4;

/** Day of the season on which a draw, in one of the weather years, reaches a stage; Infinity for never. */
type DateOf = (draw: number, year: number) => number;

/** Dates stages of one season. */
export class Dating {
  constructor(
    private readonly input: ForecastInput,
    private readonly firstDay: DayNumber,
    private readonly ensemble: Ensemble | null,
    private readonly draws: Draws,
    clock?: SeasonClock,
  ) {
    this.stages = clock?.stages ?? input.stages;
    this.drawn = drawnEffects(clock?.effects ?? effectsOfProfile(usualOffsets(input, input.season)), draws);
  }
  /** The stages as this clock has them. */
  readonly stages: readonly StageSpec[];
  private readonly drawn: readonly Float64Array[];

  /**
   * Dates of a stage, put where the draws have their place.
   * @param mine the draws that this clock dates; `null` for all
   */
  dates(index: number, earlier: readonly Float64Array[], into: Float64Array, mine: Int32Array | null): void {
    const date = this.dateOf(this.stages[index]!, index, earlier);
    const years = this.years;
    if (mine) for (const j of mine) into[j] = date(j, j % years);
    else for (let j = 0; j < into.length; j++) into[j] = date(j, j % years);
  }

  private dateOf(stage: StageSpec, index: number, earlier: readonly Float64Array[]): DateOf {
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

  private onCalendar(stage: StageSpec, index: number): DateOf {
    const { stages } = this;
    const { site, reference } = this.input;
    const direction = hopkinsDirection(stage, stages);
    const usual = calendarDayInSeason(this.firstDay, stage.calendar.value, site.latitudeDeg) - this.firstDay;
    const shift = direction === 'none' ? 0 : hopkinsShiftDays(reference, site, direction);
    const sd = linearSd(stage.calendar);
    return (j) => Math.round(usual + shift + sd * this.effect(j, index));
  }

  private bySum(stage: StageSpec, index: number): DateOf {
    const { model } = stage;
    if (model.kind !== 'thermal' && model.kind !== 'cooling' && model.kind !== 'firstFrost')
      throw new RangeError('no sum');
    const start = this.startOf(model.start);
    if (model.kind === 'firstFrost') {
      const frosts = this.series(`f${model.thresholdC.value}:${start}`, (e) =>
        cumulateFrosts(e, model.thresholdC.value, start),
      );
      return (_, m) => crossing(frosts[m]!, 1, 0);
    }
    const cold = model.kind === 'cooling';
    const cutoffC = model.kind === 'thermal' ? (model.cutoffC?.value ?? Infinity) : Infinity;
    const curve = model.kind === 'thermal' ? model.curve : undefined;
    const by = curve ? `curve${curve.middleC}:${curve.perC}` : `${model.kind}${model.baseC.value}:${cutoffC}`;
    const sums = this.series(`${by}:${start}`, (e) =>
      curve
        ? cumulateCurve(e, curve, start)
        : cold
          ? cumulateCold(e, model.baseC.value, start)
          : cumulateWarmth(e, model.baseC.value, cutoffC, start),
    );
    const sd = logSd(model.sum);
    return (j, m) => crossing(sums[m]!, model.sum.value * Math.exp(sd * this.effect(j, index)), 0);
  }

  private startOf(monthDay: MonthDay): number {
    return monthDayInSeason(this.firstDay, monthDay, this.input.site.latitudeDeg) - this.firstDay;
  }

  private afterChill({ model }: StageSpec, index: number, ensemble: Ensemble): DateOf {
    if (model.kind !== 'chill') throw new RangeError('no chill');
    const chilled = chilledBy(ensemble, {
      thresholdC: model.chillBelowC.value,
      days: model.chillDays.value,
      startIndex: this.startOf(model.start),
    });
    const sums = this.warmthFrom(model.baseC.value);
    const sd = logSd(model.sum);
    return (j, m) => {
      const from = chilled[m]!;
      if (!Number.isFinite(from)) return Infinity;
      return crossing(sums[m]!, sums[m]![from]! + model.sum.value * Math.exp(sd * this.effect(j, index)), from);
    };
  }

  private byDayLength(stage: StageSpec, index: number): DateOf {
    const { model } = stage;
    if (model.kind !== 'dayLength') throw new RangeError('no day length');
    const from = this.firstDay + this.startOf(model.start);
    const { latitudeDeg } = this.input.site;
    const day = dayOfLength(from, latitudeDeg, { hours: hoursOf(model, from, latitudeDeg), turn: model.turn });
    if (day === null) return this.onCalendar(stage, index);
    const sd = spreadInDays(stage.calendar);
    return (j) => Math.round(day - this.firstDay + sd * this.effect(j, index));
  }

  private afterRain(stage: StageSpec, index: number): DateOf {
    const { model } = stage;
    if (model.kind !== 'rain') throw new RangeError('no rain');
    const flushed =
      this.ensemble &&
      flushedBy(this.ensemble, { ...model, rainMm: model.rainMm.value, startIndex: this.startOf(model.start) });
    if (!flushed) return this.onCalendar(stage, index);
    const sd = spreadInDays(model.days);
    return (j, m) => Math.max(flushed[m]!, Math.round(flushed[m]! + model.days.value + sd * this.effect(j, index)));
  }

  private warmthSince(start: MonthDay, baseC: number): readonly Float64Array[] {
    const at = this.startOf(start);
    return this.series(`thermal${baseC}:Infinity:${at}`, (e) => cumulateWarmth(e, baseC, Infinity, at));
  }

  /** Warmth over a base from the season's first day on, for what starts counting somewhere within it. */
  private warmthFrom(baseC: number): readonly Float64Array[] {
    return this.series(`thermal${baseC}:Infinity:0`, (e) => cumulateWarmth(e, baseC, Infinity, 0));
  }

  private afterWarmth(stage: StageSpec, index: number, earlier: readonly Float64Array[]): DateOf {
    const { model } = stage;
    if (model.kind !== 'afterWarmth') throw new RangeError('not after warmth');
    const base = this.indexOf(model.stage, index);
    if (!this.ensemble) {
      const spec = this.stages[base]!;
      return this.afterDays(base, linearSd(stage.calendar), stage.calendar.value - spec.calendar.value, index, earlier);
    }
    const sums = this.warmthFrom(model.baseC.value);
    const sd = logSd(model.sum);
    return (j, m) => {
      const from = earlier[base]![j]!;
      if (!(from < SEASON_HORIZON_DAYS)) return Infinity;
      const at = Math.max(0, from);
      return crossing(sums[m]!, sums[m]![at]! + model.sum.value * Math.exp(sd * this.effect(j, index)), at);
    };
  }

  private afterDays(base: number, sd: number, days: number, index: number, earlier: readonly Float64Array[]): DateOf {
    return (j) => Math.max(earlier[base]![j]!, Math.round(earlier[base]![j]! + days + sd * this.effect(j, index)));
  }

  /** When a part reaches a length; `null` without weather. */
  whenLong({ start, baseC }: GrowthSpec, { mean, covariance }: GrowthFit, lengthCm: number): Float64Array | null {
    if (!this.ensemble) return null;
    const sums = this.warmthSince(start, baseC.value);
    const drawn = drawnEffects({ mean, covariance }, this.apart());
    return this.each((j, m) =>
      crossing(
        sums[m]!,
        sumForLength(
          drawn.map((d) => d[j]!),
          lengthCm,
        ),
        0,
      ),
    );
  }

  /** When so much warmth has been gathered since a cut; `null` without weather. */
  afterCut(from: number, baseC: number, sum: Figure): Float64Array | null {
    if (!this.ensemble) return null;
    const sums = this.warmthFrom(baseC);
    const { own } = this.apart();
    const sd = logSd(sum);
    // How fast one stand comes again: the same for the opening and the closing of what comes.
    return this.each((j, m) => crossing(sums[m]!, sums[m]![from]! + sum.value * Math.exp(sd * own[0]![j]!), from));
  }

  /** Draws that run together with none of the stages'. */
  private apart(): Draws {
    const { count } = this.draws;
    const [season, ...own] = drawsFor(count, this.stages.length + APART, this.years).own.slice(-APART);
    return { ...this.draws, season: season!, own: [season!, ...own] };
  }

  private indexOf(key: string, index: number): number {
    const base = this.stages.findIndex((s) => s.key === key);
    if (base < 0 || base >= index) throw new RangeError(`stage ${this.stages[index]!.key} must come after ${key}`);
    return base;
  }

  private series(key: string, make: (ensemble: Ensemble) => Float64Array[]): readonly Float64Array[] {
    return keptSums(this.ensemble!, key, make);
  }

  private get years(): number {
    return this.ensemble?.station.years.length ?? 1;
  }

  private each(date: DateOf): Float64Array {
    const { years } = this;
    return Float64Array.from({ length: this.draws.count }, (_, j) => date(j, j % years));
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
