// Books of stands as the server loads them, with the rows they were made from.
import { dayNumber, type DayNumber } from '@emberfield/core/measure';
import { learnedFrom, type Book, spotOf } from '@emberfield/core/stand';
import { nearestTide, type Shore } from '@emberfield/core/tide';
import type { Dependencies } from '../../dependencies.ts';
import type { KnownPlant } from '../../plants/index.ts';
import type { Queryable } from '../../platform/database/database.ts';
import { laterCacheOf, Pauses } from '../../answers/index.ts';
import { isUnder, permitsOf, type PermitRow } from '../../permits/index.ts';
import { placeKey, SEES_ALL, visibleTo, type VisiblePatch } from '../../patches/index.ts';
import { weatherAt, type PlaceWeather } from '../../weather/index.ts';
import { standById, standsOf, type StandAtPatch } from '../repository.ts';
import { commonsOf, type GroupCommons, type KnownGroup } from './group-commons.ts';
import { forStand, heldKnowledge, knowledgeOf, type Knowledge, type Learnable } from './group-knowledge.ts';
import { groupState } from './group-state.ts';
import { recordsFor, recordUnderLock } from './kept-records.ts';
import { permitsOfStand, sharedPermits } from './permits.ts';
import { nearbyOf } from './poison.ts';
import { answersFor, type StandAnswers } from './stand-answers.ts';

/** All that a viewer may know of a stand: its book, its answers, and the rows that it was made from. */
export interface Dossier extends StandAtPatch {
  /** The place as the viewer may know it. */
  readonly patch: VisiblePatch;
  readonly plant: KnownPlant;
  readonly record: Book['record'];
  readonly weather: PlaceWeather | null;
  readonly knowledge: Knowledge;
  readonly book: Book;
  readonly answers: StandAnswers;
  /** What derived answers of the stand hang on besides the day, as a text to keep them under. */
  readonly key: string;
  /** Permits and quotas that it is under. */
  readonly permits: readonly PermitRow[];
}

/** The stands asked for, and what they have in common. */
export interface GroupDossier extends GroupCommons {
  readonly stands: readonly Dossier[];
}

type Loading = Pick<Dependencies, 'db' | 'catalogue' | 'log' | 'answers' | 'words'>;

/** Pages ask several things of a group at once: its dossiers are made once for all of them, and let go soon. */
const LONGEST_HELD_MS = 20_000;
const ALL = laterCacheOf<GroupDossier>(6, LONGEST_HELD_MS);
const EVER = laterCacheOf<GroupDossier>(2, LONGEST_HELD_MS);

/** Dossiers of all stands of a group, or of one; entries are read again only for stands that changed. */
export async function dossiersOf(deps: Loading, group: KnownGroup, only: string | null = null): Promise<GroupDossier> {
  if (only !== null) return loadDossiers(deps, group, only);
  return deps.answers.of(ALL).get(await groupState(deps, group), () => loadDossiers(deps, group, null));
}

/** The same of all stands there ever were: what was taken of one that is no longer gone to was taken all the same. */
export async function dossiersEver(deps: Loading, group: KnownGroup): Promise<GroupDossier> {
  return deps.answers.of(EVER).get(await groupState(deps, group), () => loadDossiers(deps, group, null, true));
}

