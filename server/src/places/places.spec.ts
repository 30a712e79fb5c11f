import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import type { ErrorBody, PatchDetail, PatchView, PathView, PlaceImportPreview } from '@emberfield/contract';
import { placeFiles } from '../testing/place-files.ts';
import {
  as,
  emptyGroup,
  patchBody,
  person,
  standOf,
  testServer,
  type Person,
  type TestServer,
} from '../testing/test-server.ts';

const SQUARE: [number, number][] = [
  [-30, 46],
  [-29.999, 46],
  [-29.999, 46.001],
  [-30, 46.001],
  [-30, 46],
];
const BOW: [number, number][] = [
  [-30, 46],
  [-29.998, 46.002],
  [-29.998, 46],
  [-30, 46.003],
  [-30, 46],
];
const geojson = (...features: object[]) => Buffer.from(JSON.stringify({ type: 'FeatureCollection', features }));
const area = (name: string, ring: readonly (readonly number[])[]) => ({
  type: 'Feature',
  properties: { name },
  geometry: { type: 'Polygon', coordinates: [ring] },
});

describe('places in files', function () {
  this.timeout(60_000);
  let server: TestServer;
  let groupId: string;
  let keeper: Person;
  let watcher: Person;

  beforeEach(async () => {
    server = await testServer();
    groupId = await emptyGroup(server);
    keeper = await person(server, [[groupId, 'keeper']]);
    watcher = await person(server, [[groupId, 'watcher']]);
  });
  const { at, upload, preview, store, file } = placeFiles(() => ({ server, groupId, keeper }));
  const patches = async (who = keeper, group = groupId): Promise<PatchView[]> =>
    (await as(server, who, 'get', at('patches', group)).expect(200)).body as PatchView[];

  it('are shown before anything is stored, and stored all at once', async () => {
    const p = await preview(
      geojson(area('Rim', SQUARE), {
        type: 'Feature',
        properties: { name: 'Pin' },
        geometry: { type: 'Point', coordinates: [-30, 46] },
      }),
      'a.geojson',
    );
    expect(p.counts).to.deep.include({ points: 1, areas: 1, paths: 0 });
    expect(await patches()).to.deep.equal([]);
    expect(await store(p.id)).to.deep.include({ places: 2 });
    expect((await patches()).map((x) => [x.name, x.geometry.type])).to.deep.equal([
      ['Pin', 'Point'],
      ['Rim', 'Polygon'],
    ]);
    await as(server, keeper, 'post', at(`place-imports/${p.id}/store`)).expect(409);
    expect(await patches()).to.have.length(2);
  });

  it('that cross themselves are mended when wanted, and left out when not', async () => {
    const p = await preview(geojson(area('Bow', BOW)), 'a.geojson');
    expect(p.counts).to.include({ crossing: 1, areas: 1 });
    expect(p.shown[0]).to.include({ repaired: true });
    const { body } = await as(server, keeper, 'put', at(`place-imports/${p.id}`))
      .send({ ...p.reading, repair: false })
      .expect(200);
    expect((body as PlaceImportPreview).leftOut).to.deep.equal([{ at: 1, reason: 'crossesItself' }]);
    expect((body as PlaceImportPreview).problem).to.equal('nothingNew');
    await as(server, keeper, 'post', at(`place-imports/${p.id}/store`)).expect(400);
    expect(await patches()).to.deep.equal([]);
  });

  it('come back from our own GeoJSON as the same places with the same stands, in the same group and in another', async () => {
    const first = await standOf(server, keeper, groupId, 'nettle', {
      patch: { name: 'Mill', hazards: ['ticks'], geometry: { type: 'Polygon', coordinates: [SQUARE] }, heightM: 33 },
    });
    await standOf(server, keeper, groupId, 'elder', { patch: { name: 'Rail' }, since: 2011 });
    const out = await file('places', 'format=geojson');
    const again = await preview(out, 'back.geojson');
    expect([again.counts.already, again.problem]).to.deep.equal([2, 'nothingNew']);
    const facts = (list: PatchView[]) =>
      list.map(({ id: _, version: _v, stands, ...f }) => ({ ...f, plants: stands.map((s) => s.plantName['en']) }));
    const elsewhere = await emptyGroup(server);
    const newcomer = await person(server, [[elsewhere, 'keeper']]);
    const p = await preview(out, 'back.geojson', { who: newcomer, group: elsewhere });
    expect(await store(p.id, newcomer, elsewhere)).to.deep.include({ places: 2, stands: 0 });
    // Keys of stands are taken by the first group: a place of its own with stands of its own would be a copy, not the same.
    expect(facts(await patches(newcomer, elsewhere)).map((f) => ({ ...f, plants: [] }))).to.deep.equal(
      facts(await patches()).map((f) => ({ ...f, plants: [] })),
    );
    expect((await patches()).find((x) => x.id === first.patchId)!.hazards).to.deep.equal(['ticks']);
  });

  it('come back from GPX, KML, KMZ and a table at the same positions', async () => {
    await standOf(server, keeper, groupId, 'nettle', {
      patch: { name: 'Mill & <hedge>', geometry: { type: 'Point', coordinates: [-30.01234, 46.05678] }, heightM: 33 },
    });
    for (const format of ['gpx', 'kml', 'kmz', 'csv']) {
      const elsewhere = await emptyGroup(server);
      const newcomer = await person(server, [[elsewhere, 'keeper']]);
      const p = await preview(await file('places', `format=${format}`), `back.${format}`, {
        who: newcomer,
        group: elsewhere,
      });
      await store(p.id, newcomer, elsewhere);
      const [back] = await patches(newcomer, elsewhere);
      expect(back, format).to.deep.include({
        name: 'Mill & <hedge>',
        geometry: { type: 'Point', coordinates: [-30.01234, 46.05678] },
      });
      if (format === 'csv') expect(back!.stands.map((s) => s.plantName['en'])).to.deep.equal(['Stinging nettle']);
    }
  });

  it('are read by independent programs', async () => {
    await as(server, keeper, 'post', at('patches'))
      .send(patchBody({ name: 'Rim', geometry: { type: 'Polygon', coordinates: [SQUARE] } }))
      .expect(200);
    await standOf(server, keeper, groupId, 'nettle', { patch: { name: 'Mill & co' } });
    const track =
      '<gpx><trk><name>Walk</name><trkseg><trkpt lat="46" lon="-30"/><trkpt lat="46.01" lon="-30.01"/></trkseg></trk></gpx>';
    await store((await preview(Buffer.from(track), 'w.gpx')).id);
    const folder = mkdtempSync(join(tmpdir(), 'emberfield-formats-'));
    try {
      const written = async (format: string): Promise<string> => {
        const path = join(folder, `out.${format}`);
        writeFileSync(path, await file('places', `format=${format}`));
        return path;
      };
      const said = (command: string, args: string[]): string => {
        const { status, stdout, stderr } = spawnSync(command, args, { encoding: 'utf8', timeout: 20_000 });
        expect(status, `${command}: ${stderr}`).to.equal(0);
        return stdout;
      };
      const gpx = await written('gpx');
      const csv = (kind: string): string => said('gpsbabel', [kind, '-i', 'gpx', '-f', gpx, '-o', 'unicsv', '-F', '-']);
      expect(csv('-w')).to.match(/Mill & co/);
      expect(csv('-t')).to.match(/46\.01/);
      expect(said('gpsbabel', ['-i', 'kml', '-f', await written('kml'), '-o', 'unicsv', '-F', '-'])).to.match(
        /Mill & co/,
      );
      for (const format of ['geojson', 'kml', 'gpx']) {
        const all = said('ogrinfo', ['-ro', '-al', await written(format)]);
        expect(all, format)
          .to.match(/Mill & co/)
          .and.match(/Walk/)
          .and.match(format === 'gpx' ? /POINT/ : /POLYGON/);
      }
    } finally {
      rmSync(folder, { recursive: true });
    }
  });

  it('keep tracks as walked paths with their length, unseen by watchers', async () => {
    const gpx = '<gpx><rte><name>Plan</name><rtept lat="46" lon="-30"/><rtept lat="46.01" lon="-30"/></rte></gpx>';
    const p = await preview(Buffer.from(gpx), 'w.gpx');
    await store(p.id);
    const paths = async (who: Person) => (await as(server, who, 'get', at('paths')).expect(200)).body as PathView[];
    const [path] = await paths(keeper);
    // A hundredth of a degree of latitude at 46° is 1111.5 m on the ellipsoid.
    expect(path).to.include({ name: 'Plan', kind: 'route', lengthM: 1112 });
    expect(await paths(watcher)).to.deep.equal([]);
    await as(server, keeper, 'delete', at(`paths/${path!.id}`)).expect(204);
    await as(server, keeper, 'delete', at(`paths/${path!.id}`)).expect(404);
  });

  it('hold secret places as a stranger sees them, unless who may see them says exactly', async () => {
    const body = patchBody({
      name: 'Lawn',
      secret: true,
      access: 'behind the wall',
      neighbours: 'One yew',
      geometry: { type: 'Polygon', coordinates: [SQUARE] },
    });
    await as(server, keeper, 'post', at('patches')).send(body).expect(200);
    const text = async (query: string, who: Person) => (await file('places', query, who)).toString();
    const shiftedOut = await text('', keeper);
    expect(shiftedOut).to.equal(await text('', keeper));
    for (const [query, who] of [
      ['', keeper],
      ['', watcher],
      ['secret=exact', watcher],
    ] as const) {
      const out = await text(query, who);
      expect(out).not.to.match(/behind the wall|One yew|46\.001/);
      const { geometry } = (JSON.parse(out) as { features: { geometry: { type: string; coordinates: number[] } }[] })
        .features[0]!;
      expect(geometry.type).to.equal('Point');
      expect(Math.abs(geometry.coordinates[1]! - 46)).to.be.below(0.02);
    }
    expect(await text('secret=exact', keeper)).to.match(/behind the wall/);
    expect(await text('secret=leaveOut', keeper)).not.to.match(/Lawn/);
    expect((await file('stands', 'secret=leaveOut')).toString()).not.to.match(/Lawn/);
    for (const query of ['secret=maybe', 'format=doc', 'format=toString', 'radius=100'])
      await as(server, keeper, 'get', `${at('exports/places')}?${query}`).expect(400);
    await as(server, keeper, 'get', at('exports/everything')).expect(404);
  });

  it('ask for the columns that are needed, and read anew when they are matched', async () => {
    const p = await preview(Buffer.from('A,B,C\nMill,46,-30\n'), 'x.csv');
    expect(p.problem).to.equal('noColumn.name');
    const reading = { ...p.reading, columns: { ...p.reading.columns, name: 0, latitude: 1, longitude: 2 } };
    const { body } = await as(server, keeper, 'put', at(`place-imports/${p.id}`))
      .send(reading)
      .expect(200);
    expect(body).to.deep.include({ problem: null });
    await as(server, keeper, 'put', at(`place-imports/${p.id}`))
      .send({ ...reading, columns: { name: -1 } })
      .expect(400);
    await as(server, keeper, 'delete', at(`place-imports/${p.id}`)).expect(204);
    await as(server, keeper, 'get', at(`place-imports/${p.id}`)).expect(404);
  });

  it('are refused with a reason, and nothing of them stays', async () => {
    const refused = async (content: Buffer, name: string, status = 400): Promise<string | null> => {
      const id = newId();
      const answer = (await upload(content, name, { id }).expect(status)).body as ErrorBody;
      await as(server, keeper, 'get', at(`place-imports/${id}`)).expect(404);
      return answer.error.reason;
    };
    expect(await refused(Buffer.from('<!DOCTYPE gpx [<!ENTITY x "y">]><gpx></gpx>'), 'a.gpx')).to.equal('xmlEntities');
    expect(await refused(Buffer.from('<gpx><wpt lat="1" lon="1">'), 'a.gpx')).to.equal('brokenXml');
    expect(await refused(Buffer.from('{"type":'), 'a.json')).to.equal('brokenJson');
    expect(await refused(Buffer.from('<gpx></gpx>'), 'a.kml')).to.equal('notWhatItsNameSays');
    expect(await refused(Buffer.alloc(26 * 1024 * 1024, 32), 'a.gpx', 413)).to.equal(null);
    expect(await patches()).to.deep.equal([]);
  });

  it('leave what is there alone: a table that names a known place adds only the plant', async () => {
    const patchId = newId();
    await as(server, keeper, 'post', at('patches'))
      .send(patchBody({ id: patchId, name: 'Mill' }))
      .expect(200);
    const p = await preview(Buffer.from('name,lat,lon,plant\nMILL,47,-31,Elder\nMill,47,-31,Dragon tree\n'), 'x.csv');
    expect([p.counts.already, p.counts.stands]).to.deep.equal([2, 1]);
    expect(p.leftOut).to.deep.equal([{ at: 3, reason: 'unknownPlant' }]);
    await store(p.id);
    const detail = (await as(server, keeper, 'get', at(`patches/${patchId}`))).body as PatchDetail;
    expect(detail.geometry).to.deep.equal({ type: 'Point', coordinates: [-30, 46] });
    expect(detail.stands.map((s) => s.plantName['en'])).to.deep.equal(['Elder']);
  });
});
