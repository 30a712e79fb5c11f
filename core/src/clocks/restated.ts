import {
  calendarDayInSeason,
  type DayNumber,
  dayOfYear,
  type Figure,
  HALF_YEAR_DAYS,
  monthDayInSeason,
  seasonFirstDay,
  type MonthDay,
  yearOf,
  Z80,
} from '../measure/index.ts';
import type { SeasonPlace, StageSpec } from '../stages/index.ts';
import { DAY_MARK, hopkinsShiftDays } from '../weather/index.ts';
import { driveOf, type ClockForm, type Drive } from './family.ts';
import { dayAt, stageClocks, type StageClock } from './stage-clock.ts';

/** Years of a station by which a profile's days are turned into another measure. */
const MOST_YEARS = 8;
/** So little is gathered of anything that a sum begins to count: °C·day, or days along a curve. */
const LEAST_SUM = 0.5;
/** However unsure a profile is, a sum lies within this factor of what it makes it; else a clock that hardly runs would know nothing. */
const WIDEST = 4;
/** A year before any record: all of it is the station's usual one. */
const USUAL = 1900;
const COOL_START: MonthDay = '08-01';
const WARM_START: MonthDay = '01-01';

/** What a profile expects of its stages in some years where its figures hold: the day, and those 10 and 90 % of the way. */
interface Expected {
  readonly season: number;
  readonly days: readonly ({ readonly low: number; readonly middle: number; readonly high: number } | null)[];
}

/**
 * A profile's stages restated: the same days where its figures hold, reached by another clock. So what is known beforehand stays,
 * and only how a warmer place or year moves it is different.
 */
export class Restating {
  private readonly expected: readonly Expected[];
  private readonly at: SeasonPlace;

  /** @param until nothing later is known: neither its weather nor a year that was not over */
  constructor(
    private readonly place: SeasonPlace,
    private readonly until: DayNumber = Infinity,
  ) {
    const { reference } = place;
    // Days that are not moved hold where the plant stands, not at a place that nobody named.
    const unmoved = place.stages.every(({ model }) => model.kind === 'calendar' && model.direction === 'none');
    const { latitudeDeg, heightM } = place.site;
    this.at = { ...place, site: { latitudeDeg, heightM: unmoved ? heightM : reference.heightM } };
    this.expected = yearsOf(place, until).map((season) => ({
      season,
      days: this.clocks(season, place.stages).map((clock, s) => clock && spanOf(clock, this.usual(season, s))),
    }));
  }

  /** The stages under the forms given; one that cannot be restated stays as the profile has it. */
  under(forms: Readonly<Partial<Record<Drive, ClockForm>>>): readonly StageSpec[] {
    return this.place.stages.map((stage, s) => {
      const drive = driveOf(stage);
      const form = drive && forms[drive];
      return form?.model ? this.restated(stage, s, form.model, drive!) : stage;
    });
  }

  private restated(stage: StageSpec, s: number, model: NonNullable<ClockForm['model']>, drive: Drive): StageSpec {
    const start = this.startFor(stage, drive);
    const trial = model(start, { value: 1, low: 1, high: 1, source: 'estimate' });
    if (trial.kind === 'calendar') return this.onCalendar(stage, s, trial);
    const one = { ...stage, model: trial };
    const sums = this.expected.flatMap(({ season, days }) => {
      const span = days[s];
      if (!span) return [];
      const clock = this.clocks(season, [one])[0];
      if (!clock) return [];
      // The clock stands at the logarithm of what has been gathered, in units of its own spread.
      const gathered = (day: number): number => Math.max(LEAST_SUM, clock.gathered?.(day) ?? 0);
      return [[span.low, span.middle, span.high].map(gathered)];
    });
    if (sums.length === 0) return stage;
    const mean = (k: number): number => Math.exp(sums.reduce((t, v) => t + Math.log(v[k]!), 0) / sums.length);
    const value = mean(1);
    const figure: Figure = {
      value,
      low: Math.max(value / WIDEST, Math.min(mean(0), value / 1.03)),
      high: Math.min(value * WIDEST, Math.max(mean(2), value * 1.03)),
      source: 'estimate',
    };
    return { ...stage, model: model(start, figure) };
  }

