import { expect } from 'chai';
import { sql } from 'drizzle-orm';
import exifr from 'exifr';
import sharp from 'sharp';
import { v7 as newId } from 'uuid';
import {
  MOST_PHOTO_PIECES,
  PHOTO_PIECE_BYTES,
  type ArrivedPieces,
  type PhotoTaken,
  type PhotoView,
} from '@emberfield/contract';
import { as, emptyGroup, person, standOf, testServer, type Person, type TestServer } from '../testing/test-server.ts';

/** A picture, red on its left half, with what a camera writes along. */
async function photo({
  width = 600,
  height = 400,
  orientation = 1,
  format = 'jpeg',
}: {
  readonly width?: number;
  readonly height?: number;
  readonly orientation?: number;
  readonly format?: 'jpeg' | 'png' | 'webp';
} = {}): Promise<Buffer> {
  const left = await sharp({ create: { width: width / 2, height, channels: 3, background: '#ff0000' } })
    .png()
    .toBuffer();
  return sharp({ create: { width, height, channels: 3, background: '#0000ff' } })
    .composite([{ input: left, left: 0, top: 0 }])
    .toFormat(format)
    .withMetadata({ orientation })
    .withExif({
      IFD0: { Make: 'Boxcamera' },
      IFD2: { DateTimeOriginal: '2026:05:02 10:11:12' },
      IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '46/1 3/1 0/1', GPSLongitudeRef: 'W', GPSLongitude: '30/1 6/1 0/1' },
    })
    .toBuffer();
}

