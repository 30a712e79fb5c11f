// Answers about a stand, from the caches or reckoned from its book.
import type { FrozenSpan } from '@emberfield/core/climate';
import type { DayNumber } from '@emberfield/core/measure';
import {
  frozenSpansAt,
  halfYearOf,
  identityOn,
  packSeasons,
  rulesOn,
  seasonNow,
  stageDaysOf,
  standDay,
  standSeason,
  type Book,
  type PackedSeasons,
  type SeasonBook,
  type Seasons,
  type StageDays,
  type StandDay,
  type StandSeason,
} from '@emberfield/core/stand';
import { cacheOf, type Answers } from '../../answers/index.ts';

/** What a stand's answers are asked of. */
export interface StandAnswers {
  readonly seasons: Seasons;
  /** Everything that a day says, reckoned if need be. */
  readonly on: (day: DayNumber) => StandDay;
  /** What the seasons about a day hang on, to have them reckoned elsewhere; `null` where they are held already. */
  readonly unreckoned: (day: DayNumber) => PackedSeasons | null;
  /** Seasons that were reckoned elsewhere. */
  readonly keep: (seasons: readonly (readonly [number, StandSeason])[]) => void;
  /** What was last said for a day, however old; `current` while nothing that it depends on has changed. */
  readonly held: (
    day: DayNumber,
  ) => { readonly said: StandDay; readonly current: boolean; readonly revision: number } | null;
}

const SEASONS = cacheOf<StandSeason>(16_000);
const STAGE_DAYS = cacheOf<ReadonlyMap<string, DayNumber | null>>(20_000);
const GROUND = cacheOf<{ readonly spans: readonly FrozenSpan[] | null }>(5_000);
const DAYS = cacheOf<{ readonly key: string; readonly revision: number; readonly said: StandDay }>(12_000);

interface Keyed<B> {
  readonly book: B;
  /** Of the place, as a text; see `placeKey`. */
  readonly placeKey: string;
  readonly weatherKey: string;
  /** Moves on when what was learned says something else. */
  readonly knowledge: { readonly version: number };
}

/** All that the dates of a stand's stages in a season hang on, as a text to keep them under. */
const forecastKey = ({ book, placeKey, weatherKey, knowledge }: Keyed<SeasonBook>, season: number): string =>
  [
    book.stand.id,
    sightingsKey(book),
    placeKey,
    book.profile.key,
    book.plantRevision,
    weatherKey,
    knowledge.version,
    season,
    book.today,
  ].join(':');

/** Sightings as a text: a forecast hangs on them and not on takes or counts. */
const texts = new WeakMap<object, string>();
export function sightingsKey({ record }: Pick<SeasonBook, 'record'>): string {
  let text = texts.get(record.sightings);
  if (text === undefined) {
    text = record.sightings.map((x) => `${x.stage}${x.day}${x.reached ? '+' : '-'}${x.share ?? ''}`).join(' ');
    texts.set(record.sightings, text);
  }
  return text;
}

/** Seasons of a stand, or of a plant at a place where nobody has seen it. */
export function seasonOfStand(answers: Answers, keyed: Keyed<SeasonBook>, windowsKey = '') {
  const cache = answers.of(SEASONS);
  const stageDays = stageDaysFor(answers, keyed);
  return (season: number): StandSeason =>
    cache.get(seasonKey(keyed, windowsKey, season), () => standSeason(keyed.book, season, stageDays));
}
const seasonKey = (keyed: Keyed<SeasonBook>, windowsKey: string, season: number): string =>
  `${forecastKey(keyed, season)}:${windowsKey}`;

/** Middle days of stages: they hang on sightings and weather alone. */
export function stageDaysFor(answers: Answers, keyed: Keyed<SeasonBook>): StageDays {
  const make = stageDaysOf(keyed.book);
  return (season) => answers.of(STAGE_DAYS).get(forecastKey(keyed, season), () => make(season));
}

export function seasonsFor(answers: Answers, keyed: Keyed<Book>): Seasons {
  const { book, weatherKey } = keyed;
  return {
    of: seasonOfStand(answers, keyed, book.record.windowsKey),
    frozen: (day) => {
      const key = [weatherKey, JSON.stringify(book.place), halfYearOf(day), book.today].join(':');
      return answers.of(GROUND).get(key, () => ({ spans: frozenSpansAt(book, day) })).spans;
    },
  };
}

/** One answer is held a stand and day: a later one takes its place. */
export function answersFor(
  answers: Answers,
  keyed: Keyed<Book> & { readonly key: string; readonly revision: number },
): StandAnswers {
  const { book, revision } = keyed;
  const key = `${keyed.key}:${book.today}`;
  const name = (day: DayNumber): string => `${book.stand.id}:${keyed.placeKey.endsWith('~') ? '~' : ''}${day}`;
  const seasons = seasonsFor(answers, keyed);
  const days = answers.of(DAYS);
  const keyOf = (season: number): string => seasonKey(keyed, book.record.windowsKey, season);
  return {
    seasons,
    unreckoned: (day) =>
      answers.of(SEASONS).peek(keyOf(seasonNow(book, day)))
        ? null
        : packSeasons(book, day, {
            unsettled: identityOn(book, day, rulesOn(book.rules, day)).status !== 'confirmed',
            stageDays: stageDaysFor(answers, keyed),
          }),
    keep: (made) => {
      for (const [season, said] of made) answers.of(SEASONS).put(keyOf(season), said);
    },
    on: (day) => {
      const before = days.peek(name(day));
      if (before?.key === key) return before.said;
      const said = standDay(book, day, seasons);
      days.put(name(day), { key, revision, said });
      return said;
    },
    held: (day) => {
      const before = days.peek(name(day));
      return before ? { ...before, current: before.key === key } : null;
    },
  };
}

/** The season in which a stand is on the day of knowledge. */
export const presentSeason = (book: Book): number => seasonNow(book, book.today);
