// What the entries of a stand amount to.
import type { GroundWord } from '../climate/index.ts';
import type { LengthsOnDay } from '../learning/index.ts';
import { dayNumber, FIRST_YEAR, type DayNumber, type IsoDay } from '../measure/index.ts';
import type { MethodKey, PartKey } from '../plants/index.ts';
import type { StageSighting } from '../stages/index.ts';
import { countOf, type RecordedCount } from './counts.ts';
import type { EntryBodies, EntryKind } from './entry.ts';

/** An entry as far as a stand's record goes. */
export interface RecordEntry {
  readonly id: string;
  readonly kind: EntryKind;
  readonly day: IsoDay;
  /** Entry that this one corrects or withdraws. */
  readonly replaces: string | null;
  readonly body: EntryBodies[EntryKind];
  readonly by: string;
  readonly byId: string;
}

export interface RecordedTake {
  readonly id: string;
  readonly day: DayNumber;
  readonly part: PartKey;
  readonly amount: number;
  readonly measure: 'unit' | 'gram';
  readonly plants: number | null;
  readonly killed: number | null;
  readonly method: MethodKey;
  readonly snapped: number;
  readonly tried: number;
  readonly quality: EntryBodies['take']['quality'];
  readonly wasteShare: number | null;
  /** How long it took; `null` where nobody said. */
  readonly minutes: number | null;
  /** On the spot: it never came home. */
  readonly eaten: boolean;
  readonly by: string;
  readonly byId: string;
}

interface RecordedIdentity extends Omit<EntryBodies['identity'], 'leftOpen'> {
  readonly id: string;
  readonly day: DayNumber;
  readonly by: string;
  readonly byId: string;
}
export interface RecordedAwaited {
  readonly id: string;
  readonly day: DayNumber;
  readonly sign: string;
  readonly due: DayNumber;
  readonly note: string;
}

type RecordedHold = EntryBodies['hold'] & {
  readonly id: string;
  readonly day: DayNumber;
  readonly by: string;
  readonly byId: string;
};
type RecordedWish = EntryBodies['wish'] & { readonly id: string; readonly day: DayNumber };
export type RecordedPlanting = EntryBodies['planting'] & {
  readonly id: string;
  readonly day: DayNumber;
  readonly by: string;
};
export type RecordedCheck = EntryBodies['plantingCheck'] & { readonly id: string; readonly day: DayNumber };

/** What the entries of a stand amount to: those that were neither withdrawn nor corrected, in order of their days. */
export interface StandRecord {
  readonly sightings: readonly StageSighting[];
  readonly counts: readonly RecordedCount[];
  readonly takes: readonly RecordedTake[];
  readonly holds: readonly RecordedHold[];
  readonly losses: readonly {
    readonly day: DayNumber;
    readonly share: number;
    readonly cause: EntryBodies['loss']['cause'];
  }[];
  readonly plantings: readonly RecordedPlanting[];
  readonly plantingChecks: readonly RecordedCheck[];
  /** Days on which most of the stand was cut off, in order: mown (`null`: every part), or taken from most plants. */
  readonly cuts: readonly { readonly day: DayNumber; readonly part: PartKey | null }[];
  readonly measured: readonly (LengthsOnDay & { readonly part: PartKey })[];
  /** Lengths wanted; of a part the last one holds. */
  readonly wishes: readonly RecordedWish[];
  /** What moves the stand's windows beside its sightings, as a text: what was measured, what is wanted, what was cut, what takes were like. */
  readonly windowsKey: string;
  readonly searches: readonly {
    readonly day: DayNumber;
    readonly lookedFor: string;
    readonly plantKey: string | null;
    readonly found: boolean;
    readonly deadly: boolean;
  }[];
  readonly identities: readonly RecordedIdentity[];
  readonly awaited: readonly RecordedAwaited[];
  readonly ground: readonly GroundWord[];
  /** Entries that could not be read, and are left out of everything: ids. */
  readonly unreadable: readonly string[];
}