async function loadDossiers(
  deps: Loading,
  group: KnownGroup,
  only: string | null,
  ever = false,
): Promise<GroupDossier> {
  const known = only === null ? null : heldKnowledge(deps, group.id);
  if (only !== null && known === null) {
    // What the others say has to be heard once before one of them can be asked.
    const { stands, ...commons } = await dossiersOf(deps, group);
    return { stands: stands.filter((s) => s.stand.id === only), ...commons };
  }
  // Before the stands: what is drawn on them meanwhile is seen twice rather than missed.
  const permits = await permitsOf(deps.db, group.id);
  const [rows, commons] = await Promise.all([
    only === null ? standsOf(deps.db, group.id) : onlyStand(deps.db, group.id, only),
    commonsOf(deps, group),
  ]);
  const records = await recordsFor(deps, rows);
  const today = dayNumber(group.today);
  // What others learn from a stand hangs on where it truly is; what is told of it, on what the viewer may know of the place.
  const loaded = await inTurn(rows, (row) => {
    const plant = commons.plants.get(row.stand.plantKey);
    // A shipped profile that a later version dropped: the stand stays in the database and shows again when it is back.
    return plant ? loadOne(deps, commons, { ...row, plant, record: records.get(row.stand.id)!, today }) : null;
  });
  const shared =
    only === null ? sharedPermits(permits, { commons, rows: loaded, records, today, viewer: group.viewer }) : null;
  const knowledge = known ?? (await knowledgeOf(deps, group, loaded));
  // What is no longer gone to teaches the others, and is shown only to whoever asks for it.
  const shown = only === null && !ever ? loaded.filter((r) => !r.stand.retiredOn && !r.patch.retiredOn) : loaded;
  const stands = await inTurn(shown, async (row): Promise<Dossier> => {
    const patch = visibleTo(group.viewer, row.patch, deps.words);
    const { stand, plant, record, weather, unlearned } = patch.blurred
      ? await loadOne(deps, commons, { ...row, patch, today })
      : row;
    const own = forStand(knowledge, stand.id);
    const under = permits.filter((p) => isUnder(p, row));
    const { profile, plantRevision, place, thermometer } = unlearned;
    // Said one by one: what is spread into another object gets a layout of its own each time, by which nothing runs fast.
    const book: Book = {
      stand: unlearned.stand,
      profile,
      plantRevision,
      place,
      record,
      nearby: nearbyOf(commons.poison, { patch: row.patch, standId: row.stand.id, blurred: patch.blurred }, today),
      weather: unlearned.weather,
      thermometer,
      today,
      learned: learnedFrom(own.learning),
      kin: commons.kin,
      rules: rulesFor(commons, stand, patch.blurred),
      permits:
        shared?.(row) ??
        (await permitsOfStand(deps, under, row, { groupId: group.id, commons, today, viewer: group.viewer })),
      shore: patch.blurred ? null : shoreOf(patch, commons, group.zone),
    };
    const key = [
      stand.id,
      stand.revision,
      placeKey(patch),
      group.id,
      group.revision,
      own.version,
      ...drawn(under),
    ].join(':');
    const answers = answersFor(deps.answers, {
      book,
      key,
      weatherKey: weather?.key ?? '-',
      knowledge: own,
      placeKey: placeKey(patch),
      revision: stand.revision,
    });
    // Where in a secret place it grows, tells where that is.
    const told = patch.blurred ? { ...stand, where: '' } : stand;
    return { stand: told, patch, plant, record, weather, knowledge: own, book, answers, key, permits: under };
  });
  return { stands, ...commons };
}

/** What was drawn on permits elsewhere, as a text. */
const drawn = (permits: readonly PermitRow[]): readonly string[] => permits.map((p) => `${p.id}/${p.version}`);

/** The rules for a stand; who may know only about where it is does not hear why: words tell where a place is. */
function rulesFor({ rules }: GroupCommons, stand: StandAtPatch['stand'], blurred: boolean): Book['rules'] {
  const own = rules.filter((r) => holdsFor(r, stand));
  return blurred ? own.map((r) => ({ ...r, reason: '' })) : own;
}

/** Whether a rule is for a stand: the group's are for all. */
const holdsFor = (
  { plantKey, standId }: GroupCommons['rules'][number],
  { id, plantKey: own }: StandAtPatch['stand'],
): boolean => (standId === null || standId === id) && (plantKey === null || plantKey === own);

/** One after the other, giving way to others now and then: there may be thousands. */
async function inTurn<A, B>(all: readonly A[], make: (one: A) => Promise<B> | null): Promise<B[]> {
  const pauses = new Pauses();
  const made: B[] = [];
  for (const one of all) {
    const b = make(one);
    if (b) made.push(await b);
    await pauses.pause();
  }
  return made;
}

/** A stand's rows with its weather, before anything was learned of it. */
async function loadOne(deps: Loading, commons: GroupCommons, row: Omit<Rows, 'weather'>) {
  const weather = await weatherAt(deps, commons.stations, spotOf(row.patch));
  return { ...row, weather, unlearned: unlearnedOf({ ...row, weather }) };
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
  const { aspect, slopeDeg, canopy, leave, leaveUntil, leaveDays, hazards, tended } = facts;
  return {
    latitudeDeg,
    longitudeDeg,
    heightM,
    facts: {
      aspect,
      slopeDeg,
      canopy,
      leave,
      leaveUntil,
      leaveDays: leaveDays ?? null,
      hazards,
      tended: tended ?? false,
    },
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
  deps: Pick<Dependencies, 'answers' | 'log'>,
  tx: Queryable,
  { book, plant, permits }: Dossier,
  { stand, patch }: StandAtPatch,
): Promise<Book> {
  const commons = { plants: new Map([[stand.plantKey, plant]]) };
  const { identity, madeBy, sinceYear, restUntil, id } = stand;
  return {
    ...book,
    stand: { id, identity, madeBy, sinceYear, restUntil },
    place: bookPlace(patch),
    record: await recordUnderLock(deps, tx, stand),
    permits: await permitsOfStand(
      { ...deps, db: tx },
      permits,
      { stand, patch },
      { groupId: stand.groupId, commons, today: book.today, viewer: SEES_ALL },
    ),
  };
}

async function onlyStand(on: Queryable, groupId: string, id: string): Promise<readonly StandAtPatch[]> {
  const row = await standById(on, groupId, id);
  return row ? [row] : [];
}
