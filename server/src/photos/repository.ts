import { and, asc, desc, eq } from 'drizzle-orm';
import type { PhotoSize } from '@emberfield/contract';
import { account } from '../people/table.ts';
import type { Queryable } from '../platform/database/database.ts';
import { photo, photoPiece } from './table.ts';

export type PhotoRow = typeof photo.$inferSelect;
const PIECE_BYTES = 512 * 1024;

export const photoById = async (db: Queryable, groupId: string, id: string): Promise<PhotoRow | null> =>
  (
    await db
      .select()
      .from(photo)
      .where(and(eq(photo.groupId, groupId), eq(photo.id, id)))
  )[0] ?? null;
export const photoAnywhere = async (db: Queryable, id: string): Promise<PhotoRow | null> =>
  (await db.select().from(photo).where(eq(photo.id, id)))[0] ?? null;
export const photosOf = (db: Queryable, of: { readonly patchId: string } | { readonly standId: string }) =>
  db
    .select({ photo, by: account.name })
    .from(photo)
    .innerJoin(account, eq(account.id, photo.madeBy))
    .where('patchId' in of ? eq(photo.patchId, of.patchId) : eq(photo.standId, of.standId))
    .orderBy(desc(photo.day), desc(photo.id));

export async function insertPhoto(
  db: Queryable,
  row: typeof photo.$inferInsert,
  pictures: Readonly<Record<PhotoSize, Buffer>>,
): Promise<void> {
  await db.insert(photo).values(row);
  for (const size of ['small', 'large'] as const)
    for (let n = 0; n * PIECE_BYTES < pictures[size].length; n++)
      await db.insert(photoPiece).values({
        photoId: row.id,
        size,
        n,
        bytes: pictures[size].subarray(n * PIECE_BYTES, (n + 1) * PIECE_BYTES),
      });
}
export const pictureOf = async (db: Queryable, id: string, size: PhotoSize): Promise<Buffer> =>
  Buffer.concat(
    (
      await db
        .select({ bytes: photoPiece.bytes })
        .from(photoPiece)
        .where(and(eq(photoPiece.photoId, id), eq(photoPiece.size, size)))
        .orderBy(asc(photoPiece.n))
    ).map((p) => p.bytes),
  );
export async function deletePhoto(db: Queryable, id: string): Promise<void> {
  await db.delete(photoPiece).where(eq(photoPiece.photoId, id));
  await db.delete(photo).where(eq(photo.id, id));
}
