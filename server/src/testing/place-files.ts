import { v7 as newId } from 'uuid';
import type { PlaceImportPreview, StoredPlaces } from '@emberfield/contract';
import { as, type Person, type TestServer } from './test-server.ts';

/** Files of places going in and out of a group, as whoever is asked at the moment has it. */
export function placeFiles(
  now: () => { readonly server: TestServer; readonly groupId: string; readonly keeper: Person },
) {
  const at = (path: string, group = now().groupId): string => `/api/groups/${group}/${path}`;
  const upload = (
    content: Buffer,
    fileName: string,
    { id = newId(), who = now().keeper, group = now().groupId } = {},
  ) =>
    as(now().server, who, 'post', `${at(`place-imports/${id}`, group)}?fileName=${encodeURIComponent(fileName)}`)
      .set('content-type', 'application/octet-stream')
      .send(content);
  const preview = async (content: Buffer, fileName: string, over = {}): Promise<PlaceImportPreview> =>
    (await upload(content, fileName, over).expect(200)).body as PlaceImportPreview;
  const store = async (id: string, who = now().keeper, group = now().groupId): Promise<StoredPlaces> =>
    (await as(now().server, who, 'post', at(`place-imports/${id}/store`, group)).expect(200)).body as StoredPlaces;
  const file = async (what: string, query = '', who = now().keeper, group = now().groupId): Promise<Buffer> => {
    const answer = (await as(now().server, who, 'get', `${at(`exports/${what}`, group)}?${query}`)
      .buffer(true)
      .parse((response, done) => {
        const pieces: Buffer[] = [];
        (response as unknown as NodeJS.ReadableStream)
          .on('data', (p: Buffer) => pieces.push(p))
          .on('end', () => done(null, Buffer.concat(pieces)));
      })
      .expect(200)) as { readonly body: Buffer };
    return answer.body;
  };
  return { at, upload, preview, store, file };
}
