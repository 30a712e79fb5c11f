import { and, desc, eq, gte, inArray, isNotNull, isNull, lt, lte, ne, or, sql } from 'drizzle-orm';
import { alias } from 'drizzle-orm/mysql-core';
import type { Entry, EntryBodies } from '@emberfield/contract';
import { patch, type PatchRow } from '../patches/table.ts';
import { account } from '../people/table.ts';
import type { Queryable } from '../platform/database/database.ts';
import { contentDigest } from '../platform/tokens.ts';
import { stand } from '../stands/table.ts';
import { entry, takeVerdict } from './table.ts';

type EntryRow = Omit<typeof entry.$inferSelect, 'kind' | 'body'> & {
  readonly kind: Entry['kind'];
  readonly body: Entry['body'];
};
export type VerdictRow = typeof takeVerdict.$inferSelect;
export interface ReadEntry {
  readonly entry: EntryRow;
  readonly by: string;
  readonly verdict: VerdictRow | null;
}

const reading = (db: Queryable) =>
  db
    .select({ entry, by: account.name, verdict: takeVerdict })
    .from(entry)
    .innerJoin(account, eq(account.id, entry.madeBy))
    .leftJoin(takeVerdict, eq(takeVerdict.entryId, entry.id))
    .$dynamic();

/** What a stand's record is reckoned from: no more columns than that, since it is read for every take. */
export interface RecordEntry {
  readonly id: string;
  readonly standId: string;
  readonly kind: Entry['kind'];
  readonly day: string;
  readonly replaces: string | null;
  readonly body: Entry['body'];
  readonly by: string;
  readonly byId: string;
}

const RECORD_COLUMNS = {
  id: entry.id,
  standId: entry.standId,
  kind: entry.kind,
  day: entry.day,
  replaces: entry.replaces,
  body: entry.body,
  by: account.name,
  byId: entry.madeBy,
};

/** All entries of some stands, oldest day first; of one day in the order they were stored. */
export async function entriesOfStands(db: Queryable, standIds: readonly string[]): Promise<readonly RecordEntry[]> {
  if (standIds.length === 0) return [];
  return (await db
    .select(RECORD_COLUMNS)
    .from(entry)
    .innerJoin(account, eq(account.id, entry.madeBy))
    .where(inArray(entry.standId, [...standIds]))
    .orderBy(entry.day, entry.id)) as unknown as RecordEntry[];
}

/** How the takes of a stand stood when they were stored, by entry; `allowed`: in all, `null` where no amount was known. */
export async function verdictsOf(
  db: Queryable,
  standId: string,
): Promise<ReadonlyMap<string, { readonly over: boolean; readonly allowed: number | null }>> {
  const rows = await db
    .select({
      id: takeVerdict.entryId,
      verdict: takeVerdict.verdict,
      allowed: sql<string | null>`JSON_VALUE(${takeVerdict.allowance}, '$.amount')`,
    })
    .from(takeVerdict)
    .innerJoin(entry, eq(entry.id, takeVerdict.entryId))
    .where(eq(entry.standId, standId));
  return new Map(
    rows.map((r) => [r.id, { over: r.verdict === 'over', allowed: r.allowed === null ? null : Number(r.allowed) }]),
  );
}

/** Finds and searches of a place itself, still standing, newest first. */
export const entriesOfPlace = async (db: Queryable, patchId: string): Promise<readonly RecordEntry[]> => {
  const later = alias(entry, 'later');
  return (await db
    .select(RECORD_COLUMNS)
    .from(entry)
    .innerJoin(account, eq(account.id, entry.madeBy))
    .leftJoin(later, eq(later.replaces, entry.id))
    .where(
      and(eq(entry.patchId, patchId), isNull(entry.standId), inArray(entry.kind, ['find', 'search']), isNull(later.id)),
    )
    .orderBy(desc(entry.day), desc(entry.id))) as unknown as RecordEntry[];
};

/** Finds of a group at places where no stand is entered: nobody has put them on the year. */
/** Something noted of a place, with the place: who may know what of it is said where it goes out. */
interface AtPlace {
  readonly patch: PatchRow;
  readonly day: string;
  readonly body: unknown;
}

