// A book as it travels to another device: plain lists, and what was learned already reckoned.
import type { DayNumber } from '../measure/index.ts';
import type { PlantProfile } from '../plants/index.ts';
import type { StageEffects } from '../stages/index.ts';
import { packWeather, unpackWeather, type PackedWeather } from '../weather/index.ts';
import type { WindowShifts } from '../windows/index.ts';
import { seasonNow, type Book } from './book.ts';
import { shiftsOf, stageDaysOf, type StageDays } from './edges.ts';
import { seenStand } from './season-input.ts';

export interface PackedBook extends Omit<Book, 'kin' | 'weather' | 'learned'> {
  readonly kin: readonly (readonly [binomial: string, profile: PlantProfile])[];
  readonly weather: PackedWeather | null;
  readonly learned: {
    readonly stretch: number;
    readonly seasons: readonly {
      readonly season: number;
      readonly mean: readonly number[];
      readonly covariance: readonly number[];
    }[];
    readonly shifts: readonly WindowShifts[];
  };
}

/** Seasons about the present one for which a packed book holds what was learned. */
const SEASONS_ABOUT = [-1, 0, 1, 2] as const;

/**
 * A book for another device. It answers there for days of the present season and those next to it as here; of its kin only
 * those of the plant's own look-alikes go along.
 */
export function packBook(book: Book, stageDays: StageDays = stageDaysOf(book)): PackedBook {
  const { learned, weather, kin, profile, today, ...rest } = book;
  const seen = seenStand(book);
  const now = seasonNow(book, today);
  return {
    ...rest,
    profile,
    today,
    kin: [...kin].filter(([name]) =>
      profile.lookAlikes.some((l) => l.scientific === name || l.scientific.startsWith(`${name} `)),
    ),
    weather: weather && packWeather(weather, today),
    learned: {
      stretch: learned.stretch,
      seasons: SEASONS_ABOUT.flatMap((about) => {
        const effects = learned.effects(seen, now + about, today);
        return effects ? [{ season: now + about, mean: [...effects.mean], covariance: [...effects.covariance] }] : [];
      }),
      shifts: profile.windows.map((_, w) => shiftsOf(book, w, stageDays)),
    },
  };
}

export function unpackBook({ kin, weather, learned, ...rest }: PackedBook): Book {
  const seasons = new Map<number, StageEffects>(
    learned.seasons.map(({ season, mean, covariance }) => [
      season,
      { mean: Float64Array.from(mean), covariance: Float64Array.from(covariance) },
    ]),
  );
  return {
    ...rest,
    kin: new Map(kin),
    weather: weather && unpackWeather(weather),
    learned: {
      stretch: learned.stretch,
      effects: (_seen, season: number, _today: DayNumber) => seasons.get(season),
      shifts: learned.shifts,
    },
  };
}
