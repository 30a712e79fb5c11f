import { entriesOfStands, type RecordEntry } from '../../entries/index.ts';
import type { Queryable } from '../../platform/database/database.ts';
import { cacheOf } from '../../answers/index.ts';
import type { Dependencies } from '../../dependencies.ts';
import type { StandAtPatch } from '../repository.ts';
import { recordOf, type StandRecord } from '@emberfield/core/stand';

interface Known {
  readonly entries: readonly RecordEntry[];
  readonly record: StandRecord;
}

/** By a stand's revision, which every entry moves on. What is read a moment after the revision lies under one that is past. */
const RECORDS = cacheOf<Known>(20_000);
type Holding = Pick<Dependencies, 'answers'>;
const keyOf = (standId: string, revision: number): string => `${standId}:${revision}`;

/** Records of stands as they stand in the database; entries are read only of those that changed. */
export async function recordsFor(
  { db, answers, log }: Pick<Dependencies, 'db' | 'answers' | 'log'>,
  rows: readonly StandAtPatch[],
): Promise<ReadonlyMap<string, StandRecord>> {
  const kept = answers.of(RECORDS);
  const found = new Map<string, StandRecord>();
  const missing = new Map<string, { readonly revision: number; readonly entries: RecordEntry[] }>();
  for (const { stand } of rows) {
    const known = kept.peek(keyOf(stand.id, stand.revision));
    if (known) found.set(stand.id, known.record);
    else missing.set(stand.id, { revision: stand.revision, entries: [] });
  }
  for (const entry of await entriesOfStands(db, [...missing.keys()])) missing.get(entry.standId)!.entries.push(entry);
  for (const [id, { revision, entries }] of missing) {
    const record = recordOf(entries);
    if (record.unreadable.length > 0)
      log.error({ standId: id, entries: record.unreadable }, 'entries that cannot be read');
    found.set(id, record);
    kept.put(keyOf(id, revision), { entries, record });
  }
  return found;
}

/**
 * The record under the lock of a transaction that claimed the stand. Usually that of the revision before is known; else it is
 * read, and not kept: a transaction may see what is never committed.
 */
export async function recordUnderLock(
  { answers }: Holding,
  tx: Queryable,
  { id, revision }: StandAtPatch['stand'],
): Promise<StandRecord> {
  return answers.of(RECORDS).peek(keyOf(id, revision - 1))?.record ?? recordOf(await entriesOfStands(tx, [id]));
}

/** An entry was committed under this revision: the record before it is known to have just this one more. */
export function rememberEntry({ answers }: Holding, { id, revision }: StandAtPatch['stand'], entry: RecordEntry): void {
  const kept = answers.of(RECORDS);
  const before = kept.peek(keyOf(id, revision - 1));
  if (!before) return;
  // Entries read a moment after the stand's row may hold this one already: it counts once.
  if (before.entries.some((e) => e.id === entry.id)) {
    kept.put(keyOf(id, revision), before);
    return;
  }
  const later = before.entries.findIndex((e) => e.day > entry.day || (e.day === entry.day && e.id > entry.id));
  const at = later < 0 ? before.entries.length : later;
  const entries = [...before.entries.slice(0, at), entry, ...before.entries.slice(at)];
  kept.put(keyOf(id, revision), { entries, record: recordOf(entries) });
}
