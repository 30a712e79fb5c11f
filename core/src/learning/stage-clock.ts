import {
  dayOfYear,
  type DayNumber,
  calendarDayInSeason,
  monthDayInSeason,
  seasonFirstDay,
  SEASON_HORIZON_DAYS,
  type MonthDay,
  spreadOfSum,
} from '../measure/index.ts';
import {
  dayOfLength,
  hoursOf,
  type Reference,
  hopkinsDirection,
  spreadInDays,
  type StageSpec,
  type StageBounds,
} from '../stages/index.ts';
import {
  atSite,
  chilledBy,
  cumulateCold,
  cumulateWarmth,
  flushedBy,
  type Ensemble,
  siteClimate,
  type Site,
} from '../climate/index.ts';
import { hopkinsShiftDays, type StationWeather } from '../weather/index.ts';

/**
 * The measure in which a stage is early or late in one season of one place: 0 where the profile expects it, 1 where it comes
 * one standard deviation of the profile later. It runs on warmth where the stage does, else on days.
 */
export interface StageClock {
  /** Position of a day of the season; −Infinity before anything has been gathered, never falling. */
  readonly at: (day: number) => number;
  /** Day of the season on which the profile expects it; Infinity where it would not come. */
  readonly expected: number;
}

export interface SeasonPlace {
  readonly stages: readonly StageSpec[];
  readonly seasonStart: MonthDay;
  readonly reference: Reference;
  readonly site: Site;
  readonly weather: StationWeather | null;
}

/**
 * Weather of one season at a place as it was, the station's usual day where nothing was measured (up to and after the
 * station's record, and after `until`). `null` without a climatology.
 */
export function seasonAsItWas(
  { weather, site, reference, seasonStart }: SeasonPlace,
  season: number,
  until: DayNumber,
): Ensemble | null {
  if (!weather?.climatology) return null;
  const { series, climatology, heightM } = weather;
  const firstDay = seasonFirstDay(season, seasonStart, site.latitudeDeg);
  const minC = new Float64Array(SEASON_HORIZON_DAYS);
  const maxC = new Float64Array(SEASON_HORIZON_DAYS);
  const rainMm = new Float64Array(SEASON_HORIZON_DAYS);
  const firstOfRing = dayOfYear(firstDay) - 1;
  for (let i = 0; i < SEASON_HORIZON_DAYS; i++) {
    const own = firstDay + i - series.firstDay;
    const measured = own >= 0 && own < series.minC.length && firstDay + i <= until;
    const k = (firstOfRing + i) % 366;
    minC[i] = measured ? series.minC[own]! : climatology.minC[k]!;
    maxC[i] = measured ? series.maxC[own]! : climatology.maxC[k]!;
    const mm = measured ? series.rainMm?.[own] : undefined;
    rainMm[i] = mm === undefined || Number.isNaN(mm) ? 0 : mm;
  }
  const asItWas = {
    firstDay,
    knownDays: SEASON_HORIZON_DAYS,
    minC: [minC],
    maxC: [maxC],
    rainMm: series.rainMm && [rainMm],
    years: [season],
  };
  return atSite(asItWas, siteClimate(heightM, site, reference.canopy));
}

/**
 * A clock for every stage of a season; `null` for one that nothing can be learned of (the first frost comes when it comes).
 * A stage that follows another one counts from where that was seen, or else from where it was to be expected.
 * @param bounds what was seen of each stage, in days of the season
 */
export function stageClocks(
  place: SeasonPlace,
  season: number,
  { until, bounds }: { readonly until: DayNumber; readonly bounds: readonly StageBounds[] },
): readonly (StageClock | null)[] {
  const clocksOf = new SeasonClocks(place, season, seasonAsItWas(place, season, until));
  const { stages } = place;
  const clocks: (StageClock | null)[] = [];
  stages.forEach((stage, s) => {
    const { model } = stage;
    const base = 'stage' in model ? stages.findIndex((b) => b.key === model.stage) : -1;
    const from = base >= 0 && base < s ? seenOrExpected(clocks[base] ?? null, bounds[base]!) : null;
    clocks.push(clocksOf.clock(stage, from));
  });
  return clocks;
}

/** The clocks of one season at one place, and the sums that several of them run on. */
class SeasonClocks {
  private readonly firstDay: DayNumber;
  private readonly sums = new Map<string, Float64Array>();

  constructor(
    private readonly place: SeasonPlace,
    season: number,
    private readonly weather: Ensemble | null,
  ) {
    this.firstDay = seasonFirstDay(season, place.seasonStart, place.site.latitudeDeg);
  }

