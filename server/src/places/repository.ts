import { and, asc, eq, inArray, lt, sql } from 'drizzle-orm';
import type { PlaceReading } from '@emberfield/contract';
import { account } from '../people/table.ts';
import { entry, takeVerdict } from '../entries/table.ts';
import { patch, patchHistory } from '../patches/table.ts';
import { photo } from '../photos/table.ts';
import { stand } from '../stands/table.ts';
import type { Queryable } from '../platform/database/database.ts';
import { path, placeImport, type ImportMade } from './table.ts';

export type PlaceImportRow = typeof placeImport.$inferSelect & { readonly reading: PlaceReading };
const ROWS_AT_ONCE = 200;
const pieces = <T>(all: readonly T[]): T[][] =>
  Array.from({ length: Math.ceil(all.length / ROWS_AT_ONCE) }, (_, i) =>
    all.slice(i * ROWS_AT_ONCE, (i + 1) * ROWS_AT_ONCE),
  );

export const importById = async (db: Queryable, groupId: string, id: string): Promise<PlaceImportRow | null> =>
  ((
    await db
      .select()
      .from(placeImport)
      .where(and(eq(placeImport.groupId, groupId), eq(placeImport.id, id)))
  )[0] as PlaceImportRow | undefined) ?? null;
export const importAnywhere = async (db: Queryable, id: string) =>
  (await db.select().from(placeImport).where(eq(placeImport.id, id)))[0] ?? null;
export const insertImport = (db: Queryable, row: typeof placeImport.$inferInsert) => db.insert(placeImport).values(row);
export const updateImport = (db: Queryable, id: string, set: Partial<typeof placeImport.$inferInsert>) =>
  db.update(placeImport).set(set).where(eq(placeImport.id, id));
export const sweepPlaceImports = (db: Queryable, before: Date) =>
  db.delete(placeImport).where(lt(placeImport.madeAt, before));
export const deleteImport = (db: Queryable, id: string) => db.delete(placeImport).where(eq(placeImport.id, id));

export const pathsOf = (db: Queryable, groupId: string) =>
  db.select().from(path).where(eq(path.groupId, groupId)).orderBy(asc(path.name));
export const deletePath = async (db: Queryable, groupId: string, id: string): Promise<boolean> =>
  (await db.delete(path).where(and(eq(path.groupId, groupId), eq(path.id, id))))[0].affectedRows > 0;

/** Inserts in pieces that every database takes; what has its key already stays as it is. */
export async function insertAll(
  db: Queryable,
  rows: {
    readonly patches: readonly (typeof patch.$inferInsert)[];
    readonly stands: readonly (typeof stand.$inferInsert)[];
    readonly paths: readonly (typeof path.$inferInsert)[];
  },
): Promise<void> {
  for (const some of pieces(rows.patches))
    await db
      .insert(patch)
      .values(some)
      .onDuplicateKeyUpdate({ set: { id: sql`${patch.id}` } });
  for (const some of pieces(rows.stands))
    await db
      .insert(stand)
      .values(some)
      .onDuplicateKeyUpdate({ set: { id: sql`${stand.id}` } });
  for (const some of pieces(rows.paths))
    await db
      .insert(path)
      .values(some)
      .onDuplicateKeyUpdate({ set: { id: sql`${path.id}` } });
}

/**
 * Removes what an import made as far as nothing hangs on it: stands without entries and photos, then places without anything.
 * @returns how many things went
 */
export async function removeUntouched(db: Queryable, groupId: string, made: ImportMade): Promise<number> {
  let removed = 0;
  const gone = (answer: readonly [{ readonly affectedRows: number }, ...unknown[]]): void =>
    void (removed += answer[0].affectedRows);
  for (const ids of pieces(made.paths))
    gone(await db.delete(path).where(and(eq(path.groupId, groupId), inArray(path.id, ids))));
  for (const ids of pieces(made.stands)) {
    const used = new Set([
      ...(await db.select({ id: entry.standId }).from(entry).where(inArray(entry.standId, ids))).map((r) => r.id),
      ...(await db.select({ id: photo.standId }).from(photo).where(inArray(photo.standId, ids))).map((r) => r.id),
    ]);
    const free = ids.filter((id) => !used.has(id));
    if (free.length > 0) gone(await db.delete(stand).where(and(eq(stand.groupId, groupId), inArray(stand.id, free))));
  }
  for (const ids of pieces(made.patches)) {
    const used = new Set([
      ...(await db.select({ id: stand.patchId }).from(stand).where(inArray(stand.patchId, ids))).map((r) => r.id),
      ...(await db.select({ id: entry.patchId }).from(entry).where(inArray(entry.patchId, ids))).map((r) => r.id),
      ...(await db.select({ id: photo.patchId }).from(photo).where(inArray(photo.patchId, ids))).map((r) => r.id),
      // Somebody changed it since: it is theirs as well.
      ...(
        await db.select({ id: patchHistory.patchId }).from(patchHistory).where(inArray(patchHistory.patchId, ids))
      ).map((r) => r.id),
    ]);
    const free = ids.filter((id) => !used.has(id));
    if (free.length > 0) gone(await db.delete(patch).where(and(eq(patch.groupId, groupId), inArray(patch.id, free))));
  }
  return removed;
}

/** Which of the keys are taken, and by which group. */
export async function takenPatches(db: Queryable, ids: readonly string[]): Promise<ReadonlyMap<string, string>> {
  const found = new Map<string, string>();
  for (let i = 0; i < ids.length; i += ROWS_AT_ONCE)
    for (const row of await db
      .select({ id: patch.id, groupId: patch.groupId })
      .from(patch)
      .where(inArray(patch.id, ids.slice(i, i + ROWS_AT_ONCE))))
      found.set(row.id, row.groupId);
  return found;
}
export async function takenStands(db: Queryable, ids: readonly string[]): Promise<ReadonlySet<string>> {
  const found = new Set<string>();
  for (let i = 0; i < ids.length; i += ROWS_AT_ONCE)
    for (const row of await db
      .select({ id: stand.id })
      .from(stand)
      .where(inArray(stand.id, ids.slice(i, i + ROWS_AT_ONCE))))
      found.add(row.id);
  return found;
}

/** Everything noted in a group, oldest first, with who, where and of which plant. */
export const entriesToExport = (db: Queryable, groupId: string, kinds: readonly string[]) =>
  db
    .select({ entry, by: account.name, plantKey: stand.plantKey, verdict: takeVerdict.verdict })
    .from(entry)
    .innerJoin(account, eq(account.id, entry.madeBy))
    .leftJoin(stand, eq(stand.id, entry.standId))
    .leftJoin(takeVerdict, eq(takeVerdict.entryId, entry.id))
    .where(and(eq(entry.groupId, groupId), inArray(entry.kind, [...kinds, 'withdrawal'])))
    .orderBy(asc(entry.day), asc(entry.id));
