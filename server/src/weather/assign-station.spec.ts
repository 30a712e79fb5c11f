import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import { centreOf, type PatchDetail, type StandView, type StationView } from '@emberfield/contract';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import { openedGroup } from '../testing/opened-group.ts';
import { as, emptyGroup, person, TODAY } from '../testing/test-server.ts';
import { upsertDays } from './repository.ts';

describe('the station of a place', () => {
  const group = openedGroup();
  const G = () => `/api/groups/${group.groupId}`;
  /** A station so many degrees north of the place, with years of one temperature course shifted by some degrees. */
  async function station(
    name: string,
    northDeg: number,
    warmerC: number,
    { since = '2018-01-01', at = { latitudeDeg: 46, longitudeDeg: -30, heightM: 60 } } = {},
  ): Promise<string> {
    const id = newId();
    await as(group.server, group.keeper, 'post', `${G()}/stations`)
      .send({ id, name, ...at, latitudeDeg: at.latitudeDeg + northDeg })
      .expect(200);
    const days = [];
    for (let day = dayNumber(since); day <= dayNumber(TODAY); day++) {
      const mean = 10 - 8 * Math.cos((2 * Math.PI * (day - dayNumber('2000-01-20'))) / 365.25) + warmerC;
      days.push({ day, minC: mean - 4, maxC: mean + 4, rainMm: null, outlook: false });
    }
    await upsertDays(group.server.deps.db, id, days);
    // The days went past the routes: the group has to hear of them.
    await as(group.server, group.keeper, 'put', `${G()}/stations/${id}/days`)
      .send({ days: [{ day: TODAY, minC: 8, maxC: 16, rainMm: null }] })
      .expect(200);
    return id;
  }
  const patch = async (id: string): Promise<PatchDetail> =>
    (await as(group.server, group.keeper, 'get', `${G()}/patches/${id}`).expect(200)).body as PatchDetail;
  const flowers = async (standId: string): Promise<string> => {
    const view = (await as(group.server, group.keeper, 'get', `${G()}/stands/${standId}?day=2027-05-15`).expect(200))
      .body as StandView;
    return view.outlooks.find((o) => o.part === 'flower')!.opens.p50!;
  };

  it('is the nearest with a long enough record: a thermometer hung up yesterday displaces nothing', async () => {
    const far = await station('Far', 0.2, 0);
    await station('New and near', 0.01, 0, { since: isoDay(dayNumber(TODAY) - 20) });
    const { patchId } = await group.stand('elder');
    expect((await patch(patchId)).stationsInUse).to.deep.equal([
      { id: far, name: 'Far', share: 1, wayM: 22_264, heightM: 60 },
    ]);
    const { body } = await as(group.server, group.keeper, 'get', `${G()}/stations`).expect(200);
    expect((body as StationView[]).map((v) => [v.name, v.reckonedFrom])).to.have.deep.members([
      ['Far', true],
      ['New and near', false],
    ]);
  });
  it('are several by the way to them, and the dates lie between theirs', async () => {
    const { patchId, standId } = await group.stand('elder');
    const cold = await station('Cold', 0.15, 0);
    const alone = await flowers(standId);
    const warm = await station('Warm', -0.15, 4);
    const { stationsInUse } = await patch(patchId);
    expect(stationsInUse.map((s) => [s.id, s.share])).to.have.deep.members([
      [cold, 0.5],
      [warm, 0.5],
    ]);
    const between = await flowers(standId);
    await as(group.server, group.keeper, 'put', `${G()}/patches/${patchId}/station`)
      .send({ stationId: warm })
      .expect(204);
    expect(alone > between && between > (await flowers(standId))).to.equal(true);
    const view = (await as(group.server, group.keeper, 'get', `${G()}/stands/${standId}`).expect(200))
      .body as StandView;
    expect(view.stationName).to.equal('Warm');
  });
  it('are calibrated by a thermometer that hangs at the place, and say by how much', async () => {
    const { patchId, standId } = await group.stand('elder');
    await station('Far', 0.3, 0);
    const before = await flowers(standId);
    const { geometry, heightM } = await patch(patchId);
    const { latitudeDeg, longitudeDeg } = centreOf(geometry);
    await station('Hollow', 0, -3, {
      since: isoDay(dayNumber(TODAY) - 30),
      at: { latitudeDeg, longitudeDeg, heightM },
    });
    const { thermometer, stationsInUse } = await patch(patchId);
    expect(stationsInUse.map((s) => s.name)).to.deep.equal(['Far']);
    expect(thermometer).to.include({ name: 'Hollow' });
    expect(thermometer!.days).to.be.within(29, 32);
    expect(thermometer!.minC).to.be.within(-3.2, -1.5);
    expect((await flowers(standId)) > before).to.equal(true);
  });
  it('reckon with the slope: the same plant comes later on a north face', async () => {
    await station('Near', 0.01, 0);
    const { patchId, standId } = await group.stand('elder');
    const south = await flowers(standId);
    const {
      id: _,
      version,
      areaM2: _a,
      blurred: _b,
      stands: _s,
      lifted: _l,
      finds: _f,
      inVain: _v,
      ...rest
    } = await patch(patchId);
    const { stationId: _t, stationsInUse: _u, thermometer: _h, retiredOn: _r, retiredWhy: _w, ...facts } = rest;
    await as(group.server, group.keeper, 'put', `${G()}/patches/${patchId}`)
      .send({ version, facts: { ...facts, aspect: 'n', slopeDeg: 25 }, liftReason: '' })
      .expect(200);
    expect((await flowers(standId)) > south).to.equal(true);
  });
  it('is the one that a keeper chooses, and moves the dates, until it is let go', async () => {
    await station('Near', 0.01, 0);
    const warm = await station('Warm', 0.5, 3);
    const { patchId, standId } = await group.stand('elder');
    const before = await flowers(standId);
    const assign = (stationId: unknown, who = group.keeper) =>
      as(group.server, who, 'put', `${G()}/patches/${patchId}/station`).send({ stationId });
    await assign(warm).expect(204);
    expect(await patch(patchId)).to.deep.include({
      stationId: warm,
      stationsInUse: [{ id: warm, name: 'Warm', share: 1, wayM: 55_660, heightM: 60 }],
    });
    expect((await flowers(standId)) < before).to.equal(true);
    await assign(null).expect(204);
    expect(await flowers(standId)).to.equal(before);
    await assign(newId()).expect(400);
    await assign('warm').expect(400);
    const other = await emptyGroup(group.server);
    const stranger = await person(group.server, [[other, 'keeper']]);
    await as(group.server, stranger, 'put', `/api/groups/${other}/patches/${patchId}/station`)
      .send({ stationId: null })
      .expect(404);
  });
});
