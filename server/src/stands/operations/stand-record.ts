import type { EntryBodies, IdentityStatus, PartKey } from '@emberfield/contract';
import { dayNumber, type DayNumber } from '@emberfield/core/measure';
import type { StageSighting } from '@emberfield/core/phenology';
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
    readonly found: boolean;
    readonly deadly: boolean;
  }[];
  readonly identities: readonly { readonly day: DayNumber; readonly status: IdentityStatus }[];
}

export function recordOf(entries: readonly RecordEntry[]): StandRecord {
  const replaced = new Set(entries.flatMap(({ replaces }) => (replaces ? [replaces] : [])));
  const record = {
    sightings: [] as StageSighting[],
    counts: [] as RecordedCount[],
    takes: [] as RecordedTake[],
    losses: [] as StandRecord['losses'][number][],
    searches: [] as StandRecord['searches'][number][],
    identities: [] as StandRecord['identities'][number][],
  };
  for (const entry of entries) {
    const { by } = entry;
    if (replaced.has(entry.id)) continue;
    const day = dayNumber(entry.day);
    // The kind says which body it is; the contract's schema checked it on the way in.
    switch (entry.kind) {
      case 'stageSighting': {
        const body = entry.body as EntryBodies['stageSighting'];
        record.sightings.push({ stage: body.stage, day, reached: body.reached });
        break;
      }
      case 'census':
        record.counts.push({ id: entry.id, day, by, ...countOf(entry.body as EntryBodies['census']) });
        break;
      case 'take': {
        const { part, amount, measure, plants } = entry.body as EntryBodies['take'];
        record.takes.push({ id: entry.id, day, part, amount, measure, plants, by });
        break;
      }
      case 'loss':
        record.losses.push({ day, share: (entry.body as EntryBodies['loss']).share });
        break;
      case 'search': {
        const { lookedFor, found, deadly } = entry.body as EntryBodies['search'];
        record.searches.push({ day, lookedFor, found, deadly });
        break;
      }
      case 'identity':
        record.identities.push({ day, status: (entry.body as EntryBodies['identity']).status });
        break;
      case 'visit':
      case 'provenance':
      case 'note':
      case 'withdrawal':
        break;
    }
  }
  return {
    ...record,
    sightingsKey: record.sightings.map((x) => `${x.stage}${x.day}${x.reached ? '+' : '-'}`).join(' '),
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
