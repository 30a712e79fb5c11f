import { expect } from 'chai';
import { PHOTO_PIECE_BYTES } from '@emberfield/contract';
import { useToken } from '../platform/api.ts';
import { sendPhoto } from './send-photo.ts';

describe('a photo on its way', () => {
  const real = globalThis.fetch;
  beforeEach(() => useToken('secret'));
  afterEach(() => {
    globalThis.fetch = real;
    useToken(null);
  });
  /** A server that keeps pieces, and fails to answer so many requests once it has had some. */
  function server({ failAfter = Infinity } = {}) {
    const [arrived, asked] = [new Map<number, number>(), [] as string[]];
    let stored = false;
    let left = failAfter;
    globalThis.fetch = (async (url: string, { method, body }: { method: string; body: Blob | null }) => {
      if (left-- <= 0) throw new TypeError('gone');
      const [, n] = /pieces\/(\d+)$/.exec(url) ?? [];
      asked.push(`${method} ${url.replace('/api/groups/g/photos/p', '')}`);
      if (n !== undefined) arrived.set(Number(n), body!.size);
      if (method === 'POST') stored = true;
      return new Response(JSON.stringify({ arrived: [...arrived.keys()], stored }));
    }) as unknown as typeof fetch;
    return {
      arrived,
      asked,
      reached: () => {
        left = Infinity;
        asked.length = 0;
      },
    };
  }
  const photo = (bytes: number) => ({
    params: { photoId: 'p' },
    query: { patch: 'a', day: '2026-05-15' },
    body: new Blob([new Uint8Array(bytes)]),
  });

  it('goes at once where it is small', async () => {
    const { asked } = server();
    await sendPhoto(photo(1000), 'g');
    expect(asked).to.deep.equal(['POST ?patch=a&day=2026-05-15']);
  });
  it('goes in pieces where it is not, the last one shorter', async () => {
    const { asked, arrived } = server();
    await sendPhoto(photo(2 * PHOTO_PIECE_BYTES + 10), 'g');
    expect(asked).to.deep.equal([
      'GET /pieces',
      'PUT /pieces/0',
      'PUT /pieces/1',
      'PUT /pieces/2',
      'POST ?patch=a&day=2026-05-15&pieces=3',
    ]);
    expect([...arrived.values()]).to.deep.equal([PHOTO_PIECE_BYTES, PHOTO_PIECE_BYTES, 10]);
  });
  it('goes on where the signal left it, and sends nothing of what is stored', async () => {
    const { asked, reached } = server({ failAfter: 3 });
    const sent = photo(3 * PHOTO_PIECE_BYTES);
    const failed = await sendPhoto(sent, 'g').catch((e: unknown) => (e as { code: string }).code);
    expect(failed).to.equal('notReached');
    reached();
    await sendPhoto(sent, 'g');
    expect(asked).to.deep.equal(['GET /pieces', 'PUT /pieces/2', 'POST ?patch=a&day=2026-05-15&pieces=3']);
    reached();
    await sendPhoto(sent, 'g');
    expect(asked).to.deep.equal(['GET /pieces']);
  });
});