  private onCalendar(stage: StageSpec, s: number, model: Extract<StageSpec['model'], { kind: 'calendar' }>): StageSpec {
    const spans = this.expected.flatMap(({ days }) => days[s] ?? []);
    if (spans.length === 0) return { ...stage, model };
    const { site } = this.at;
    const mean = (of: (v: (typeof spans)[number]) => number): number =>
      spans.reduce((t, v) => t + of(v), 0) / spans.length;
    const middle = mean((v) => v.middle);
    // A calendar day is moved to a place when it is used: here it is moved back.
    const shift = model.direction === 'none' ? 0 : hopkinsShiftDays(this.place.reference, site, model.direction);
    const south = site.latitudeDeg < 0 ? HALF_YEAR_DAYS : 0;
    const day = dayOfYear(this.firstDay(this.expected[0]!.season)) + middle - shift - south;
    const value = ((((day - 1) % 365) + 365) % 365) + 1;
    const calendar = {
      value,
      low: value - (middle - mean((v) => v.low)),
      high: value + mean((v) => v.high) - middle,
      source: 'estimate',
    };
    return { ...stage, calendar, model };
  }

  private startFor({ model, calendar }: StageSpec, drive: Drive): MonthDay {
    const { seasonStart } = this.place;
    const { latitudeDeg } = this.at.site;
    const first = this.firstDay(2001);
    const wanted = drive === 'cool' ? COOL_START : WARM_START;
    const lies = monthDayInSeason(first, wanted, latitudeDeg) < calendarDayInSeason(first, calendar.value, latitudeDeg);
    return lies ? wanted : 'start' in model ? model.start : seasonStart;
  }

  private usual(season: number, s: number): number {
    const { calendar } = this.place.stages[s]!;
    const first = this.firstDay(season);
    return calendarDayInSeason(first, calendar.value, this.at.site.latitudeDeg) - first;
  }

  private firstDay(season: number): number {
    return seasonFirstDay(season, this.place.seasonStart, this.at.site.latitudeDeg);
  }

  private clocks(season: number, stages: readonly StageSpec[]): readonly (StageClock | null)[] {
    const bounds = stages.map(() => ({ after: null, by: null }));
    return stageClocks({ ...this.at, stages }, season, { until: this.until, bounds });
  }
}

/** The newest years that a station has measured throughout, or one that stands for its usual year. */
function yearsOf({ weather, seasonStart, site }: SeasonPlace, until: DayNumber): readonly number[] {
  if (!weather) return [USUAL];
  const { firstDay, mark } = weather.series;
  const years: number[] = [];
  const end = Math.min(firstDay + mark.length - 1, until) - firstDay;
  const newest = yearOf(firstDay + end);
  for (let y = newest; y >= newest - 40 && years.length < MOST_YEARS; y--) {
    const from = seasonFirstDay(y, seasonStart, site.latitudeDeg) - firstDay;
    if (from < 0) break;
    const days = mark.subarray(from, from + 365);
    if (
      from + 364 <= end &&
      days.length === 365 &&
      days.every((m) => m === DAY_MARK.measured || m === DAY_MARK.interpolated)
    )
      years.push(y);
  }
  return years.length > 0 ? years : [USUAL];
}

/** The days on which a profile's clock expects a stage, and those a bit before and after; by the calendar where it never would come. */
function spanOf(clock: StageClock, usual: number): Expected['days'][number] {
  const middle = dayAt(clock, 0);
  if (middle === null || clock.expected === Infinity) {
    const width = 15;
    return { low: usual - width, middle: usual, high: usual + width };
  }
  return { low: dayAt(clock, -Z80) ?? middle - 1, middle, high: dayAt(clock, Z80) ?? middle + 30 };
}
