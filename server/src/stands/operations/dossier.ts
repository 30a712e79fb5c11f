// Books of stands as the server loads them, with the rows they were made from.
import type { PlantProfile } from '@emberfield/contract';
import { dayNumber, type DayNumber } from '@emberfield/core/measure';
import { learnedFrom, type Book, spotOf } from '@emberfield/core/stand';
import { nearestTide, type Shore } from '@emberfield/core/tide';
import type { Dependencies } from '../../dependencies.ts';
import type { KnownPlant } from '../../plants/index.ts';
import type { Queryable } from '../../platform/database/database.ts';
import { weatherAt, type PlaceWeather } from '../../weather/index.ts';
import { standById, standsOf, type StandAtPatch } from '../repository.ts';
import { commonsOf, type GroupCommons, type KnownGroup } from './group-commons.ts';
import { forStand, heldKnowledge, knowledgeOf, type Knowledge, type Learnable } from './group-knowledge.ts';
import { recordsFor, recordUnderLock } from './kept-records.ts';
import { answersFor, type StandAnswers } from './stand-answers.ts';

/** All that is known of a stand: its book, its answers, and the rows that it was made from. */
export interface Dossier extends StandAtPatch {
  readonly plant: KnownPlant;
  readonly record: Book['record'];
  readonly weather: PlaceWeather | null;
  readonly knowledge: Knowledge;
  readonly book: Book;
  readonly answers: StandAnswers;
  /** What derived answers of the stand hang on besides the day, as a text to keep them under. */
  readonly key: string;
}

/** The stands asked for, and what they have in common. */
export interface GroupDossier extends GroupCommons {
  readonly stands: readonly Dossier[];
}

type Loading = Pick<Dependencies, 'db' | 'catalogue' | 'log' | 'answers'>;

/** Dossiers of all stands of a group, or of one; entries are read again only for stands that changed. */
export async function dossiersOf(deps: Loading, group: KnownGroup, only: string | null = null): Promise<GroupDossier> {
  const known = only === null ? null : heldKnowledge(deps, group.id);
  if (only !== null && known === null) {
    // What the others say has to be heard once before one of them can be asked.
    const { stands, ...commons } = await dossiersOf(deps, group);
    return { stands: stands.filter((s) => s.stand.id === only), ...commons };
  }
  const [rows, commons] = await Promise.all([
    only === null ? standsOf(deps.db, group.id) : onlyStand(deps.db, group.id, only),
    commonsOf(deps, group),
  ]);
  const records = await recordsFor(deps, rows);
  const today = dayNumber(group.today);
  const loaded: (Learnable & Omit<Dossier, 'knowledge' | 'book' | 'answers'>)[] = [];
  for (const row of rows) {
    const plant = commons.plants.get(row.stand.plantKey);
    // A shipped profile that a later version dropped: the stand stays in the database and shows again when it is back.
    if (!plant) continue;
    const weather = await weatherAt(deps, commons.stations, spotOf(row.patch));
    const key = [row.stand.id, row.stand.revision, row.patch.version, group.id, group.revision].join(':');
    const record = records.get(row.stand.id)!;
    loaded.push({
      ...row,
      plant,
      record,
      weather,
      key,
      unlearned: unlearnedOf({ ...row, plant, record, weather, today }),
    });
  }
  const knowledge = known ?? (await knowledgeOf(deps, group, loaded));
  return {
    stands: loaded.map(({ unlearned, ...rest }) => {
      const own = forStand(knowledge, rest.stand.id);
      const book: Book = {
        ...unlearned,
        learned: learnedFrom(own.learning),
        kin: commons.kin,
        rules: commons.rules,
        shore: shoreOf(rest.patch, commons, group.zone),
      };
      const key = `${rest.key}:${own.version}`;
      const answers = answersFor(deps.answers, {
        book,
        key,
        weatherKey: rest.weather?.key ?? '-',
        knowledge: own,
        patch: rest.patch,
        revision: rest.stand.revision,
      });
      return { ...rest, key, knowledge: own, book, answers };
    }),
    ...commons,
  };
}

