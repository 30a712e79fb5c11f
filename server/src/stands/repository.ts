import { and, asc, eq, inArray, isNull, lt, ne, sql } from 'drizzle-orm';
import { patchesOf, type PatchRow } from '../patches/index.ts';
import { entry } from '../entries/table.ts';
import { patch } from '../patches/table.ts';
import { permit } from '../permits/table.ts';
import type { Queryable } from '../platform/database/database.ts';
import { stand } from './table.ts';

export type StandRow = typeof stand.$inferSelect;
export interface StandAtPatch {
  readonly stand: StandRow;
  readonly patch: PatchRow;
}

/** All stands of a group by the names of their places. Each place is read once, however many stands it has. */
export async function standsOf(db: Queryable, groupId: string): Promise<readonly StandAtPatch[]> {
  const [stands, patches] = await Promise.all([
    db.select().from(stand).where(eq(stand.groupId, groupId)).orderBy(asc(stand.id)),
    patchesOf(db, groupId),
  ]);
  const byPatch = new Map<string, StandRow[]>();
  for (const row of stands) {
    const list = byPatch.get(row.patchId);
    if (list) list.push(row);
    else byPatch.set(row.patchId, [row]);
  }
  return patches.flatMap((row) => (byPatch.get(row.id) ?? []).map((s) => ({ stand: s, patch: row })));
}

/** Stands of some plants of a group, with their places. */
export const standsOfPlants = async (
  db: Queryable,
  groupId: string,
  plantKeys: readonly string[],
): Promise<readonly StandAtPatch[]> =>
  plantKeys.length === 0
    ? []
    : ((await db
        .select({ stand, patch })
        .from(stand)
        .innerJoin(patch, eq(patch.id, stand.patchId))
        .where(and(eq(stand.groupId, groupId), inArray(stand.plantKey, [...plantKeys])))) as unknown as StandAtPatch[]);

/** The lowest places, open to all of the group, where another stand of a plant grows. */
export const lowestOfKind = (
  db: Queryable,
  groupId: string,
  { plantKey, standId, belowM }: { readonly plantKey: string; readonly standId: string; readonly belowM: number },
) =>
  db
    .select({ standId: stand.id, patchName: patch.name, heightM: patch.heightM })
    .from(stand)
    .innerJoin(patch, eq(patch.id, stand.patchId))
    .where(
      and(
        eq(stand.groupId, groupId),
        eq(stand.plantKey, plantKey),
        ne(stand.id, standId),
        eq(patch.secret, false),
        isNull(stand.retiredOn),
        isNull(patch.retiredOn),
        lt(patch.heightM, belowM),
      ),
    )
    .orderBy(asc(patch.heightM))
    .limit(1);

export const standById = async (db: Queryable, groupId: string, id: string): Promise<StandAtPatch | null> =>
  ((
    await db
      .select({ stand, patch })
      .from(stand)
      .innerJoin(patch, eq(patch.id, stand.patchId))
      .where(and(eq(stand.groupId, groupId), eq(stand.id, id)))
  )[0] as unknown as StandAtPatch | undefined) ?? null;

export const standAnywhere = async (db: Queryable, id: string): Promise<StandRow | null> =>
  (await db.select().from(stand).where(eq(stand.id, id)))[0] ?? null;
export const insertStand = (db: Queryable, row: typeof stand.$inferInsert) => db.insert(stand).values(row);
export const updateStand = (db: Queryable, id: string, set: Partial<typeof stand.$inferInsert>) =>
  db.update(stand).set(set).where(eq(stand.id, id));

/** @throws an error of the database while an entry or a photo hangs on it */
export const deleteStand = (db: Queryable, id: string) => db.delete(stand).where(eq(stand.id, id));

/** Figures that move with every change to the stands, places and notes of places of a group; each is read from an index alone. */
export async function groupMarks(db: Queryable, groupId: string): Promise<readonly string[]> {
  const id = sql.param(groupId, stand.groupId);
  const [[row]] = (await db.execute(sql`SELECT
    (SELECT CONCAT(COUNT(*), '/', COALESCE(SUM(${stand.revision}), 0)) FROM ${stand} WHERE ${stand.groupId} = ${id}) AS stands,
    (SELECT CONCAT(COUNT(*), '/', COALESCE(SUM(${patch.version}), 0)) FROM ${patch} WHERE ${patch.groupId} = ${id}) AS patches,
    (SELECT CONCAT(COUNT(*), '/', COALESCE(SUM(${permit.version}), 0)) FROM ${permit} WHERE ${permit.groupId} = ${id}) AS permits,
    (SELECT COUNT(*) FROM ${entry} WHERE ${entry.groupId} = ${id} AND ${entry.standId} IS NULL) AS notes`)) as unknown as [
    [{ readonly stands: string; readonly patches: string; readonly permits: string; readonly notes: number }],
  ];
  return [row.stands, row.patches, row.permits, `${row.notes}`];
}

/** The same of one stand; `null` where the group has no such stand. */
export async function standMarks(db: Queryable, groupId: string, id: string): Promise<readonly string[] | null> {
  const [row] = await db
    .select({
      revision: stand.revision,
      version: patch.version,
      permits: sql<number>`(SELECT COALESCE(SUM(${permit.version}), 0) FROM ${permit} WHERE ${permit.groupId} = ${stand.groupId})`,
      notes: sql<number>`(SELECT COUNT(*) FROM ${entry} WHERE ${entry.patchId} = ${stand.patchId} AND ${entry.standId} IS NULL)`,
    })
    .from(stand)
    .innerJoin(patch, eq(patch.id, stand.patchId))
    .where(and(eq(stand.groupId, groupId), eq(stand.id, id)));
  return row ? [row.revision, row.version, row.permits, row.notes].map(String) : null;
}

/**
 * Claims a stand's row for this transaction by updating it, and reads it as it is then. The update takes the row's lock, so
 * takers of one server wait for each other; and it makes takers on several writing nodes of a cluster conflict, where locks
 * do not reach across. `null` where the group has no such stand.
 */
export async function claimStand(tx: Queryable, groupId: string, id: string): Promise<StandAtPatch | null> {
  const [{ affectedRows }] = await tx
    .update(stand)
    .set({ revision: sql`${stand.revision} + 1` })
    .where(and(eq(stand.groupId, groupId), eq(stand.id, id)));
  return affectedRows === 0 ? null : standById(tx, groupId, id);
}

/** Claims a stand's row as long as it is at a revision that is known; `false` where somebody was quicker. */
export async function claimStandAt(tx: Queryable, groupId: string, id: string, revision: number): Promise<boolean> {
  const [{ affectedRows }] = await tx
    .update(stand)
    .set({ revision: revision + 1 })
    .where(and(eq(stand.groupId, groupId), eq(stand.id, id), eq(stand.revision, revision)));
  return affectedRows === 1;
}
