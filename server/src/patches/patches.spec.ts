import { expect } from 'chai';
import { eq } from 'drizzle-orm';
import type { ChangePatch, NewPatch, PatchDetail, PatchView } from '@emberfield/contract';
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
import { areaOfRing } from '../formats/ring-area.ts';
import { patchHistory } from './table.ts';

const SQUARE: NewPatch['geometry'] = {
  type: 'Polygon',
  coordinates: [
    [
      [-30, 46],
      [-29.999, 46],
      [-29.999, 46.001],
      [-30, 46.001],
      [-30, 46],
    ],
  ],
};

describe('the area of a ring', () => {
  it('agrees with the ellipsoid’s own degree lengths at 46°', () => {
    // A degree is 111,149 m of latitude and 77,466 m of longitude there (WGS 84 series): 111.149 m × 77.466 m.
    expect(areaOfRing(SQUARE.type === 'Polygon' ? SQUARE.coordinates[0]! : [])).to.be.closeTo(8_610, 4);
  });
  it('does not hang on the direction in which it was drawn', () => {
    const ring = SQUARE.type === 'Polygon' ? SQUARE.coordinates[0]! : [];
    expect(areaOfRing([...ring].reverse())).to.equal(areaOfRing(ring));
  });
});

describe('a place', () => {
  let server: TestServer;
  let groupId: string;
  let keeper: Person;
  let picker: Person;
  let watcher: Person;
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
    groupId = await emptyGroup(server);
    keeper = await person(server, [[groupId, 'keeper']]);
    picker = await person(server, [[groupId, 'picker']]);
    watcher = await person(server, [[groupId, 'watcher']]);
  });
  const patches = () => `/api/groups/${groupId}/patches`;
  const add = async (who: Person, over: Partial<NewPatch> = {}): Promise<PatchView> =>
    (await as(server, who, 'post', patches()).send(patchBody(over)).expect(200)).body as PatchView;
  const read = async (who: Person, id: string): Promise<PatchView> =>
    (await as(server, who, 'get', `${patches()}/${id}`).expect(200)).body as PatchView;
  const changed = (view: PatchView, over: Partial<PatchView>): ChangePatch => {
    const {
      id: _i,
      version,
      areaM2: _a,
      blurred: _b,
      stands: _s,
      retiredOn: _r,
      retiredWhy: _w,
      ...others
    } = { ...view, ...over };
    const {
      lifted: _l,
      finds: _f,
      inVain: _v,
      stationId: _t,
      stationsInUse: _u,
      thermometer: _h,
      ...facts
    } = others as PatchDetail;
    return { version, facts, liftReason: '' };
  };

  it('sent twice is stored once; with another content its key is refused', async () => {
    const body = patchBody({ name: 'Twice' });
    const first = await as(server, picker, 'post', patches()).send(body).expect(200);
    const again = await as(server, picker, 'post', patches()).send(body).expect(200);
    expect(again.body).to.deep.equal(first.body);
    await as(server, picker, 'post', patches())
      .send({ ...body, name: 'Other' })
      .expect(409);
    const all = (await as(server, picker, 'get', patches()).expect(200)).body as PatchView[];
    expect(all.filter((p) => p.id === body.id)).to.have.length(1);
  });
  it('whose key another group has is refused, without a word about that group', async () => {
    const mine = await add(picker);
    const other = await emptyGroup(server);
    const stranger = await person(server, [[other, 'keeper']]);
    const answer = await as(server, stranger, 'post', `/api/groups/${other}/patches`).send(
      patchBody({ id: mine.id, name: 'X' }),
    );
    expect(answer.status).to.equal(409);
    expect(JSON.stringify(answer.body)).not.to.include(mine.name);
  });
  it('shows its area once it has a boundary, and the plants that grow there', async () => {
    const { patchId } = await standOf(server, picker, groupId, 'nettle', {
      patch: { geometry: SQUARE, name: 'Drawn' },
    });
    const view = await read(watcher, patchId);
    expect(view.areaM2).to.be.closeTo(8_610, 4);
    expect(view.stands.map((s) => s.plantName['en'])).to.deep.equal(['Stinging nettle']);
    expect((await add(picker)).areaM2).to.equal(null);
  });
  it('keeps what it was before each change', async () => {
    const first = await add(picker, { name: 'Before', heightM: 10 });
    const second = (
      await as(server, picker, 'put', `${patches()}/${first.id}`)
        .send(changed(first, { name: 'After', heightM: 20 }))
        .expect(200)
    ).body as PatchView;
    expect(second).to.include({ name: 'After', heightM: 20, version: first.version + 1 });
    // Sent again, because the answer was lost, it is the same change; an older word than that is still none.
    const again = await as(server, picker, 'put', `${patches()}/${first.id}`)
      .send(changed(first, { name: ' After ', heightM: 20 }))
      .expect(200);
    expect(again.body).to.deep.equal(second);
    await as(server, picker, 'put', `${patches()}/${first.id}`)
      .send(changed(first, { name: 'After', heightM: 21 }))
      .expect(409);
    const rows = await server.deps.db.select().from(patchHistory).where(eq(patchHistory.patchId, first.id));
    expect(rows).to.have.length(1);
    expect(rows[0]!.before).to.deep.include({ name: 'Before', heightM: 10 });
    expect(rows[0]!.changedBy).to.equal(picker.accountId);
  });
  it('changed by two at once keeps one change and tells the other', async () => {
    const patch = await add(picker);
    const statuses = await Promise.all(
      ['One', 'Two'].map(
        async (name) =>
          (await as(server, picker, 'put', `${patches()}/${patch.id}`).send(changed(patch, { name }))).status,
      ),
    );
    expect(statuses.sort()).to.deep.equal([200, 409]);
    expect((await read(picker, patch.id)).version).to.equal(patch.version + 1);
  });
  it('that is secret is exact for whoever marked it and for keepers, and blurred for the others', async () => {
    const secret = await add(picker, { secret: true, geometry: SQUARE, heightM: 63, access: 'behind the third gate' });
    const other = await person(server, [[groupId, 'picker']]);
    for (const who of [picker, keeper]) {
      const view = await read(who, secret.id);
      expect(view).to.deep.include({ blurred: false, geometry: SQUARE, heightM: 63, access: 'behind the third gate' });
    }
    for (const who of [watcher, other]) {
      const view = await read(who, secret.id);
      expect(view).to.deep.include({ blurred: true, heightM: 50, access: '', areaM2: null });
      expect(view.geometry.type).to.equal('Point');
      const [longitudeDeg, latitudeDeg] = view.geometry.coordinates as [number, number];
      expect(Math.abs(longitudeDeg + 29.9995)).to.be.within(0.0001, 0.02);
      expect(Math.abs(latitudeDeg - 46.0005)).to.be.within(0.0001, 0.02);
    }
  });
  it('that is blurred for somebody is not theirs to change, and not moved to its blur', async () => {
    const secret = await add(keeper, { secret: true });
    const seen = await read(picker, secret.id);
    await as(server, picker, 'put', `${patches()}/${secret.id}`)
      .send(changed(seen, { name: 'Mine' }))
      .expect(403);
    expect((await read(keeper, secret.id)).geometry).to.deep.equal({ type: 'Point', coordinates: [-30, 46] });
  });
  it('lies in the same cell of the blur wherever in it the place is', async () => {
    const near = await add(keeper, { secret: true, geometry: { type: 'Point', coordinates: [-30.001, 46.001] } });
    const far = await add(keeper, { secret: true, geometry: { type: 'Point', coordinates: [-30.019, 46.019] } });
    expect((await read(watcher, near.id)).geometry).to.deep.equal((await read(watcher, far.id)).geometry);
  });
});
