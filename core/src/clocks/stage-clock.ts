import {
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
  hopkinsDirection,
  seasonAsItWas,
  type SeasonPlace,
  spreadInDays,
  type StageSpec,
  type StageBounds,
} from '../stages/index.ts';
import {
  chilledBy,
  cumulateCold,
  cumulateCurve,
  cumulateWarmth,
  flushedBy,
  keptSums,
  type Ensemble,
} from '../climate/index.ts';
import { hopkinsShiftDays } from '../weather/index.ts';

/**
 * The measure in which a stage is early or late in one season of one place: 0 where the profile expects it, 1 where it comes
 * one standard deviation of the profile later. It runs on warmth where the stage does, else on days.
 */
export interface StageClock {
  /** Position of a day of the season, never falling; before anything has been gathered far out, but not beyond all reach. */
  readonly at: (day: number) => number;
  /** Day of the season on which the profile expects it; Infinity where it would not come. */
  readonly expected: number;
  /** What has been gathered by the end of a day, in the measure of the stage's sum; left out by a clock that runs on days. */
  readonly gathered?: (day: number) => number;
}

/** First day on which a clock stands at a position or beyond; `null` where it never does. */
export function dayAt(clock: StageClock, position: number): number | null {
  let [low, high] = [0, SEASON_HORIZON_DAYS - 1];
  if (!(clock.at(high) >= position)) return null;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (clock.at(middle) >= position) high = middle;
    else low = middle + 1;
  }
  return low;
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

/** The clocks of one season at one place. */
class SeasonClocks {
  private readonly firstDay: DayNumber;

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
      case 'thermal':
        return onSum(this.forcing(weather, model), -1, model.sum.value, spreadOfSum(model.sum));
    }
  }

  private forcing(weather: Ensemble, model: Extract<StageSpec['model'], { kind: 'thermal' }>): Float64Array {
    const start = this.startOf(model.start);
    const { curve, baseC, cutoffC } = model;
    if (!curve) return this.warmth(weather, baseC.value, cutoffC?.value, start);
    const key = `curve ${curve.middleC}:${curve.perC}:${start}`;
    return keptSums(weather, key, (e) => cumulateCurve(e, curve, start))[0]!;
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
    return keptSums(weather, `cold ${baseC}::${start}`, (e) => cumulateCold(e, baseC, start))[0]!;
  }

  private warmth(weather: Ensemble, baseC: number, cutoffC = Infinity, start = 0): Float64Array {
    const key = `warm ${baseC}:${cutoffC}:${start}`;
    return keptSums(weather, key, (e) => cumulateWarmth(e, baseC, cutoffC, start))[0]!;
  }
}

function inDays(expected: number, sd: number): StageClock {
  return { expected: Math.round(expected), at: (day) => (day + 0.5 - expected) / sd };
}

/** What was seen to come before so small a share of its sum had been gathered came as if it had been: it tells that the sum is wrong. */
const LEAST_SHARE = 0.02;

/** Runs on a rising sum, counted from day `from` on (−1 for all of it). */
function onSum(sum: Float64Array, from: number, needed: number, sd: number): StageClock {
  const before = from >= 0 ? sum[Math.min(from, sum.length - 1)]! : 0;
  const found = sum.findIndex((v, i) => i >= from && v - before >= needed);
  const gathered = (day: number): number => {
    const i = Math.min(sum.length - 1, Math.round(day));
    return i < Math.max(0, from) ? 0 : sum[i]! - before;
  };
  return {
    expected: found < 0 ? Infinity : found,
    at: (day) => Math.log(Math.max(LEAST_SHARE, gathered(day) / needed)) / sd,
    gathered,
  };
}

function seenOrExpected(clock: StageClock | null, { after, by }: StageBounds): number | null {
  if (after !== null && by !== null) return (after + 1 + by) / 2;
  const expected = clock?.expected ?? Infinity;
  const day = Math.max(after === null ? -Infinity : after + 1, Math.min(by ?? Infinity, expected));
  return Number.isFinite(day) ? day : null;
}