export function recordOf(entries: readonly RecordEntry[]): StandRecord {
  const replaced = new Map(entries.flatMap(({ id, replaces }) => (replaces ? [[replaces, id]] : [])));
  /** What an entry is called after all its corrections. */
  const latest = (id: string): string => {
    const next = replaced.get(id);
    return next === undefined ? id : latest(next);
  };
  const record = {
    sightings: [] as StageSighting[],
    counts: [] as RecordedCount[],
    takes: [] as RecordedTake[],
    holds: [] as StandRecord['holds'][number][],
    losses: [] as StandRecord['losses'][number][],
    plantings: [] as RecordedPlanting[],
    plantingChecks: [] as RecordedCheck[],
    measured: [] as StandRecord['measured'][number][],
    wishes: [] as RecordedWish[],
    searches: [] as StandRecord['searches'][number][],
    identities: [] as RecordedIdentity[],
    awaited: [] as RecordedAwaited[],
    ground: [] as GroundWord[],
    unreadable: [] as string[],
    cuts: [] as StandRecord['cuts'],
    windowsKey: '',
  };
  for (const entry of entries) {
    if (replaced.has(entry.id)) continue;
    // One row that should never have been stored must not take its stand down, and a group with it.
    try {
      note(record, entry);
    } catch (error) {
      if (!(error instanceof RangeError)) throw error;
      record.unreadable.push(entry.id);
    }
  }
  // A look is at a planting as it is after all its corrections.
  record.plantingChecks = record.plantingChecks.map((c) => ({ ...c, plantingId: latest(c.plantingId) }));
  record.cuts = cutsOf(record);
  record.windowsKey = windowsKeyOf(record);
  return record;
}

type Noted = { -readonly [K in keyof Omit<StandRecord, 'cuts' | 'windowsKey'>]: StandRecord[K][number][] };

/** Takes one entry into the record. @throws RangeError for one that says what cannot be */
function note(record: Noted, entry: RecordEntry): void {
  const day = dayNumber(entry.day);
  if (entry.day < `${FIRST_YEAR}-01-01`) throw new RangeError(`a day before all records: ${entry.day}`);
  // The kind says which body it is; the contract's schema checked it on the way in.
  const noting = NOTING[entry.kind] as ((record: Noted, body: unknown, about: About) => void) | null;
  noting?.(record, entry.body, { id: entry.id, day, by: entry.by, byId: entry.byId });
}

interface About extends Pick<RecordEntry, 'id' | 'by' | 'byId'> {
  readonly day: DayNumber;
}

/** A take as a record holds it. */
export const recordedTake = (
  {
    part,
    amount,
    measure,
    plants,
    killed,
    method = 'usual',
    snapped = 0,
    tried = 0,
    quality,
    wasteShare = null,
    minutes = null,
    eatenOnTheSpot,
  }: EntryBodies['take'],
  { id, day, by, byId }: Pick<RecordedTake, 'id' | 'day' | 'by' | 'byId'>,
): RecordedTake => ({
  id,
  day,
  part,
  amount,
  measure,
  plants,
  killed,
  method,
  snapped,
  tried,
  quality,
  wasteShare,
  minutes,
  eaten: eatenOnTheSpot,
  by,
  byId,
});

/** What each kind of entry leaves in the record; `null`: nothing. */
const NOTING: { readonly [K in EntryKind]: ((record: Noted, body: EntryBodies[K], about: About) => void) | null } = {
  stageSighting: (record, { stage, reached, share, offSeason }, { day }) => {
    // A flush out of season is real and is no sign of when the season's stage comes.
    if (!offSeason) record.sightings.push({ stage, day, reached, share });
  },
  census: (record, body, { id, day, by }) => void record.counts.push({ id, day, by, ...countOf(body) }),
  take: (record, body, { id, day, by, byId }) => {
    record.takes.push(recordedTake(body, { id, day, by, byId }));
    // A root that was dug says that the ground could be.
    if (body.part === 'root') record.ground.push({ day, frozen: false });
  },
  hold: (record, { part, amount }, about) => void record.holds.push({ part, amount, ...about }),
  loss: (record, { share, cause }, { day }) => void record.losses.push({ day, share, cause }),
  planting: (record, body, { id, day, by }) => void record.plantings.push({ id, day, by, ...body }),
  plantingCheck: (record, body, { id, day }) => void record.plantingChecks.push({ id, day, ...body }),
  measurement: (record, body, { day }) => void record.measured.push({ day, ...body }),
  wish: (record, body, { id, day }) => void record.wishes.push({ id, day, ...body }),
  search: (record, { lookedFor, plantKey, found, deadly }, { day }) =>
    void record.searches.push({ day, lookedFor, plantKey, found, deadly }),
  identity: (record, { leftOpen: _, ...said }, about) => void record.identities.push({ ...about, ...said }),
  awaited: (record, { sign, due, note: said }, { id, day }) =>
    void record.awaited.push({ id, day, sign, due: dayNumber(due), note: said }),
  ground: (record, { frozen }, { day }) => void record.ground.push({ day, frozen }),
  visit: null,
  tending: null,
  find: null,
  provenance: null,
  note: null,
  batch: null,
  batchWeighing: null,
  batchStep: null,
  withdrawal: null,
};

