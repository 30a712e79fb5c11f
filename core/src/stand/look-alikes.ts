// The look-alikes of a stand's plant, and what is known of each there.
import { SEARCH_HOLDS_YEARS, type HouseRule } from '../allowance/index.ts';
import { phaseOfBbch, searchState, type SearchState } from '../identity/index.ts';
import { seasonOf, type DayNumber, type Text } from '../measure/index.ts';
import { binomialOf, type PlantProfile } from '../plants/index.ts';
import { usualStageDays, usualStageOn } from '../stages/index.ts';
import type { Book, BookPlace } from './book.ts';
import type { Nearby } from './nearby.ts';
import type { StandRecord } from './record.ts';

type LookAlike = PlantProfile['lookAlikes'][number];
type Known = Pick<Book, 'profile' | 'place' | 'record' | 'kin' | 'nearby'>;

/** Where something was seen: at the stand itself, elsewhere in its place, or in another place close by. */
export type Where = 'here' | Nearby['where'];

/** A look-alike of a stand's plant, and what is known of it there on a day. */
export interface LookAlikeStanding {
  readonly lookAlike: LookAlike;
  /** Its own profile; `null` where there is none. */
  readonly plant: PlantProfile | null;
  readonly search: SearchState;
  /** Where it was seen last; `null` unless it counts as found. */
  readonly where: Where | null;
}

interface Said extends Pick<StandRecord['searches'][number], 'day' | 'lookedFor' | 'plantKey' | 'found'> {
  readonly where: Where;
}

/**
 * Every look-alike of the profile, and whatever else dangerous was seen or sought at the stand, with the last search that counts. What was seen
 * elsewhere in the place, or close by, counts as seen here: that of the list, and dangerous kin that nobody listed.
 */
export function lookAlikesOn(
  known: Known,
  day: DayNumber,
  houseRules: readonly HouseRule[],
): readonly LookAlikeStanding[] {
  const { profile, record, kin, nearby } = known;
  const rule = houseRules.find((r) => r.kind === 'searchHolds');
  const seasons = rule?.kind === 'searchHolds' ? rule.years : SEARCH_HOLDS_YEARS;
  // What was not said yet on the day is not known on it.
  const searches = record.searches.filter((s) => s.day <= day).map((s) => ({ ...s, where: 'here' as const }));
  const around = nearby.filter((n) => n.day <= day);
  const said: readonly Said[] = [...around, ...searches].sort((a, b) => a.day - b.day);
  const listed = profile.lookAlikes.map((lookAlike) => ({
    lookAlike,
    plant: kin.get(binomialOf(lookAlike.scientific)) ?? null,
  }));
  const isListed = (s: Said): boolean => listed.some((l) => isOf(s, l.lookAlike, l.plant));
  const kinNearby = around.filter((n) => n.found && n.kin.family === profile.family && !isListed(n));
  const relatives = new Map(kinNearby.map(({ kin: k }) => [k.scientific, unlisted(k.name, k.scientific, k.severity)]));
  const strangers = new Map(
    searches
      .filter((s) => s.deadly && !isListed(s))
      .map(({ lookedFor }) => [lookedFor, unlisted({ en: lookedFor }, lookedFor, 'deadly')]),
  );
  const others = [...new Map([...relatives, ...strangers]).values()].map((lookAlike) => ({
    lookAlike,
    plant: kin.get(binomialOf(lookAlike.scientific)) ?? null,
  }));
  return [...listed, ...others].map(({ lookAlike, plant }) =>
    standingOf(known, { lookAlike, plant, said: said.filter((s) => isOf(s, lookAlike, plant)) }, { day, seasons }),
  );
}

function standingOf(
  { place }: Known,
  { lookAlike, plant, said }: Pick<LookAlikeStanding, 'lookAlike' | 'plant'> & { readonly said: readonly Said[] },
  { day, seasons }: { readonly day: DayNumber; readonly seasons: number },
): LookAlikeStanding {
  const search = searchState(
    said.map((s) => ({ day: s.day, found: s.found, itShows: provesAbsence(plant, place, s.day) })),
    day,
    seasons,
  );
  const seen = search.state === 'found' ? said.findLast((s) => s.found) : undefined;
  return { lookAlike, plant, search, where: seen?.where ?? null };
}

/** Whether it can be shown to be absent at all: one empty autumn says nothing of fungi, which wait in the ground for years. */
export const canBeAbsent = (plant: PlantProfile | null): boolean => plant?.habit !== 'fungus';

const provesAbsence = (plant: PlantProfile | null, place: BookPlace, day: DayNumber): boolean =>
  plant === null || (canBeAbsent(plant) && showsOn(plant, place, day));

const unlisted = (name: Text, scientific: string, severity: LookAlike['severity']): LookAlike => ({
  name,
  scientific,
  severity,
  separatedBy: { en: '' },
});

function isOf(search: Pick<Said, 'plantKey' | 'lookedFor'>, lookAlike: LookAlike, plant: PlantProfile | null): boolean {
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

/** Deadly ones not known to be absent that a search can show to be so: somebody has to look for them. */
export const toLookFor = (standings: readonly LookAlikeStanding[]): readonly LookAlikeStanding[] =>
  standings.filter((l) => l.lookAlike.severity === 'deadly' && l.search.state !== 'absent' && canBeAbsent(l.plant));
