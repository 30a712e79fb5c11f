import { and, asc, count, desc, eq, isNotNull, lt } from 'drizzle-orm';
import type { PhotoSize } from '@emberfield/contract';
import { account } from '../people/table.ts';
import type { Queryable } from '../platform/database/database.ts';
import { photo, photoArriving, photoPiece } from './table.ts';

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

/** Photos of a group that are of a stand, newest first. */
export const photosOfStands = (db: Queryable, groupId: string, most: number) =>
  db
    .select({ id: photo.id, standId: photo.standId, day: photo.day, madeBy: photo.madeBy })
    .from(photo)
    .where(and(eq(photo.groupId, groupId), isNotNull(photo.standId)))
    .orderBy(desc(photo.day), desc(photo.id))
    .limit(most);

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

/** A file on its way: whose, to which group, and the photo that it becomes. */
export interface ArrivingFile {
  readonly groupId: string;
  readonly madeBy: string;
  readonly photoId: string;
}
const ofFile = ({ groupId, madeBy, photoId }: ArrivingFile) =>
  and(eq(photoArriving.groupId, groupId), eq(photoArriving.madeBy, madeBy), eq(photoArriving.photoId, photoId));
/** Numbers of the pieces of a file that somebody has sent, in order. */
export const arrivedOf = async (db: Queryable, file: ArrivingFile): Promise<readonly number[]> =>
  (await db.select({ n: photoArriving.n }).from(photoArriving).where(ofFile(file)).orderBy(asc(photoArriving.n))).map(
    ({ n }) => n,
  );
export const piecesOf = (db: Queryable, file: ArrivingFile) =>
  db
    .select({ n: photoArriving.n, bytes: photoArriving.bytes })
    .from(photoArriving)
    .where(ofFile(file))
    .orderBy(asc(photoArriving.n));
export const arrivingBy = async (db: Queryable, madeBy: string): Promise<number> =>
  (await db.select({ n: count() }).from(photoArriving).where(eq(photoArriving.madeBy, madeBy)))[0]!.n;
/** The same piece sent again takes the place of the one before. */
export const putPiece = (db: Queryable, row: typeof photoArriving.$inferInsert) =>
  db
    .insert(photoArriving)
    .values(row)
    .onDuplicateKeyUpdate({ set: { bytes: row.bytes, groupId: row.groupId, madeAt: row.madeAt } });
export const dropPieces = (db: Queryable, file: ArrivingFile) => db.delete(photoArriving).where(ofFile(file));
export const dropPiecesBefore = (db: Queryable, before: Date) =>
  db.delete(photoArriving).where(lt(photoArriving.madeAt, before));
