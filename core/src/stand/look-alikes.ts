// The look-alikes of a stand's plant, and what is known of each there.
import { SEARCH_HOLDS_YEARS, type HouseRule } from '../allowance/index.ts';
import { isDangerous, phaseOfBbch, searchState, type SearchState } from '../identity/index.ts';
import { seasonOf, type DayNumber } from '../measure/index.ts';
import { binomialOf, type PlantProfile } from '../plants/index.ts';
import { usualStageDays, usualStageOn } from '../stages/index.ts';
import type { Book, BookPlace } from './book.ts';
import type { StandRecord } from './record.ts';

type LookAlike = PlantProfile['lookAlikes'][number];
type Known = Pick<Book, 'profile' | 'place' | 'record' | 'kin'>;

/** A look-alike of a stand's plant, and what is known of it there on a day. */
export interface LookAlikeStanding {
  readonly lookAlike: LookAlike;
  /** Its own profile; `null` where there is none. */
  readonly plant: PlantProfile | null;
  readonly search: SearchState;
}

/** Every look-alike of the profile, and whatever else dangerous was seen or sought at the stand, with the last search that counts. */
export function lookAlikesOn(
  known: Known,
  day: DayNumber,
  houseRules: readonly HouseRule[],
): readonly LookAlikeStanding[] {
  const { profile, place, record, kin } = known;
  const rule = houseRules.find((r) => r.kind === 'searchHolds');
  const seasons = rule?.kind === 'searchHolds' ? rule.years : SEARCH_HOLDS_YEARS;
  const listed = profile.lookAlikes.map((lookAlike) => ({
    lookAlike,
    plant: kin.get(binomialOf(lookAlike.scientific)) ?? null,
  }));
  const others = record.searches
    .filter((s) => s.deadly && !listed.some((l) => isOf(s, l.lookAlike, l.plant)))
    .map((s) => s.lookedFor);
  const named = [...new Set(others)].map((name) => ({ lookAlike: unlisted(name), plant: null }));
  return [...listed, ...named].map(({ lookAlike, plant: its }) => ({
    lookAlike,
    plant: its,
    search: searchState(
      record.searches
        .filter((s) => isOf(s, lookAlike, its))
        .map((s) => ({ day: s.day, found: s.found, itShows: its === null || showsOn(its, place, s.day) })),
      day,
      seasons,
    ),
  }));
}

const unlisted = (name: string): LookAlike => ({
  name: { en: name },
  scientific: name,
  severity: 'deadly',
  separatedBy: { en: name },
});

function isOf(search: StandRecord['searches'][number], lookAlike: LookAlike, plant: PlantProfile | null): boolean {
  if (search.plantKey !== null && plant) return search.plantKey === plant.key;
  return search.lookedFor === lookAlike.scientific || Object.values(lookAlike.name).includes(search.lookedFor);
}

/** Whether a plant usually stands above ground on a day: in leaf, flower or fruit. */
export function showsOn(profile: PlantProfile, place: BookPlace, day: DayNumber): boolean {
  const year = { ...profile, site: place };
  const at = usualStageOn(year, day, seasonOf(day, profile.seasonStart, place.latitudeDeg));
  return at !== null && phaseOfBbch(profile.stages[at]!.bbch) !== 'rest';
}

/** The next day from a day on at which a plant usually begins to show; `null` when that lies beyond the next season. */
export function showsNext(profile: PlantProfile, place: BookPlace, day: DayNumber): DayNumber | null {
  const year = { ...profile, site: place };
  const season = seasonOf(day, profile.seasonStart, place.latitudeDeg);
  for (const s of [season, season + 1]) {
    const days = usualStageDays(year, s);
    const next = days.findIndex((d, i) => d > day && phaseOfBbch(profile.stages[i]!.bbch) !== 'rest');
    if (next >= 0) return days[next]!;
  }
  return null;
}

/** A deadly one that was found and not since looked for in vain. */
export const deadlyFound = (standings: readonly LookAlikeStanding[]): LookAlikeStanding | null =>
  standings.find((l) => l.lookAlike.severity === 'deadly' && l.search.state === 'found') ?? null;

/** Deadly ones not known to be absent: while they cannot be told apart, they lock. */
export const deadlyOpen = (standings: readonly LookAlikeStanding[]): readonly LookAlikeStanding[] =>
  standings.filter((l) => l.lookAlike.severity === 'deadly' && l.search.state !== 'absent');

/** Milder ones that make a take leaf by leaf: those found, and while none can be told apart those not known to be absent. */
export function milderOpen(
  standings: readonly LookAlikeStanding[],
  inseparable: boolean,
): readonly LookAlikeStanding[] {
  return standings.filter(
    ({ lookAlike, search }) =>
      lookAlike.severity !== 'deadly' &&
      isDangerous(lookAlike.severity) &&
      (search.state === 'found' || (inseparable && search.state !== 'absent')),
  );
}
