import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import { entriesOfStands, insertEntries, rowOf } from '../entries/index.ts';
import { openedGroup } from './opened-group.ts';
import { entryOf, takeBody } from './test-server.ts';

const square = (corners: number): readonly (readonly number[])[] => {
  const ring = Array.from({ length: corners }, (_, i) => [
    Math.cos((2 * Math.PI * i) / corners) / 100,
    Math.sin((2 * Math.PI * i) / corners) / 100,
  ]);
  return [...ring, ring[0]!];
};
/** Every corner joined to the one nearly opposite: as many crossings as there can be. */
const star = (corners: number): readonly (readonly number[])[] => {
  const round = square(corners).slice(0, -1);
  const step = Math.floor(corners / 2) - (corners % 2 === 0 ? 1 : 0);
  const ring = round.map((_, i) => round[(i * step) % corners]!);
  return [...ring, ring[0]!];
};
const areas = (n: number, ring: readonly (readonly number[])[]): Buffer =>
  Buffer.from(
    JSON.stringify({
      type: 'FeatureCollection',
      features: Array.from({ length: n }, () => ({
        type: 'Feature',
        properties: {},
        geometry: { type: 'Polygon', coordinates: [ring] },
      })),
    }),
  );

/** While something heavy is read, somebody else's small questions are answered: the longest of them, ms. */
async function longestWait(ask: () => Promise<unknown>, heavy: Promise<unknown>): Promise<number> {
  let done = false;
  void heavy.then(
    () => (done = true),
    () => (done = true),
  );
  let longest = 0;
  while (!done) {
    const at = performance.now();
    await ask();
    longest = Math.max(longest, performance.now() - at);
  }
  return longest;
}

