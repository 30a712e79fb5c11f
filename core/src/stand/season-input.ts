// What a season of a stand is forecast from.
import type { Site } from '../climate/index.ts';
import type { SeenStand } from '../clocks/index.ts';
import type { GroupLearning } from '../learning/index.ts';
import { sightingSeasons, spreadWithin, type ForecastInput } from '../stages/index.ts';
import type { Learned, SeasonBook } from './book.ts';
import type { StandRecord } from './record.ts';
import { siteOf } from './site.ts';

/** A stand as learning takes it. */
export function seenStand(book: Omit<SeasonBook, 'learned' | 'today'>): SeenStand {
  const { stages, seasonStart, reference, key } = book.profile;
  return {
    standId: book.stand.id,
    plantKey: `${key}:${book.plantRevision}`,
    place: { stages, seasonStart, reference, site: siteFor(book), weather: book.weather },
    sightings: book.record.sightings,
  };
}

/** Trees and shrubs carry their leaves above the shade: what is written of the canopy holds for what grows under it. */
function siteFor({ profile, place, thermometer }: Pick<SeasonBook, 'profile' | 'place' | 'thermometer'>): Site {
  const { habit, reference } = profile;
  return {
    ...siteOf(place),
    ...(habit === 'tree' || habit === 'shrub' ? { canopy: reference.canopy ?? 'open' } : {}),
    ...(thermometer ? { measured: thermometer } : {}),
  };
}

/** The record of a plant that nobody has seen at a place yet. */
export const NOTHING_SEEN: SeasonBook['record'] = {
  sightings: [],
  takes: [],
  measured: [],
  wishes: [],
  cuts: [],
};

/** Learning of a group, asked about one of its stands. */
export const learnedFrom = (learning: GroupLearning): Learned => ({
  clocks: (seen, season, today) => learning.expects(seen, season, today),
});

/** Seasons of which anything was seen of the stand's stages. */
export const seasonsSeen = (book: Omit<SeasonBook, 'learned' | 'today'>): ReadonlySet<number> =>
  new Set(book.record.sightings.map(sightingSeasons(seenStand(book).place)));

/** What was seen of a season's stages by the day of knowledge. */
export function sightingsOf(
  book: Omit<SeasonBook, 'learned'>,
  season: number,
): readonly StandRecord['sightings'][number][] {
  const seasonOfSighting = sightingSeasons(seenStand(book).place);
  return book.record.sightings.filter((s) => s.day <= book.today && seasonOfSighting(s) === season);
}

/** What a season is forecast from: its own sightings weigh in the forecast, those of seasons before have been learned from. */
export function forecastInput(book: SeasonBook, season: number): ForecastInput {
  const { learned, today } = book;
  const seen = seenStand(book);
  const clocks = learned.clocks(seen, season, today);
  return {
    ...seen.place,
    season,
    asOf: today,
    sightings: sightingsOf(book, season),
    spreadDays: spreadWithin(seen.sightings.filter((s) => s.day <= today)),
    ...(clocks ? { clocks } : {}),
  };
}
