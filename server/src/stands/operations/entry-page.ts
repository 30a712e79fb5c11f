import type { AllowanceView, Entry, EntryPage, EntryView, TakeVerdict } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { entryPage, replacementsOf, type ReadEntry, type VerdictRow } from '../../entries/index.ts';
import type { StandRow } from '../repository.ts';

const PAGE = 60;

/** Newest entries of a stand and its patch, a page at a time by key. */
export async function pageOfEntries(
  { db }: Pick<Dependencies, 'db'>,
  {
    stand,
    accountId,
    before,
    until = null,
    blurred,
  }: {
    readonly stand: StandRow;
    readonly accountId: string;
    readonly before: string | null;
    /** Looking back: nothing of a later day. */
    readonly until?: string | null;
    /** The reader knows only about where the place is: what people wrote of it stays with those who do. */
    readonly blurred: boolean;
  },
): Promise<EntryPage> {
  const rows = await entryPage(db, stand.id, stand.patchId, { before, until, limit: PAGE + 1 });
  const shown = rows.slice(0, PAGE);
  const replaced = await replacementsOf(
    db,
    shown.map((r) => r.entry.id),
  );
  return {
    entries: shown
      .map((row) => viewEntry(row, accountId, replaced.get(row.entry.id) ?? null))
      .flatMap((e) => (blurred && !e.mine ? withoutWords(e) : [e])),
    next: rows.length > PAGE ? shown.at(-1)!.entry.id : null,
  };
}

function viewEntry({ entry, by, verdict }: ReadEntry, accountId: string, replacedBy: string | null): EntryView {
  const { id, kind, patchId, standId, visitId, day, zone, madeAt, device, replaces, body } = entry;
  const envelope = {
    id,
    kind,
    schemaVersion: 1,
    patchId,
    standId,
    visitId,
    day,
    zone,
    madeAt: madeAt.toISOString(),
    device,
    replaces,
    body,
  } as Entry;
  return {
    ...envelope,
    by,
    byId: entry.madeBy,
    mine: entry.madeBy === accountId,
    standing: replacedBy === null ? 'valid' : replacedBy === 'withdrawal' ? 'withdrawn' : 'corrected',
    take: verdict && viewVerdict(verdict),
  };
}

export function viewVerdict({ verdict, leftBefore, leftAfter, allowance }: VerdictRow): TakeVerdict {
  return { verdict, leftBefore, leftAfter, allowance: allowance as AllowanceView };
}

/** Kinds that are nothing but what somebody wrote. */
const WORDS_ONLY: readonly Entry['kind'][] = ['note', 'find', 'provenance', 'withdrawal'];

/** An entry without what somebody wrote down in words, and without where else they were: both tell where a place is. */
function withoutWords(entry: EntryView): readonly EntryView[] {
  if (WORDS_ONLY.includes(entry.kind)) return [];
  const body = Object.fromEntries(
    Object.entries(entry.body).map(([key, value]) => [
      key,
      key === 'fromStandId' ? null : TEXTS.includes(key) ? (Array.isArray(value) ? [] : '') : value,
    ]),
  );
  return [{ ...entry, body } as EntryView];
}
const TEXTS: readonly string[] = ['note', 'overReason', 'signs', 'specimen'];
