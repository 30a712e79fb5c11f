import { MOST_PHOTO_PIECES, type ArrivedPieces } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import type { Queryable } from '../../platform/database/database.ts';
import { AppError } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import * as repository from '../repository.ts';

/** Nobody who is out longer than this is waited for. */
const KEPT_MS = 14 * 24 * 3_600_000;
/** Of one person so many may be on their way at once: as many as three of the largest files have. */
const MOST_ARRIVING = 3 * MOST_PHOTO_PIECES;

export const fileOf = ({ group, account, params }: GroupContext<unknown>): repository.ArrivingFile => ({
  groupId: group.id,
  madeBy: account.accountId,
  photoId: params['photoId']!,
});

export async function listPieces({ db }: Dependencies, context: GroupContext<unknown>): Promise<ArrivedPieces> {
  const file = fileOf(context);
  const stored = await repository.photoById(db, file.groupId, file.photoId);
  return { arrived: await repository.arrivedOf(db, file), stored: stored?.madeBy === file.madeBy };
}

/** Takes in one piece of a file. The same sent twice is kept once. */
export async function addPiece(deps: Dependencies, context: GroupContext<unknown>): Promise<ArrivedPieces> {
  const { body, params } = context;
  const file = fileOf(context);
  const n = Number(params['n']);
  if (!/^\d{1,4}$/.test(params['n']!) || n >= MOST_PHOTO_PIECES)
    throw new AppError('badInput', { field: 'params.n', reason: 'noSuchPiece' });
  const bytes = body as Buffer;
  if (bytes.length === 0) throw new AppError('unreadableFile', { reason: 'emptyFile' });
  const now = deps.clock.now();
  await repository.dropPiecesBefore(deps.db, new Date(now.getTime() - KEPT_MS));
  if ((await repository.arrivingBy(deps.db, file.madeBy)) >= MOST_ARRIVING) throw new AppError('busy');
  await repository.putPiece(deps.db, { ...file, n, bytes, madeAt: now });
  return listPieces(deps, context);
}

/** The whole of a file that came in pieces. @throws AppError where one is missing: then the rest has to be sent */
export async function wholeOf(db: Queryable, file: repository.ArrivingFile, pieces: string): Promise<Buffer> {
  const all = await repository.piecesOf(db, file);
  const whole = all.length === Number(pieces) && all.every((p, i) => p.n === i);
  if (!whole) throw new AppError('badInput', { field: 'query.pieces', reason: 'piecesMissing' });
  return Buffer.concat(all.map((p) => p.bytes));
}
