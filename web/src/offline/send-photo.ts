import { PHOTO_PIECE_BYTES, ROUTES } from '@emberfield/contract';
import { call } from '../platform/api.ts';
import type { OutCall } from './outbox.ts';

type Photo = Omit<Extract<OutCall, { route: 'addPhoto' }>, 'route'>;

/**
 * Sends a photo: a small file at once, a larger one in pieces. A signal that goes in between costs one piece: those that have come are not sent again, also after
 * the page was closed. @throws ApiError
 */
export async function sendPhoto({ params, query, body }: Photo, groupId: string): Promise<void> {
  const at = { groupId, ...params };
  if (body.size <= PHOTO_PIECE_BYTES) {
    await call(ROUTES.addPhoto, { params: at, query, body });
    return;
  }
  const { arrived, stored } = await call(ROUTES.photoPieces, { params: at });
  // The answer to the last request of it was lost.
  if (stored) return;
  const pieces = Math.ceil(body.size / PHOTO_PIECE_BYTES);
  for (let n = 0; n < pieces; n++)
    if (!arrived.includes(n))
      await call(ROUTES.addPhotoPiece, {
        params: { ...at, n: String(n) },
        body: body.slice(n * PHOTO_PIECE_BYTES, (n + 1) * PHOTO_PIECE_BYTES),
      });
  await call(ROUTES.addPhoto, { params: at, query: { ...query, pieces: String(pieces) }, body: new Blob([]) });
}
