// One season of a stand: its stages and windows, a whole year's answer.
import type { FrozenSpan } from '../climate/index.ts';
import type { DayNumber } from '../measure/index.ts';
import { forecastSeason, type SeasonForecast, type StageForecast } from '../stages/index.ts';
import { forecastRegrowth, forecastWindow, type WindowForecast } from '../windows/index.ts';
import type { Book, SeasonBook } from './book.ts';
import { partsOf, shiftsOf, stageDaysOf, type StageDays } from './edges.ts';
import { frozenSpansAt } from './ground.ts';
import { apartStages } from './locks.ts';
import { forecastInput } from './season-input.ts';
import { wishFor } from './wish.ts';

/** Changes when the model does: verdicts keep the one they were reckoned under. */
export const MODEL_REVISION = 'j3';

/** A forecast without its draws: they make its windows and are let go, or thousands of stands would fill the memory. */
export interface SeasonDates extends Omit<SeasonForecast, 'stages' | 'weight' | 'marks'> {
  readonly stages: readonly Omit<StageForecast, 'dates'>[];
}

export interface StandSeason {
  readonly forecast: SeasonDates;
  readonly windows: readonly WindowForecast[];
  /** By window: what comes again after the last cut of the season; `null` where the part does not, or nobody cut. */
  readonly regrown: readonly ({ readonly cut: DayNumber; readonly window: WindowForecast } | null)[];
}

/**
 * One season of a stand as seen on the book's day of knowledge.
 * @param stageDays middle days of stages of seasons before, from wherever they are to be had cheapest
 */
export function standSeason(book: SeasonBook, season: number, stageDays: StageDays = stageDaysOf(book)): StandSeason {
  const { profile } = book;
  const parts = partsOf(book, season);
  const forecast = forecastSeason({ ...forecastInput(book, season), parts });
  const { stages, weight: _w, marks: _m, ...rest } = forecast;
  return {
    forecast: { ...rest, stages: stages.map(({ key, reached, seen }) => ({ key, reached, seen })) },
    windows: profile.windows.map((spec, w) =>
      forecastWindow(spec, forecast, {
        shifts: shiftsOf(book, w, stageDays),
        apartStages: apartStages(profile, spec),
        wish: wishFor(book.record, spec.part, book.today),
      }),
    ),
    regrown: profile.windows.map((spec) => {
      const cut = parts.find((p) => p.part === spec.part)?.cut?.day;
      const window =
        cut === undefined ? null : forecastRegrowth(spec, forecast, { apartStages: apartStages(profile, spec) });
      return window && cut !== undefined ? { cut, window } : null;
    }),
  };
}

/** The costly answers about a stand, from wherever they are kept: season by season, and when its ground is frozen. */
export interface Seasons {
  readonly of: (season: number) => StandSeason;
  readonly frozen: (day: DayNumber) => readonly FrozenSpan[] | null;
}

/** The same reckoned from the book, each season once. */
export const seasonsOf = (book: Book): Seasons => ({
  of: eachOnce(book).of,
  frozen: (day) => frozenSpansAt(book, day),
});

/** Seasons of a book as they are asked for, each reckoned once. */
export function eachOnce(book: SeasonBook): {
  readonly known: ReadonlyMap<number, StandSeason>;
  readonly of: Seasons['of'];
} {
  const known = new Map<number, StandSeason>();
  return {
    known,
    of: (season) => {
      let one = known.get(season);
      if (!one) known.set(season, (one = standSeason(book, season)));
      return one;
    },
  };
}