/** Of so many plants: most of the stand. */
const MOST_OF_IT = 0.5;

function cutsOf({ losses, takes, counts }: Pick<StandRecord, 'losses' | 'takes' | 'counts'>): StandRecord['cuts'] {
  const taken = new Map<string, { readonly day: DayNumber; readonly part: PartKey; plants: number }>();
  for (const { day, part, plants } of takes) {
    const same = taken.get(`${part}${day}`);
    if (same) same.plants += plants ?? 0;
    else taken.set(`${part}${day}`, { day, part, plants: plants ?? 0 });
  }
  return [
    ...losses.filter((l) => l.cause === 'mown' && l.share >= MOST_OF_IT).map(({ day }) => ({ day, part: null })),
    ...[...taken.values()]
      .filter(({ day, plants }) => {
        const count = counts.findLast((c) => c.day <= day);
        return count !== undefined && plants > 0 && plants >= MOST_OF_IT * count.plants.value;
      })
      .map(({ day, part }) => ({ day, part })),
  ].sort((a, b) => a.day - b.day);
}

function windowsKeyOf({
  measured,
  wishes,
  cuts,
  takes,
}: Pick<StandRecord, 'measured' | 'wishes' | 'cuts' | 'takes'>): string {
  return [
    ...measured.map((m) => `m${m.part}${m.day}=${m.lengthsCm.join(',')}`),
    ...wishes.map((w) => `w${w.part}${w.fromCm ?? ''}-${w.toCm ?? ''}`),
    ...cuts.map((c) => `x${c.part ?? ''}${c.day}`),
    // Good takes say nothing alone, and most takes are good: they must not have the stand reckoned anew.
    ...takes.flatMap((t) => (tellsOfEdges(t) ? [`q${t.part}${t.day}${t.quality ?? ''}${t.wasteShare ?? ''}`] : [])),
  ].join(' ');
}

/** Whether a take says anything of where its window opens or closes: that it was too early or too late, or how much was waste. */
export const tellsOfEdges = ({ quality, wasteShare }: Pick<RecordedTake, 'quality' | 'wasteShare'>): boolean =>
  quality === 'young' || quality === 'tough' || wasteShare !== null;

/** Of which entries those that were corrected or taken back are left out. */
const KEPT_BY_ID = [
  'counts',
  'takes',
  'holds',
  'plantings',
  'plantingChecks',
  'wishes',
  'identities',
  'awaited',
] as const;

/** What is in a record already: by its id, or, where it has none, by all that it says. */
const sameOf = (item: unknown): string =>
  typeof item === 'object' && item !== null && 'id' in item ? String(item.id) : JSON.stringify(item);
function joined<T>(before: readonly T[], added: readonly T[]): readonly T[] {
  const there = new Set(before.map(sameOf));
  return [...before, ...added.filter((item) => !there.has(sameOf(item)))];
}

/**
 * A record with entries that may have come after it was read, or before: an entry whose answer was lost is in it already. What those correct or take back is gone from what is kept by an id; sightings, losses, measurements and
 * searches have none, and of them what is taken back stays until the record is read anew.
 */
export function recordWith(record: StandRecord, entries: readonly RecordEntry[]): StandRecord {
  if (entries.length === 0) return record;
  const more = recordOf(entries);
  const gone = new Set(entries.flatMap(({ replaces }) => (replaces ? [replaces] : [])));
  const both = Object.fromEntries(
    Object.entries(more).map(([key, added]) => [
      key,
      Array.isArray(added)
        ? joined(record[key as keyof StandRecord] as readonly unknown[], added as readonly unknown[])
        : (added as unknown),
    ]),
  ) as unknown as StandRecord;
  const left = Object.fromEntries(
    KEPT_BY_ID.map((key) => [key, (both[key] as readonly { readonly id: string }[]).filter((x) => !gone.has(x.id))]),
  ) as unknown as Pick<StandRecord, (typeof KEPT_BY_ID)[number]>;
  const all = { ...both, ...left };
  const cuts = cutsOf(all);
  return { ...all, cuts, windowsKey: windowsKeyOf({ ...all, cuts }) };
}

/** Results still waited for on a day: no identity said since then names their sign. */
export const stillAwaited = ({ awaited, identities }: StandRecord, on: DayNumber): readonly RecordedAwaited[] =>
  awaited.filter(
    (a) =>
      a.day <= on && !identities.some((i) => i.day >= a.day && i.day <= on && i.seen.some((s) => s.sign === a.sign)),
  );