describe('photos', function () {
  this.timeout(60_000);
  let server: TestServer;
  let groupId: string;
  let picker: Person;
  let other: Person;
  let watcher: Person;
  let place: { patchId: string; standId: string };

  before(async () => {
    server = await testServer();
    groupId = await emptyGroup(server);
    picker = await person(server, [[groupId, 'picker']]);
    other = await person(server, [[groupId, 'picker']]);
    watcher = await person(server, [[groupId, 'watcher']]);
    place = await standOf(server, picker, groupId, 'nettle');
  });
  const at = (path: string): string => `/api/groups/${groupId}/${path}`;
  const add = (
    content: Buffer,
    { id = newId(), query = `patch=${place.patchId}&stand=${place.standId}`, who = picker } = {},
  ) =>
    as(server, who, 'post', `${at(`photos/${id}`)}?${query}`)
      .set('content-type', 'application/octet-stream')
      .send(content);
  const shown = async (id: string, size = 'large'): Promise<Buffer> =>
    (
      await as(server, watcher, 'get', `${at(`photos/${id}`)}?size=${size}`)
        .expect(200)
        .expect('content-type', 'image/jpeg')
    ).body as Buffer;

  it('offer where and when they were taken, and keep nothing of it in the picture', async () => {
    const content = await photo();
    const taken = (await add(content).expect(200)).body as PhotoTaken;
    expect(taken).to.deep.include({ takenOn: '2026-05-02', widthPx: 600, heightPx: 400 });
    expect(taken.position).to.deep.equal({ latitudeDeg: 46.05, longitudeDeg: -30.1 });
    for (const size of ['small', 'large']) {
      const out = await shown(taken.id, size);
      expect(out.includes('Boxcamera')).to.equal(false);
      expect(await exifr.gps(out).catch(() => undefined)).to.equal(undefined);
      expect((await sharp(out).metadata()).exif).to.equal(undefined);
    }
  });
  it('stand upright whatever the camera was held like', async () => {
    const taken = (await add(await photo({ orientation: 6 })).expect(200)).body as PhotoTaken;
    expect([taken.widthPx, taken.heightPx]).to.deep.equal([400, 600]);
    // Turned a quarter clockwise, what was left is on top.
    const { data } = await sharp(await shown(taken.id))
      .raw()
      .toBuffer({ resolveWithObject: true });
    expect(data[0]!).to.be.above(200);
  });
  it('are taken as JPEG, PNG and WebP, and made no larger than is of use', async () => {
    for (const format of ['jpeg', 'png', 'webp'] as const) await add(await photo({ format })).expect(200);
    const large = (await add(await photo({ width: 4000, height: 2000 })).expect(200)).body as PhotoTaken;
    expect([large.widthPx, large.heightPx]).to.deep.equal([2048, 1024]);
    expect((await sharp(await shown(large.id, 'small')).metadata()).width).to.equal(480);
  });
  it('are refused when they are none, broken, or too large, and nothing stays', async () => {
    const reason = async (content: Buffer, status = 400) => {
      const id = newId();
      const { body } = await add(content, { id }).expect(status);
      await as(server, picker, 'get', at(`photos/${id}`)).expect(404);
      return (body as { error: { reason: string | null } }).error.reason;
    };
    expect(await reason(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'))).to.equal(
      'notAnImage',
    );
    expect(await reason(Buffer.from('MZ not a picture'))).to.equal('notAnImage');
    expect(await reason((await photo()).subarray(0, 900))).to.be.oneOf(['brokenImage', 'notAnImage']);
    expect(await reason(Buffer.alloc(0))).to.equal('emptyFile');
    const huge = await sharp({ create: { width: 12_000, height: 5_000, channels: 3, background: '#fff' } })
      .png({ compressionLevel: 9 })
      .toBuffer();
    expect(await reason(huge)).to.equal('tooManyPixels');
    expect(await reason(Buffer.alloc(16 * 1024 * 1024), 413)).to.equal(null);
  });
  it('sent twice are stored once; their key is not taken by another', async () => {
    const [id, content] = [newId(), await photo()];
    await add(content, { id }).expect(200);
    await add(content, { id }).expect(200);
    await add(await photo({ width: 300 }), { id }).expect(409);
  });
  it('are listed of a place and of a stand, and forgotten by their maker or a keeper only', async () => {
    const id = newId();
    await add(await photo(), { id, query: `patch=${place.patchId}&day=2026-05-01` }).expect(200);
    const list = async (query: string) =>
      (await as(server, picker, 'get', `${at('photos')}?${query}`).expect(200)).body as PhotoView[];
    expect((await list(`patch=${place.patchId}`)).find((p) => p.id === id)).to.include({
      day: '2026-05-01',
      standId: null,
      mine: true,
    });
    expect((await list(`patch=${place.patchId}&stand=${place.standId}`)).some((p) => p.id === id)).to.equal(false);
    await as(server, other, 'delete', at(`photos/${id}`)).expect(403);
    await as(server, picker, 'delete', at(`photos/${id}`)).expect(204);
    await as(server, picker, 'get', at(`photos/${id}`)).expect(404);
  });
  describe('in pieces', () => {
    const put = (id: string, n: number | string, bytes: Buffer, who = picker) =>
      as(server, who, 'put', at(`photos/${id}/pieces/${n}`))
        .set('content-type', 'application/octet-stream')
        .send(bytes);
    const arrived = async (id: string, who = picker): Promise<ArrivedPieces> =>
      (await as(server, who, 'get', at(`photos/${id}/pieces`)).expect(200)).body as ArrivedPieces;
    const whole = (id: string, pieces: number) =>
      add(Buffer.alloc(0), { id, query: `patch=${place.patchId}&stand=${place.standId}&pieces=${pieces}` });

    it('are made whole in their order, whatever order they came in, and are the same photo as sent at once', async () => {
      const [id, content] = [newId(), await photo()];
      const [a, b, c] = [content.subarray(0, 900), content.subarray(900, 2000), content.subarray(2000)];
      await put(id, 2, c).expect(200);
      await put(id, 0, Buffer.from('something else')).expect(200);
      await put(id, 0, a).expect(200);
      expect(await arrived(id)).to.deep.equal({ arrived: [0, 2], stored: false });
      const { body } = await whole(id, 3).expect(400);
      expect((body as { error: { reason: string } }).error.reason).to.equal('piecesMissing');
      await put(id, 1, b).expect(200);
      expect(((await whole(id, 3).expect(200)).body as PhotoTaken).widthPx).to.equal(600);
      expect(await arrived(id)).to.deep.equal({ arrived: [], stored: true });
      // Sent again as one file: it is there already.
      await add(content, { id }).expect(200);
      expect((await shown(id)).length).to.be.above(500);
    });
    it('that come again once the photo is stored change nothing and do not stay', async () => {
      const [id, content] = [newId(), await photo()];
      await add(content, { id }).expect(200);
      await put(id, 0, content).expect(200);
      await whole(id, 1).expect(200);
      expect((await arrived(id)).arrived).to.deep.equal([]);
      await put(id, 0, await photo({ width: 320 })).expect(200);
      await whole(id, 1).expect(409);
    });
    it('are each their sender’s: nobody else adds to them or has them', async () => {
      const id = newId();
      const content = await photo();
      await put(id, 0, content).expect(200);
      expect(await arrived(id, other)).to.deep.equal({ arrived: [], stored: false });
      await as(server, other, 'post', `${at(`photos/${id}`)}?patch=${place.patchId}&pieces=1`)
        .set('content-type', 'application/octet-stream')
        .send(Buffer.alloc(0))
        .expect(400);
      await put(id, 0, content, watcher).expect(403);
    });
    it('are refused where they are empty, too large or beyond the largest file, and let go after a fortnight', async () => {
      const id = newId();
      await put(id, 0, Buffer.alloc(0)).expect(400);
      await put(id, 0, Buffer.alloc(PHOTO_PIECE_BYTES + 1)).expect(413);
      for (const n of [MOST_PHOTO_PIECES, '-1', 'x', '1.5']) await put(id, n, Buffer.from('x')).expect(400);
      await put(id, 0, Buffer.from('x')).expect(200);
      await server.deps.db.execute(sql`UPDATE photo_arriving SET made_at = made_at - INTERVAL 15 DAY`);
      await put(newId(), 0, Buffer.from('y')).expect(200);
      expect((await arrived(id)).arrived).to.deep.equal([]);
    });
  });
  it('need a place of the group, a day that has come, and somebody who may', async () => {
    const content = await photo();
    await add(content, { query: `patch=${newId()}` }).expect(404);
    await add(content, { query: 'patch=x' }).expect(400);
    await add(content, { query: `patch=${place.patchId}&stand=${newId()}` }).expect(404);
    await add(content, { query: `patch=${place.patchId}&day=2099-01-01` }).expect(400);
    await add(content, { who: watcher }).expect(403);
  });
});