interface Rows extends Pick<StandAtPatch, 'stand' | 'patch'> {
  readonly plant: KnownPlant;
  readonly record: Book['record'];
  readonly weather: PlaceWeather | null;
  readonly today: DayNumber;
}

/** The book but for what others have to say. */
function unlearnedOf({ stand, patch, plant, record, weather, today }: Rows): Learnable['unlearned'] {
  const { id, identity, madeBy, sinceYear, restUntil } = stand;
  return {
    stand: { id, identity, madeBy, sinceYear, restUntil },
    profile: plant.profile,
    plantRevision: plant.revision,
    place: bookPlace(patch),
    record,
    weather: weather?.weather ?? null,
    thermometer: weather?.thermometer?.reading ?? null,
    today,
  };
}

/** Of a place what its stands' books say of it, and no more. */
export function bookPlace({
  latitudeDeg,
  longitudeDeg,
  heightM,
  facts,
}: Pick<StandAtPatch['patch'], 'latitudeDeg' | 'longitudeDeg' | 'heightM' | 'facts'>): Book['place'] {
  const { aspect, slopeDeg, canopy, leave, leaveUntil, leaveDays, hazards } = facts;
  return {
    latitudeDeg,
    longitudeDeg,
    heightM,
    facts: { aspect, slopeDeg, canopy, leave, leaveUntil, leaveDays: leaveDays ?? null, hazards },
  };
}

/** A shore is held as long as what it is made of: days asked of it are remembered with it. */
function shoreOf(
  { id, version, facts, latitudeDeg, longitudeDeg }: StandAtPatch['patch'],
  { tides, shores }: GroupCommons,
  zone: string,
): Shore | null {
  const levelM = facts.tideLevelM;
  if (typeof levelM !== 'number') return null;
  const key = `${id}:${version}:${zone}`;
  const held = shores.get(key);
  if (held !== undefined) return held;
  const tide = nearestTide(tides, { latitudeDeg, longitudeDeg });
  const shore = tide && {
    tide: { name: tide.name, source: tide.source, latitudeDeg: tide.latitudeDeg, longitudeDeg: tide.longitudeDeg },
    zone,
    latitudeDeg,
    longitudeDeg,
    levelM,
  };
  shores.set(key, shore);
  return shore;
}

/** A stand with its plant, without its record: enough to see whether an entry fits it. */
export async function standWithPlant(
  deps: Pick<Dependencies, 'db' | 'catalogue' | 'answers'>,
  group: KnownGroup,
  id: string,
): Promise<(StandAtPatch & { readonly plant: KnownPlant }) | null> {
  const [row, { plants }] = await Promise.all([standById(deps.db, group.id, id), commonsOf(deps, group)]);
  const plant = row && plants.get(row.stand.plantKey);
  return row && plant ? { ...row, plant } : null;
}

/** The book as it is under the lock of a transaction that claimed the stand. */
export async function bookUnderLock(
  deps: Pick<Dependencies, 'answers'>,
  tx: Queryable,
  { book }: Dossier,
  { stand, patch }: StandAtPatch,
): Promise<Book> {
  const { identity, madeBy, sinceYear, restUntil, id } = stand;
  return {
    ...book,
    stand: { id, identity, madeBy, sinceYear, restUntil },
    place: bookPlace(patch),
    record: await recordUnderLock(deps, tx, stand),
  };
}

async function onlyStand(on: Queryable, groupId: string, id: string): Promise<readonly StandAtPatch[]> {
  const row = await standById(on, groupId, id);
  return row ? [row] : [];
}

/** Profiles of plants by genus and species: so look-alikes are found. Of own copies and shipped ones of a name, a shipped one. */
export type Kin = ReadonlyMap<string, PlantProfile>;
