import type { DayNumber } from '../measure/index.ts';

/** A look for a taxon at a place. It counts as absence only when the taxon would have shown on that day. */
export interface Search {
  readonly day: DayNumber;
  readonly found: boolean;
  /** The taxon stands in leaf, flower or fruit at that time of the year. */
  readonly itShows: boolean;
}

export type SearchState =
  | { readonly state: 'found'; readonly since: DayNumber }
  | { readonly state: 'absent'; readonly since: DayNumber; readonly until: DayNumber }
  | { readonly state: 'expired'; readonly since: DayNumber; readonly until: DayNumber }
  | { readonly state: 'neverLooked' };

const DAYS_A_SEASON = 365;

/**
 * What is known of a look-alike at a stand on a day. A sighting holds until a later search at a time when it shows finds
 * none; such a search stands for `seasons` years, then somebody has to look again. Silence is not absence.
 * @param searches in order of their days.
 * @throws RangeError when a search is to stand for less than a season.
 */
export function searchState(searches: readonly Search[], on: DayNumber, seasons: number): SearchState {
  if (!(seasons >= 1)) throw new RangeError('a search stands for one season or more');
  const said = searches.filter((s) => s.day <= on && (s.found || s.itShows)).at(-1);
  if (!said) return { state: 'neverLooked' };
  if (said.found) return { state: 'found', since: said.day };
  const until = said.day + Math.round(seasons * DAYS_A_SEASON);
  return { state: on <= until ? 'absent' : 'expired', since: said.day, until };
}