  /** @param from day that a stage which follows another counts from; `null` where nobody knows */
  clock(stage: StageSpec, from: number | null): StageClock | null {
    const { model } = stage;
    switch (model.kind) {
      case 'firstFrost':
        return null;
      case 'calendar':
        return this.onCalendar(stage);
      case 'after':
        return from === null ? null : inDays(from + model.days.value, spreadInDays(model.days));
      case 'dayLength': {
        const { latitudeDeg } = this.place.site;
        const first = this.firstDay + this.startOf(model.start);
        const hours = hoursOf(model, first, latitudeDeg);
        const day = dayOfLength(first, latitudeDeg, { hours, turn: model.turn });
        return day === null ? this.onCalendar(stage) : inDays(day - this.firstDay, spreadInDays(stage.calendar));
      }
      default:
        return this.weather ? this.byWeather(model, this.weather, { stage, from }) : this.onCalendar(stage);
    }
  }

  private byWeather(
    model: Extract<StageSpec['model'], { kind: 'afterWarmth' | 'chill' | 'rain' | 'thermal' | 'cooling' }>,
    weather: Ensemble,
    { stage, from }: { readonly stage: StageSpec; readonly from: number | null },
  ): StageClock | null {
    switch (model.kind) {
      case 'afterWarmth': {
        if (from === null) return null;
        const sum = this.warmth(weather, model.baseC.value);
        return onSum(sum, Math.max(0, Math.round(from)), model.sum.value, spreadOfSum(model.sum));
      }
      case 'chill': {
        const [chilled] = chilledBy(weather, {
          thresholdC: model.chillBelowC.value,
          days: model.chillDays.value,
          startIndex: this.startOf(model.start),
        });
        if (!Number.isFinite(chilled)) return null;
        return onSum(this.warmth(weather, model.baseC.value), chilled!, model.sum.value, spreadOfSum(model.sum));
      }
      case 'rain': {
        const flushed = flushedBy(weather, {
          ...model,
          rainMm: model.rainMm.value,
          startIndex: this.startOf(model.start),
        });
        if (!flushed) return this.onCalendar(stage);
        // A season without the rain for it tells nothing of how long after rain it comes.
        return Number.isFinite(flushed[0]) ? inDays(flushed[0]! + model.days.value, spreadInDays(model.days)) : null;
      }
      case 'cooling': {
        const start = this.startOf(model.start);
        const sum = this.cold(weather, model.baseC.value, start);
        return onSum(sum, -1, model.sum.value, spreadOfSum(model.sum));
      }
      case 'thermal': {
        const sum = this.warmth(weather, model.baseC.value, model.cutoffC?.value, this.startOf(model.start));
        return onSum(sum, -1, model.sum.value, spreadOfSum(model.sum));
      }
    }
  }

  private onCalendar(stage: StageSpec): StageClock {
    const { stages, site, reference } = this.place;
    const direction = hopkinsDirection(stage, stages);
    const shift = direction === 'none' ? 0 : hopkinsShiftDays(reference, site, direction);
    const day = calendarDayInSeason(this.firstDay, stage.calendar.value, site.latitudeDeg);
    return inDays(day - this.firstDay + shift, spreadInDays(stage.calendar));
  }

  private startOf(monthDay: MonthDay): number {
    return monthDayInSeason(this.firstDay, monthDay, this.place.site.latitudeDeg) - this.firstDay;
  }

  private cold(weather: Ensemble, baseC: number, start: number): Float64Array {
    return this.sumOf(`cold ${baseC}::${start}`, () => cumulateCold(weather, baseC, start));
  }

  private warmth(weather: Ensemble, baseC: number, cutoffC = Infinity, start = 0): Float64Array {
    return this.sumOf(`warm ${baseC}:${cutoffC}:${start}`, () => cumulateWarmth(weather, baseC, cutoffC, start));
  }

  private sumOf(key: string, make: () => Float64Array[]): Float64Array {
    const made = this.sums.get(key) ?? make()[0]!;
    this.sums.set(key, made);
    return made;
  }
}

function inDays(expected: number, sd: number): StageClock {
  return { expected: Math.round(expected), at: (day) => (day + 0.5 - expected) / sd };
}

/** Runs on a rising sum, counted from day `from` on (−1 for all of it). */
function onSum(sum: Float64Array, from: number, needed: number, sd: number): StageClock {
  const before = from >= 0 ? sum[Math.min(from, sum.length - 1)]! : 0;
  const found = sum.findIndex((v, i) => i >= from && v - before >= needed);
  return {
    expected: found < 0 ? Infinity : found,
    at: (day) => {
      const i = Math.min(sum.length - 1, Math.round(day));
      if (i < Math.max(0, from)) return -Infinity;
      const gathered = sum[i]! - before;
      return gathered > 0 ? Math.log(gathered / needed) / sd : -Infinity;
    },
  };
}

function seenOrExpected(clock: StageClock | null, { after, by }: StageBounds): number | null {
  if (after !== null && by !== null) return (after + 1 + by) / 2;
  const expected = clock?.expected ?? Infinity;
  const day = Math.max(after === null ? -Infinity : after + 1, Math.min(by ?? Infinity, expected));
  return Number.isFinite(day) ? day : null;
}