export const openFinds = async (db: Queryable, groupId: string): Promise<readonly AtPlace[]> => {
  const later = alias(entry, 'later');
  return (await db
    .select({ patch, day: entry.day, body: entry.body })
    .from(entry)
    .innerJoin(patch, eq(patch.id, entry.patchId))
    .leftJoin(stand, eq(stand.patchId, entry.patchId))
    .leftJoin(later, eq(later.replaces, entry.id))
    .where(and(eq(entry.groupId, groupId), eq(entry.kind, 'find'), isNull(stand.id), isNull(later.id)))
    .orderBy(entry.day, entry.id)) as unknown as readonly AtPlace[];
};

/** Searches of a group that found nothing, with their places, newest first. */
export const searchesInVain = async (db: Queryable, groupId: string) => {
  const later = alias(entry, 'later');
  const rows = (await db
    .select({ patch, day: entry.day, body: entry.body })
    .from(entry)
    .innerJoin(patch, eq(patch.id, entry.patchId))
    .leftJoin(later, eq(later.replaces, entry.id))
    .where(and(eq(entry.groupId, groupId), eq(entry.kind, 'search'), isNull(entry.standId), isNull(later.id)))
    .orderBy(desc(entry.day))) as unknown as readonly AtPlace[];
  return rows.flatMap(({ body, ...place }) => {
    const { lookedFor, found } = body as EntryBodies['search'];
    return found ? [] : [{ ...place, lookedFor }];
  });
};

/**
 * What a group found or looked for that more than one stand hangs on, still standing, with its place: finds, things that were found at any
 * stand, and searches of whole places. A search of one stand in vain is that stand's own, and most are.
 */
export const findsAndSearches = async (db: Queryable, groupId: string) => {
  const later = alias(entry, 'later');
  return (await db
    .select({ kind: entry.kind, standId: entry.standId, patch, day: entry.day, body: entry.body })
    .from(entry)
    .innerJoin(patch, eq(patch.id, entry.patchId))
    .leftJoin(later, eq(later.replaces, entry.id))
    .where(
      and(
        eq(entry.groupId, groupId),
        inArray(entry.kind, ['find', 'search']),
        sql`(${entry.standId} IS NULL OR JSON_VALUE(${entry.body}, '$.found'))`,
        isNull(later.id),
      ),
    )
    .orderBy(entry.day, entry.id)) as unknown as readonly (AtPlace & {
    readonly kind: 'find' | 'search';
    readonly standId: string | null;
  })[];
};

/** Entries of some kinds in a group, still standing, in the order in which they were made; of those since a day or named, where such are asked for. */
export const standingOfKinds = async (
  db: Queryable,
  groupId: string,
  kinds: readonly Entry['kind'][],
  only: { readonly since: string; readonly ids: readonly string[] } | null = null,
) => {
  const later = alias(entry, 'later');
  const among = only
    ? or(gte(entry.day, only.since), only.ids.length > 0 ? inArray(entry.id, [...only.ids]) : undefined)
    : undefined;
  return (await db
    .select({ ...RECORD_COLUMNS, madeAt: entry.madeAt, visitId: entry.visitId })
    .from(entry)
    .innerJoin(account, eq(account.id, entry.madeBy))
    .leftJoin(later, eq(later.replaces, entry.id))
    .where(and(eq(entry.groupId, groupId), inArray(entry.kind, [...kinds]), isNull(later.id), among))
    .orderBy(entry.madeAt, entry.id)) as unknown as readonly (RecordEntry & {
    readonly madeAt: Date;
    readonly visitId: string | null;
  })[];
};

/** Of entries of a kind that were put right: each with the one that took its place. */
export const putRightIn = async (
  db: Queryable,
  groupId: string,
  kind: Entry['kind'],
): Promise<ReadonlyMap<string, string>> =>
  new Map(
    (
      await db
        .select({ id: entry.replaces, by: entry.id })
        .from(entry)
        .where(and(eq(entry.groupId, groupId), eq(entry.kind, kind), isNotNull(entry.replaces)))
    ).map(({ id, by }) => [id!, by]),
  );

/** What somebody said in a group about identities, still standing, with the plant of the stand. */
export const identitiesBy = (db: Queryable, groupId: string, accountId: string) => {
  const later = alias(entry, 'later');
  return db
    .select({ standId: entry.standId, day: entry.day, body: entry.body, plantKey: stand.plantKey })
    .from(entry)
    .innerJoin(stand, eq(stand.id, entry.standId))
    .leftJoin(later, eq(later.replaces, entry.id))
    .where(and(eq(entry.groupId, groupId), eq(entry.kind, 'identity'), eq(entry.madeBy, accountId), isNull(later.id)));
};