describe('what somebody means harm with', () => {
  const group = openedGroup();
  const send = (name: string, content: Buffer) =>
    group
      .ask('post', `place-imports/${newId()}?fileName=${name}`)
      .type('application/octet-stream')
      .send(content)
      .then((r) => r.status);

  const bombs: readonly (readonly [string, string, () => Buffer])[] = [
    ['an area of 20,000 corners', 'a.geojson', () => areas(1, square(20_000))],
    ['a star of 499 corners', 'b.geojson', () => areas(1, star(499))],
    ['400 areas of 498 corners', 'c.geojson', () => areas(400, square(498))],
    [
      '58,000 placemarks',
      'd.kml',
      () =>
        Buffer.from(
          `<kml>${'<Placemark><name>x</name><Point><coordinates>1,2</coordinates></Point></Placemark>'.repeat(58_000)}</kml>`,
        ),
    ],
    ['a GPX of millions of nothing', 'e.gpx', () => Buffer.from(`<gpx>${'<wpt/>'.repeat(1_500_000)}</gpx>`)],
    ['JSON of lists without end', 'f.geojson', () => Buffer.from('[]'.repeat(1_000_000))],
  ];
  for (const [name, file, make] of bombs)
    it(`as ${name} is answered, and others go on being answered meanwhile`, async function () {
      this.timeout(90_000);
      const heavy = send(file, make());
      const longest = await longestWait(() => group.get('hearth'), heavy);
      expect(await heavy, 'answered as input, never as a fault').to.be.oneOf([200, 400]);
      expect(longest).to.be.below(3_000);
      expect((await group.ask('get', 'patches')).status).to.equal(200);
    });

  it('as cells of blanks and endless days in a weather file is read in no time', async function () {
    this.timeout(60_000);
    const station = await group.station(() => 10);
    const read = (text: string) =>
      group
        .ask('post', `stations/${station}/imports/${newId()}?fileName=w.csv`)
        .type('application/octet-stream')
        .send(Buffer.from(text))
        .then((r) => r.status);
    const head = 'Date;Tmin;Tmax\n';
    for (const text of [
      `${head}2026-05-01;${' '.repeat(4_000)}x;12\n`,
      `${head}${'2026-05-01T11:11'.repeat(25_000)};1;2\n`,
      `${head}${`${';'.repeat(20_000)}\n`.repeat(400)}`,
      `${head}${','.repeat(2_000_000)}`,
    ])
      expect(await read(text)).to.be.oneOf([200, 400]);
  });

  it('as a year that nobody means is refused, and its row in the database takes nobody down', async () => {
    const place = await group.stand('nettle');
    for (const day of ['0024-05-01', '1899-12-31', '9999-01-01']) {
      const [result] = await group.tell(entryOf(place, 'take', takeBody(1), { day }));
      expect(result, day).to.include({ status: 'needsAttention', code: 'dayOutOfBounds', field: 'day' });
    }
    await group
      .ask('put', `stands/${place.standId}`)
      .send({ version: 1, where: '', since: null, restUntil: '0026-05-01', restReason: '' })
      .expect(400);
    // As it may stand in a database from before.
    const { db } = group.server.deps;
    const old = entryOf(place, 'take', takeBody(1), { day: '0024-05-01' });
    await insertEntries(db, [rowOf(old, { groupId: group.groupId, madeBy: group.keeper.accountId })]);
    expect(await entriesOfStands(db, [place.standId])).to.have.length(1);
    for (const path of ['hearth', 'year', 'ribbon', 'notices', 'proof', 'find?text=nettle', `stands/${place.standId}`])
      await group.ask('get', path).expect(200);
  });

  it('as nests, halves of characters and nothing-characters is refused as input', async () => {
    const nest = (depth: number): string => `${'['.repeat(depth)}${']'.repeat(depth)}`;
    const raw = [nest(10_000), `{"a":${nest(200)}}`, '"\\ud800"', '"a\\u0000b"'];
    for (const entry of raw)
      await group.ask('post', 'sync').type('application/json').send(`{"entries":[${entry}]}`).expect(400);
    await group.ask('post', 'sought').send({ id: newId(), what: 'a\uD800b', note: '' }).expect(400);
  });

  it('as a hundred entries wrong in every field is told the first fault of each, at once', async () => {
    const wrong = Object.fromEntries(Array.from({ length: 60 }, (_, i) => [`f${i}`, i]));
    const at = performance.now();
    const { body } = await group
      .ask('post', 'sync')
      .send({ entries: Array.from({ length: 100 }, () => wrong) })
      .expect(200);
    expect((body as { results: unknown[] }).results).to.have.length(100);
    expect(performance.now() - at).to.be.below(4_000);
  });

  it('as a file with lists of nothing, keys twice and several lines is read for what is in it', async () => {
    const own = (stands: unknown) => ({
      type: 'Feature',
      properties: { name: 'x', emberfield: { id: newId(), facts: {}, stands } },
      geometry: { type: 'Point', coordinates: [1, 2] },
    });
    const id = newId();
    const twice = { id, plantKey: 'nettle', where: '', since: null };
    const lines = {
      type: 'MultiLineString',
      coordinates: [
        [
          [1, 2],
          [1, 3],
        ],
        [
          [2, 2],
          [2, 3],
        ],
      ],
    };
    const features = [own([null]), own([twice, twice]), { type: 'Feature', properties: {}, geometry: lines }];
    const file = Buffer.from(JSON.stringify({ type: 'FeatureCollection', features }));
    const at = newId();
    const path = `place-imports/${at}`;
    await group.ask('post', `${path}?fileName=x.geojson`).type('application/octet-stream').send(file).expect(200);
    const { body } = await group.ask('post', `${path}/store`).expect(200);
    expect(body).to.include({ places: 2, stands: 1, paths: 2, already: 0, refusedCount: 0 });
    // The same file again is the same places.
    const again = `place-imports/${newId()}`;
    const { body: shown } = await group
      .ask('post', `${again}?fileName=x.geojson`)
      .type('application/octet-stream')
      .send(file)
      .expect(200);
    expect(shown).to.deep.include({ problem: 'nothingNew' });
    expect((shown as { counts: { already: number } }).counts.already).to.equal(4);
  });
});
