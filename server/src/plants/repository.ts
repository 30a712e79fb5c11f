import { and, desc, eq } from 'drizzle-orm';
import type { PlantProfile } from '@emberfield/contract';
import type { Queryable } from '../platform/database/database.ts';
import { ownProfile } from './table.ts';

export type OwnProfileRow = typeof ownProfile.$inferSelect & { readonly profile: PlantProfile };

/** Newest revision of each of a group's own profiles that are on its list. */
export async function latestOwnProfiles(db: Queryable, groupId: string): Promise<readonly OwnProfileRow[]> {
  const rows = await db
    .select()
    .from(ownProfile)
    .where(eq(ownProfile.groupId, groupId))
    .orderBy(ownProfile.key, desc(ownProfile.revision));
  return rows.filter((row, i) => rows[i - 1]?.key !== row.key && !row.removed) as OwnProfileRow[];
}

/** The newest revision, one that takes it off the list included; nobody else changes it meanwhile. */
export async function lockOwnProfile(db: Queryable, groupId: string, key: string): Promise<OwnProfileRow | null> {
  const rows = await db
    .select()
    .from(ownProfile)
    .where(and(eq(ownProfile.groupId, groupId), eq(ownProfile.key, key)))
    .orderBy(desc(ownProfile.revision))
    .limit(1)
    .for('update');
  return (rows[0] as OwnProfileRow | undefined) ?? null;
}

export const insertOwnProfile = (db: Queryable, row: typeof ownProfile.$inferInsert) =>
  db.insert(ownProfile).values(row);

/** Takes an own plant off the list by a revision that says so; nothing of it is lost. @returns that revision; `null` where it is on no list */
export async function takeOffList(
  tx: Queryable,
  groupId: string,
  key: string,
  by: Pick<OwnProfileRow, 'madeBy' | 'madeAt'>,
): Promise<OwnProfileRow | null> {
  const before = await lockOwnProfile(tx, groupId, key);
  if (!before || before.removed) return null;
  const row = { ...before, ...by, revision: before.revision + 1, removed: true };
  await insertOwnProfile(tx, row);
  return row;
}