/** Entries of a stand and of its patch, newest first, of days up to one, before a key, one page. */
export async function entryPage(
  db: Queryable,
  standId: string,
  patchId: string,
  { before, until, limit }: { readonly before: string | null; readonly until: string | null; readonly limit: number },
): Promise<readonly ReadEntry[]> {
  const ofPlace = sql`(${entry.standId} = ${sql.param(standId, entry.standId)} OR (${entry.patchId} = ${sql.param(patchId, entry.patchId)} AND ${entry.standId} IS NULL))`;
  const rows = await reading(db)
    .where(
      and(
        ofPlace,
        before === null ? undefined : lt(entry.id, before),
        until === null ? undefined : lte(entry.day, until),
      ),
    )
    .orderBy(desc(entry.id))
    .limit(limit);
  return rows as unknown as ReadEntry[];
}

/** Which of the entries have been replaced, and by what kind. */
export async function replacementsOf(db: Queryable, ids: readonly string[]): Promise<ReadonlyMap<string, string>> {
  if (ids.length === 0) return new Map();
  const rows = await db
    .select({ replaces: entry.replaces, kind: entry.kind })
    .from(entry)
    .where(inArray(entry.replaces, [...ids]));
  return new Map(rows.map((r) => [r.replaces!, r.kind]));
}

/** Which of the keys are taken by entries. */
export async function entriesThere(db: Queryable, ids: readonly string[]): Promise<ReadonlySet<string>> {
  if (ids.length === 0) return new Set();
  const rows = await db
    .select({ id: entry.id })
    .from(entry)
    .where(inArray(entry.id, [...ids]));
  return new Set(rows.map((r) => r.id));
}

/** What a device made at a moment, but for withdrawals, each with the kind of what came in its place. */
export function entriesMade(
  db: Queryable,
  { groupId, device, madeAt }: { readonly groupId: string; readonly device: string; readonly madeAt: Date },
) {
  const later = alias(entry, 'later');
  return db
    .select({
      where: { patchId: entry.patchId, standId: entry.standId, day: entry.day, zone: entry.zone },
      id: entry.id,
      replacedBy: later.kind,
    })
    .from(entry)
    .leftJoin(later, eq(later.replaces, entry.id))
    .where(
      and(eq(entry.groupId, groupId), eq(entry.device, device), eq(entry.madeAt, madeAt), ne(entry.kind, 'withdrawal')),
    );
}

export const entryById = async (db: Queryable, id: string): Promise<ReadEntry | null> =>
  ((await reading(db).where(eq(entry.id, id)))[0] as unknown as ReadEntry | undefined) ?? null;

export type NewEntryRow = typeof entry.$inferInsert;
export const insertEntry = (db: Queryable, row: NewEntryRow) => db.insert(entry).values(row);

const ROWS_AT_ONCE = 200;
/** Many entries at once, for loading a record that is known to be well-formed. */
export async function insertEntries(db: Queryable, rows: readonly NewEntryRow[]): Promise<void> {
  for (let i = 0; i < rows.length; i += ROWS_AT_ONCE) await db.insert(entry).values(rows.slice(i, i + ROWS_AT_ONCE));
}

/** The row of an entry; stored when it was made, unless said otherwise. */
export function rowOf(
  e: Entry,
  { groupId, madeBy, storedAt }: { readonly groupId: string; readonly madeBy: string; readonly storedAt?: Date },
): NewEntryRow {
  const { id, kind, schemaVersion, patchId, standId, visitId, day, zone, device, replaces, body } = e;
  const madeAt = new Date(e.madeAt);
  return {
    id,
    groupId,
    kind,
    schemaVersion,
    patchId,
    standId,
    visitId,
    day,
    zone,
    madeAt,
    storedAt: storedAt ?? madeAt,
    device,
    replaces,
    body,
    contentDigest: contentDigest(e),
    madeBy,
  };
}

export const insertVerdict = (db: Queryable, row: typeof takeVerdict.$inferInsert) =>
  db.insert(takeVerdict).values(row);
