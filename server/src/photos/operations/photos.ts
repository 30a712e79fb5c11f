import { isIsoDay } from '@emberfield/core/measure';
import { isUuid, PHOTO_SIZES, type PhotoTaken, type PhotoView } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { patchById, seesExactly } from '../../patches/index.ts';
import { audit } from '../../people/index.ts';
import { isDuplicate, transact } from '../../platform/database/transact.ts';
import type { Queryable } from '../../platform/database/database.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { FileAnswer } from '../../platform/http/file-answer.ts';
import { contentDigest } from '../../platform/tokens.ts';
import { standById } from '../../stands/index.ts';
import * as repository from '../repository.ts';
import { pictureFrom, saidBy } from './picture.ts';
import { fileOf, wholeOf } from './pieces.ts';

/** Takes a photo in for a place or a stand. The same sent twice is stored once. */
export async function addPhoto(deps: Dependencies, context: GroupContext<unknown>): Promise<PhotoTaken> {
  const { body, group, account, params, query } = context;
  const id = params['photoId']!;
  const { pieces } = query;
  const content = pieces === undefined ? (body as Buffer) : await wholeOf(deps.db, fileOf(context), pieces);
  const { patchId, standId } = await placeFor(deps.db, group.id, query);
  const day = query['day'] ?? group.today;
  if (!isIsoDay(day)) throw new AppError('badInput', { field: 'query.day', reason: 'notADay' });
  if (day > group.today) throw new AppError('futureDay', { field: 'query.day', values: { today: group.today } });
  const [{ pictures, widthPx, heightPx }, said] = [await pictureFrom(content), await saidBy(content)];
  const digest = contentDigest({ patchId, standId, day, content: content.toString('base64') });
  try {
    await transact(deps.db, async (tx) => {
      if (pieces !== undefined) await repository.dropPieces(tx, fileOf(context));
      await repository.insertPhoto(
        tx,
        {
          id,
          groupId: group.id,
          patchId,
          standId,
          day,
          widthPx,
          heightPx,
          contentDigest: digest,
          madeBy: account.accountId,
          madeAt: deps.clock.now(),
        },
        pictures,
      );
    });
  } catch (error) {
    if (!isDuplicate(error)) throw error;
    const before = await repository.photoAnywhere(deps.db, id);
    if (before?.groupId !== group.id || !before.contentDigest.equals(digest))
      throw new AppError('idTaken', { field: 'params.photoId', cause: error });
    if (pieces !== undefined) await repository.dropPieces(deps.db, fileOf(context));
  }
  return { id, widthPx, heightPx, ...said };
}

async function placeFor(db: Queryable, groupId: string, query: Readonly<Record<string, string | undefined>>) {
  const [patchId, standId] = [query['patch'], query['stand'] ?? null];
  if (!patchId || !isUuid(patchId)) throw new AppError('badInput', { field: 'query.patch', reason: 'notAnId' });
  const patch = await patchById(db, groupId, patchId);
  if (!patch) throw notFound('patch');
  if (standId === null) return { patch, patchId, standId };
  if (!isUuid(standId)) throw new AppError('badInput', { field: 'query.stand', reason: 'notAnId' });
  const found = await standById(db, groupId, standId);
  if (!found) throw notFound('stand');
  if (found.stand.patchId !== patchId) throw new AppError('badInput', { field: 'query.stand', reason: 'otherPatch' });
  return { patch, patchId, standId };
}

export async function showPhoto(
  { db }: Dependencies,
  { group, account, params, query }: GroupContext<null>,
): Promise<FileAnswer> {
  const size = PHOTO_SIZES.find((s) => s === (query['size'] ?? 'large'));
  if (!size) throw new AppError('badInput', { field: 'query.size', reason: 'notOneOf' });
  const row = await repository.photoById(db, group.id, params['photoId']!);
  const patch = row && (await patchById(db, group.id, row.patchId));
  if (!row || !patch) throw notFound('photo');
  if (row.madeBy !== account.accountId && !seesExactly(patch, group.viewer)) throw notFound('photo');
  return new FileAnswer(await repository.pictureOf(db, row.id, size), 'image/jpeg');
}

/** Photos of a place or of a stand, newest first. */
export async function listPhotos(
  { db }: Dependencies,
  { group, account, query }: GroupContext<null>,
): Promise<readonly PhotoView[]> {
  const { patch, patchId, standId } = await placeFor(db, group.id, query);
  // A picture shows where it was taken: of a secret place only to those who see the place, and one's own.
  const exact = seesExactly(patch, group.viewer);
  const rows = await repository.photosOf(db, standId === null ? { patchId } : { standId });
  const shown = rows.filter(({ photo }) => exact || photo.madeBy === account.accountId);
  return shown.map(({ photo: p, by }) => ({
    id: p.id,
    standId: p.standId,
    day: p.day,
    by,
    mine: p.madeBy === account.accountId,
    widthPx: p.widthPx,
    heightPx: p.heightPx,
  }));
}

/** Forgets a photo for good: its maker's or a keeper's to do, and written down. */
export async function forgetPhoto(deps: Dependencies, { group, account, params }: GroupContext<null>): Promise<null> {
  const row = await repository.photoById(deps.db, group.id, params['photoId']!);
  if (!row) throw notFound('photo');
  if (row.madeBy !== account.accountId && group.role !== 'keeper')
    throw new AppError('notAllowed', { values: { role: group.role } });
  await transact(deps.db, async (tx) => {
    await repository.deletePhoto(tx, row.id);
    await audit(tx, { group, account, at: deps.clock.now() }, 'photoForgotten', { id: row.id, patchId: row.patchId });
  });
  return null;
}
