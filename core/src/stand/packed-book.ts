// A book as it travels to another device: plain lists, and what was learned already reckoned.
import type { DayNumber } from '../measure/index.ts';
import type { PlantProfile } from '../plants/index.ts';
import type { SeasonClock, StageEffects, StageSpec } from '../stages/index.ts';
import { packWeather, unpackWeather, type PackedWeather } from '../weather/index.ts';
import type { WindowShifts } from '../windows/index.ts';
import { seasonNow, type Book, type Learned, type SeasonBook } from './book.ts';
import { shiftsOf, stageDaysOf, type StageDays } from './edges.ts';
import { lookAgainOn } from './look-again.ts';
import { windowOn } from './outlook.ts';
import type { StandRecord } from './record.ts';
import { eachOnce, type StandSeason } from './season.ts';
import { seenStand } from './season-input.ts';

/** What was learned of a stand, reckoned for some seasons; the stages under a clock once for all of them. */
interface PackedLearned {
  /**
   * Left out by one that a device has kept from before there were several: then its profile's stages are its only clock. With weights
   * in one that was kept from when all seasons had the same.
   */
  readonly clocks?: readonly (Pick<SeasonClock, 'stages'> & Partial<Pick<SeasonClock, 'weights'>>)[];
  readonly seasons: readonly ({ readonly season: number } & (PackedEffects | PackedClocks))[];
  readonly shifts: readonly WindowShifts[];
}
interface PackedClocks {
  readonly effects: readonly PackedEffects[];
  readonly weights?: readonly (readonly number[])[];
}
/** By clock, or from before there were several. */
interface PackedEffects {
  readonly mean: readonly number[];
  readonly covariance: readonly number[];
}

export interface PackedBook extends Omit<Book, 'kin' | 'weather' | 'learned' | 'permits' | 'record'> {
  /** Without wishes in one that a device has kept from before there were any. */
  readonly record: Omit<StandRecord, 'wishes'> & Partial<Pick<StandRecord, 'wishes'>>;
  readonly kin: readonly (readonly [binomial: string, profile: PlantProfile])[];
  readonly weather: PackedWeather | null;
  readonly learned: PackedLearned;
  /** Left out by one that a device has kept from before there were any. */
  readonly permits?: Book['permits'];
}

/** Seasons about one for which a packed book holds what was learned. */
const SEASONS_ABOUT = [-1, 0, 1, 2] as const;

/**
 * A book for another device. It answers there for days of the present season and those next to it as here; of its kin only
 * those of the plant's own look-alikes go along, and what was seen close by.
 */
export function packBook(book: Book, stageDays: StageDays = stageDaysOf(book)): PackedBook {
  const { learned: _, weather, kin, profile, today, ...rest } = book;
  return {
    ...rest,
    profile,
    today,
    kin: [...kin].filter(([name]) =>
      [...profile.lookAlikes, ...book.nearby.map((n) => n.kin)].some(
        (l) => l.scientific === name || l.scientific.startsWith(`${name} `),
      ),
    ),
    weather: weather && packWeather(weather, today),
    learned: packLearned(book, seasonNow(book, today), stageDays),
  };
}

function packLearned(book: SeasonBook, now: number, stageDays: StageDays): PackedLearned {
  const { learned, profile, today } = book;
  const seen = seenStand(book);
  const seasons = SEASONS_ABOUT.map((about) => ({
    season: now + about,
    clocks: learned.clocks(seen, now + about, today) ?? [],
  }));
  return {
    clocks: seasons[0]!.clocks.map(({ stages }) => ({ stages })),
    seasons: seasons.flatMap(({ season, clocks }) =>
      clocks.length === 0
        ? []
        : [
            {
              season,
              weights: clocks.map(({ weights }) => weights),
              effects: clocks.map(({ effects: { mean, covariance } }) => ({
                mean: [...mean],
                covariance: [...covariance],
              })),
            },
          ],
    ),
    shifts: profile.windows.map((_, w) => shiftsOf(book, w, stageDays)),
  };
}

function unpackLearned({ clocks, seasons, shifts }: PackedLearned, stages: readonly StageSpec[]): Learned {
  const ways = clocks ?? [{ stages }];
  const known = new Map<number, readonly SeasonClock[]>(
    seasons.map(({ season, ...packed }) => {
      const { effects, weights }: PackedClocks = 'effects' in packed ? packed : { effects: [packed] };
      return [
        season,
        ways.map((way, k) => ({
          stages: way.stages,
          weights: weights?.[k] ?? way.weights ?? way.stages.map(() => 1),
          effects: unpackEffects(effects[k]!),
        })),
      ];
    }),
  );
  return { clocks: (_seen, season: number, _today: DayNumber) => known.get(season), shifts };
}

const unpackEffects = ({ mean, covariance }: PackedEffects): StageEffects => ({
  mean: Float64Array.from(mean),
  covariance: Float64Array.from(covariance),
});

/** What the seasons about a day hang on, for another thread: plain data; weather and profile go along as they are. */
export interface PackedSeasons extends Omit<SeasonBook, 'learned'> {
  readonly learned: PackedLearned;
  readonly day: DayNumber;
  /** It is not settled what grows there: somebody has to look again. */
  readonly unsettled: boolean;
}

export function packSeasons(
  book: SeasonBook,
  day: DayNumber,
  {
    unsettled = false,
    stageDays = stageDaysOf(book),
  }: { readonly unsettled?: boolean; readonly stageDays?: StageDays } = {},
): PackedSeasons {
  const { stand, profile, plantRevision, place, weather, thermometer, today, record } = book;
  const { sightings, takes, measured, wishes, cuts } = record;
  return {
    stand: { id: stand.id },
    profile,
    plantRevision,
    place,
    weather,
    thermometer,
    today,
    record: { sightings, takes, measured, wishes, cuts },
    learned: packLearned(book, seasonNow(book, day), stageDays),
    day,
    unsettled,
  };
}

/** The seasons that the day of a packed stand asks for, as they are reckoned anywhere. */
export function seasonsAbout({
  learned,
  day,
  unsettled,
  ...rest
}: PackedSeasons): readonly (readonly [number, StandSeason])[] {
  const book: SeasonBook = { ...rest, learned: unpackLearned(learned, rest.profile.stages) };
  const { known, of } = eachOnce(book);
  for (const [w] of book.profile.windows.entries()) {
    const window = windowOn(book, { of }, w, day);
    // Of a window that is over the next one is told.
    if (window.closes.p50 !== null && window.closes.p50 < day) of(window.season + 1);
  }
  if (unsettled) lookAgainOn(book, { of }, day);
  return [...known];
}

export function unpackBook({ kin, weather, learned, permits = [], record, ...rest }: PackedBook): Book {
  return {
    ...rest,
    record: { wishes: [], ...record },
    permits,
    kin: new Map(kin),
    weather: weather && unpackWeather(weather),
    learned: unpackLearned(learned, rest.profile.stages),
  };
}
