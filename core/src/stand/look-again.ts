// When a plant that is not settled is worth another look.
import { seasonOf, type DayNumber, type DayRange } from '../measure/index.ts';
import type { ProfileStage } from '../plants/index.ts';
import type { SeasonBook } from './book.ts';
import type { Seasons } from './season.ts';

/** Flowering and fruiting, by the first figure of the BBCH scale: that is when most signs show. */
const TELLING: ReadonlySet<number | null> = new Set([6, 8]);

/** The next stage from a day on at which most signs show; `null` where this season and the next have none. */
export function lookAgainOn(
  { profile, place }: Pick<SeasonBook, 'profile' | 'place'>,
  { of }: Pick<Seasons, 'of'>,
  day: DayNumber,
): { readonly stage: ProfileStage; readonly reached: DayRange } | null {
  const tellingIn = (season: number): { readonly stage: ProfileStage; readonly reached: DayRange } | undefined =>
    of(season)
      .forecast.stages.map(({ reached }, i) => ({ stage: profile.stages[i]!, reached }))
      .find(({ stage, reached }) => TELLING.has(stage.bbch) && reached.p50 !== null && reached.p50 >= day);
  const season = seasonOf(day, profile.seasonStart, place.latitudeDeg);
  // The season after is reckoned only where this one shows nothing more.
  return tellingIn(season) ?? tellingIn(season + 1) ?? null;
}
