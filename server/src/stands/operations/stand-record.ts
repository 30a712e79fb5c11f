import type { EntryBodies, PartKey } from '@emberfield/contract';
import { dayNumber, type DayNumber } from '@emberfield/core/measure';
import type { GroundWord, StageSighting } from '@emberfield/core/phenology';
import { completeCount, countByEye, estimateFromQuadrats, type CountEstimate } from '@emberfield/core/stand';
import type { RecordEntry } from '../../entries/index.ts';

export interface RecordedCount {
  readonly id: string;
  readonly day: DayNumber;
  readonly plants: CountEstimate;
  readonly mature: CountEstimate | null;
  readonly flowering: CountEstimate | null;
  readonly method: EntryBodies['census']['method'];
  readonly by: string;
}
export interface RecordedTake {
  readonly id: string;
  readonly day: DayNumber;
  readonly part: PartKey;
  readonly amount: number;
  readonly measure: 'unit' | 'gram';
  readonly plants: number | null;
  readonly by: string;
}

export interface RecordedIdentity extends Omit<EntryBodies['identity'], 'leftOpen'> {
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

/** What the entries of a stand amount to: those that were neither withdrawn nor corrected, in order of their days. */
export interface StandRecord {
  readonly sightings: readonly StageSighting[];
  /** The sightings as a text: a forecast hangs on them and not on takes or counts. */
  readonly sightingsKey: string;
  readonly counts: readonly RecordedCount[];
  readonly takes: readonly RecordedTake[];
  readonly losses: readonly { readonly day: DayNumber; readonly share: number }[];
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
}

export function recordOf(entries: readonly RecordEntry[]): StandRecord {
  const replaced = new Set(entries.flatMap(({ replaces }) => (replaces ? [replaces] : [])));
  const record = {
    sightings: [] as StageSighting[],
    counts: [] as RecordedCount[],
    takes: [] as RecordedTake[],
    losses: [] as StandRecord['losses'][number][],
    searches: [] as StandRecord['searches'][number][],
    identities: [] as RecordedIdentity[],
    awaited: [] as RecordedAwaited[],
    ground: [] as GroundWord[],
  };
  for (const entry of entries) {
    const { by } = entry;
    if (replaced.has(entry.id)) continue;
    const day = dayNumber(entry.day);
    // The kind says which body it is; the contract's schema checked it on the way in.
    switch (entry.kind) {
      case 'stageSighting': {
        const body = entry.body as EntryBodies['stageSighting'];
        const { stage, reached, share } = body;
        // A flush out of season is real and is no sign of when the season's stage comes.
        if (!body.offSeason) record.sightings.push({ stage, day, reached, share });
        break;
      }
      case 'census':
        record.counts.push({ id: entry.id, day, by, ...countOf(entry.body as EntryBodies['census']) });
        break;
      case 'take': {
        const { part, amount, measure, plants } = entry.body as EntryBodies['take'];
        record.takes.push({ id: entry.id, day, part, amount, measure, plants, by });
        // A root that was dug says that the ground could be.
        if (part === 'root') record.ground.push({ day, frozen: false });
        break;
      }
      case 'loss':
        record.losses.push({ day, share: (entry.body as EntryBodies['loss']).share });
        break;
      case 'search': {
        const { lookedFor, plantKey, found, deadly } = entry.body as EntryBodies['search'];
        record.searches.push({ day, lookedFor, plantKey, found, deadly });
        break;
      }
      case 'identity': {
        const { leftOpen: _, ...said } = entry.body as EntryBodies['identity'];
        record.identities.push({ id: entry.id, day, by, byId: entry.byId, ...said });
        break;
      }
      case 'awaited': {
        const { sign, due, note } = entry.body as EntryBodies['awaited'];
        record.awaited.push({ id: entry.id, day, sign, due: dayNumber(due), note });
        break;
      }
      case 'ground':
        record.ground.push({ day, frozen: (entry.body as EntryBodies['ground']).frozen });
        break;
      case 'visit':
      case 'find':
      case 'provenance':
      case 'note':
      case 'withdrawal':
        break;
    }
  }
  return {
    ...record,
    sightingsKey: record.sightings.map((x) => `${x.stage}${x.day}${x.reached ? '+' : '-'}${x.share ?? ''}`).join(' '),
  };
}

function countOf(body: EntryBodies['census']): Pick<RecordedCount, 'plants' | 'mature' | 'flowering' | 'method'> {
  switch (body.method) {
    case 'complete':
      return {
        method: body.method,
        plants: completeCount(body.plants),
        mature: body.mature === null ? null : completeCount(body.mature),
        flowering: body.flowering === null ? null : completeCount(body.flowering),
      };
    case 'quadrats':
      return {
        method: body.method,
        plants: estimateFromQuadrats(body.counts, body.quadratAreaM2, body.standAreaM2),
        mature: null,
        flowering: null,
      };
    case 'eye':
      return { method: body.method, plants: countByEye(body.eye), mature: null, flowering: null };
  }
}

/** Results still waited for on a day: no identity said since then names their sign. */
export const stillAwaited = ({ awaited, identities }: StandRecord, on: DayNumber): readonly RecordedAwaited[] =>
  awaited.filter(
    (a) =>
      a.day <= on && !identities.some((i) => i.day >= a.day && i.day <= on && i.seen.some((s) => s.sign === a.sign)),
  );
