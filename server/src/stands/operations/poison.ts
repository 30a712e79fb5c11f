// Poison that was seen anywhere in a group, and which of it lies within or close by the place of a stand.
import type { EntryBodies, FindBody } from '@emberfield/contract';
import { isDangerous } from '@emberfield/core/identity';
import { dayNumber, METRES_PER_DEGREE, type DayNumber } from '@emberfield/core/measure';
import { NEAR_M, type Nearby } from '@emberfield/core/stand';
import { findsAndSearches } from '../../entries/index.ts';
import type { PatchRow } from '../../patches/index.ts';
import type { KnownPlant } from '../../plants/index.ts';
import type { Queryable } from '../../platform/database/database.ts';
import { standsOfPlants, type StandAtPatch } from '../repository.ts';

interface Noted extends Omit<Nearby, 'where'> {
  readonly patch: Pick<PatchRow, 'id' | 'geometry' | 'secret'>;
  /** The stand at which it was noted, or that it is itself; `null`: of the place. */
  readonly standId: string | null;
}
/** Something dangerous that was seen or looked for, and where. */
export interface Poison extends Noted {
  /** About its place: stands are many, and each asks how far off it is. */
  readonly box: Box;
}
/** Where poison is asked about. */
interface Spot {
  readonly patch: Poison['patch'];
  readonly standId: string | null;
  /** Whoever asks knows only about where it is. */
  readonly blurred: boolean;
}
type Plants = ReadonlyMap<string, KnownPlant>;

/** All that is known of poison in a group: searches and finds that still stand, and stands of dangerous plants. */
export async function poisonOf(db: Queryable, groupId: string, plants: Plants): Promise<readonly Poison[]> {
  const said = await findsAndSearches(db, groupId);
  const maybe = said.flatMap((s) => (s.kind === 'find' ? (s.body as FindBody).mayBe : []));
  const poisonous = [...plants.keys()].filter((key) => dangerous(key, plants).length > 0);
  const stands = await standsOfPlants(db, groupId, [...new Set([...poisonous, ...maybe])]);
  const noted: readonly Noted[] = [
    ...said.flatMap((s) => (s.kind === 'search' ? ofSearch(s, plants) : ofFind(s, plants, stands))),
    ...stands.flatMap(({ stand, patch }) =>
      stand.retiredOn || patch.retiredOn
        ? []
        : dangerous(stand.plantKey, plants).map((kin) => ({
            kin,
            patch,
            standId: stand.id,
            day: dayNumber(stand.madeAt.toISOString().slice(0, 10)),
            found: true,
            lookedFor: kin.scientific,
            plantKey: stand.plantKey,
          })),
    ),
  ];
  return noted.map((n) => ({ ...n, box: boxOf(n.patch.geometry) }));
}

type Said = Awaited<ReturnType<typeof findsAndSearches>>[number];

/** What was found at a stand counts at the others; what was looked for in vain in a whole place, at its stands. */
function ofSearch({ body, day, patch, standId }: Said, plants: Plants): readonly Noted[] {
  const { lookedFor, plantKey, found, deadly } = body as EntryBodies['search'];
  const [known] = plantKey === null ? [] : dangerous(plantKey, plants);
  const byName: Nearby['kin'] | null =
    deadly || !found ? { name: { en: lookedFor }, scientific: lookedFor, family: null, severity: 'deadly' } : null;
  const kin = known ?? byName;
  return kin ? [{ kin, patch, standId, day: dayNumber(day), found, lookedFor, plantKey }] : [];
}

/** A find that may be something dangerous is that, until something else that it may be stands there as a stand. */
function ofFind({ body, day, patch }: Said, plants: Plants, stands: readonly StandAtPatch[]): readonly Noted[] {
  const { mayBe } = body as FindBody;
  const settled = stands.some(({ stand }) => stand.patchId === patch.id && mayBe.includes(stand.plantKey));
  if (settled) return [];
  return mayBe.flatMap((plantKey) =>
    dangerous(plantKey, plants).map((kin) => ({
      kin,
      patch,
      standId: null,
      day: dayNumber(day),
      found: true,
      lookedFor: kin.scientific,
      plantKey,
    })),
  );
}

/** A plant as kin to be kept away from; nothing of one that does no harm. */
export function dangerous(plantKey: string, plants: Plants): readonly Nearby['kin'][] {
  const profile = plants.get(plantKey)?.profile;
  if (!profile || profile.severity === 'none' || !isDangerous(profile.severity)) return [];
  const { names: name, scientific, family, severity } = profile;
  return [{ name, scientific, family, severity }];
}

/**
 * What of it counts at a stand besides what was noted there: of its own place, and found in places closer than `NEAR_M`. That two places lie close
 * together is never said where one of them is secret, and whoever knows only about where it is hears of nothing close by.
 * @param today nothing was seen later than that, whatever the clock said when it was entered
 */
export function nearbyOf(
  poison: readonly Poison[],
  { patch, standId: own, blurred }: Spot,
  today: DayNumber,
): readonly Nearby[] {
  const here = boxOf(patch.geometry);
  const found: Nearby[] = [];
  // Thousands of stands ask about hundreds: of most nothing is looked at but where they are.
  for (const one of poison) {
    const { patch: there, standId, day, kin, lookedFor, plantKey } = one;
    const same = there.id === patch.id;
    if (own !== null && standId === own) continue;
    if (!same && (blurred || !one.found || !areClose(here, one.box))) continue;
    const where = same || there.secret || patch.secret ? 'place' : 'near';
    found.push({ kin, lookedFor, plantKey, found: one.found, day: Math.min(day, today), where });
  }
  return found;
}

/** Whether the boxes about two places come closer than `NEAR_M`: a little more than the places themselves, to be sure. */
function areClose(here: Box, there: Box): boolean {
  const northM = Math.max(0, here.south - there.north, there.south - here.north) * METRES_PER_DEGREE;
  if (northM > NEAR_M) return false;
  const widthOfDegreeM = METRES_PER_DEGREE * Math.cos((here.south * Math.PI) / 180);
  const eastM = Math.max(0, here.west - there.east, there.west - here.east) * widthOfDegreeM;
  return Math.hypot(northM, eastM) <= NEAR_M;
}

/** Least and greatest longitude and latitude of a place. */
interface Box {
  readonly west: number;
  readonly east: number;
  readonly south: number;
  readonly north: number;
}
function boxOf(geometry: PatchRow['geometry']): Box {
  const points = geometry.type === 'Point' ? [geometry.coordinates] : geometry.coordinates.flat();
  const [longitudes, latitudes] = [points.map((p) => p[0]), points.map((p) => p[1])];
  return {
    west: Math.min(...longitudes),
    east: Math.max(...longitudes),
    south: Math.min(...latitudes),
    north: Math.max(...latitudes),
  };
}
