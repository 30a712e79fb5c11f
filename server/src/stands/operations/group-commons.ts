import type { Dependencies } from '../../dependencies.ts';
import { binomialOf, type PlantProfile } from '@emberfield/contract';
import type { DatedRule } from '@emberfield/core/stand';
import type { Region } from '@emberfield/core/plants';
import type { Shore } from '@emberfield/core/tide';
import { laterCacheOf } from '../../answers/index.ts';
import { allRules, clearancesOf, type ClearanceRow } from '../../people/index.ts';
import type { Viewer } from '../../patches/index.ts';
import { isHere, plantsOf, type KnownPlant } from '../../plants/index.ts';
import { poisonOf, type Poison } from './poison.ts';
import { tidesOf, type TideRow } from '../../tide/index.ts';
import { daySummaries, fitStations, stationsOf, type StationRow } from '../../weather/index.ts';

/** What the stands of a group have in common. */
export interface GroupCommons {
  readonly plants: ReadonlyMap<string, KnownPlant>;
  /** The same by genus and species: so look-alikes are found. Of own copies and shipped ones of a name, a shipped one. */
  readonly kin: ReadonlyMap<string, PlantProfile>;
  /** Stations that dates can be reckoned from, and all there are: somebody may have chosen any of them for a place. */
  readonly stations: { readonly fit: readonly StationRow[]; readonly all: readonly StationRow[] };
  readonly tides: readonly TideRow[];
  /** Shores of places, as they are asked for. */
  readonly shores: Map<string, Shore | null>;
  readonly rules: readonly (DatedRule & { readonly plantKey: string | null; readonly standId: string | null })[];
  readonly clearances: readonly ClearanceRow[];
  /** Poison that was seen anywhere; whoever notes any moves the group on. */
  readonly poison: readonly Poison[];
}

/** A group as the gate knows it: the revision of its row moves with every change to plants, stations, their days and rules. */
export interface KnownGroup {
  readonly id: string;
  readonly revision: number;
  /** The day of the group: nothing after it is known. */
  readonly today: string;
  readonly zone: string;
  readonly regions: readonly Region[];
  /** Who asks. */
  readonly viewer: Viewer;
}

const COMMONS = laterCacheOf<GroupCommons>(1_000);

/** Read once for a revision of the group. A change that commits while it is read belongs to a later revision, which is read anew. */
export function commonsOf(
  deps: Pick<Dependencies, 'db' | 'catalogue' | 'answers'>,
  { id, revision }: Pick<KnownGroup, 'id' | 'revision'>,
): Promise<GroupCommons> {
  return deps.answers.of(COMMONS).get(`${id}:${revision}`, async () => {
    const [plants, all, days, tides, rules, clearances] = await Promise.all([
      plantsOf(deps, id),
      stationsOf(deps.db, id),
      daySummaries(deps.db, id),
      tidesOf(deps.db, id),
      allRules(deps.db, id),
      clearancesOf(deps.db, id),
    ]);
    const ownFirst = [...plants.values()].sort((a, b) => b.revision - a.revision);
    const kin = new Map(ownFirst.map(({ profile }) => [binomialOf(profile.scientific), profile]));
    return {
      plants,
      kin,
      stations: { fit: fitStations(all, days), all },
      tides,
      shores: new Map<string, Shore | null>(),
      rules,
      clearances,
      poison: await poisonOf(deps.db, id, plants),
    };
  });
}

/**
 * Every plant that a group knows as it weighs what was seen: what is not known to grow in its regions weighs less, unless somebody of it
 * has noted it.
 */
export function taxaOf(
  { plants, poison }: GroupCommons,
  { regions }: Pick<KnownGroup, 'regions'>,
): readonly (PlantProfile & { readonly elsewhere: boolean })[] {
  const noted = new Set(poison.flatMap((p) => (p.found ? [binomialOf(p.kin.scientific)] : [])));
  return [...plants.values()].map((plant) => ({
    ...plant.profile,
    elsewhere: !isHere(plant, regions) && !noted.has(binomialOf(plant.profile.scientific)),
  }));
}
