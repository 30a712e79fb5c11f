import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import type { PatchDetail, StandView } from '@emberfield/contract';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import {
  as,
  emptyGroup,
  person,
  standOf,
  testServer,
  TODAY,
  type Person,
  type TestServer,
} from '../testing/test-server.ts';
import { upsertDays } from './repository.ts';

describe('the station of a place', () => {
  let server: TestServer;
  let groupId: string;
  let keeper: Person;
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
  });
  beforeEach(async () => {
    groupId = await emptyGroup(server);
    keeper = await person(server, [[groupId, 'keeper']]);
  });
  const G = () => `/api/groups/${groupId}`;
  /** A station so many degrees north of the place, with years of one temperature course shifted by some degrees. */
  async function station(name: string, northDeg: number, warmerC: number, since = '2018-01-01'): Promise<string> {
    const id = newId();
    await as(server, keeper, 'post', `${G()}/stations`)
      .send({ id, name, latitudeDeg: 46 + northDeg, longitudeDeg: -30, heightM: 60 })
      .expect(200);
    const days = [];
    for (let day = dayNumber(since); day <= dayNumber(TODAY); day++) {
      const mean = 10 - 8 * Math.cos((2 * Math.PI * (day - dayNumber('2000-01-20'))) / 365.25) + warmerC;
      days.push({ day, minC: mean - 4, maxC: mean + 4, rainMm: null, outlook: false });
    }
    await upsertDays(server.deps.db, id, days);
    // The days went past the routes: the group has to hear of them.
    await as(server, keeper, 'put', `${G()}/stations/${id}/days`)
      .send({ days: [{ day: TODAY, minC: 8, maxC: 16, rainMm: null }] })
      .expect(200);
    return id;
  }
  const patch = async (id: string): Promise<PatchDetail> =>
    (await as(server, keeper, 'get', `${G()}/patches/${id}`).expect(200)).body as PatchDetail;
  const flowers = async (standId: string): Promise<string> => {
    const view = (await as(server, keeper, 'get', `${G()}/stands/${standId}?day=2027-05-15`).expect(200))
      .body as StandView;
    return view.outlooks.find((o) => o.part === 'flower')!.opens.p50!;
  };

  it('is the nearest with a long enough record: a thermometer hung up yesterday displaces nothing', async () => {
    const far = await station('Far', 0.2, 0);
    await station('New and near', 0.001, 0, isoDay(dayNumber(TODAY) - 20));
    const { patchId } = await standOf(server, keeper, groupId, 'elder');
    expect((await patch(patchId)).stationInUse).to.deep.equal({ id: far, name: 'Far' });
  });
  it('is the one that a keeper chooses, and moves the dates, until it is let go', async () => {
    await station('Near', 0.01, 0);
    const warm = await station('Warm', 0.5, 3);
    const { patchId, standId } = await standOf(server, keeper, groupId, 'elder');
    const before = await flowers(standId);
    const assign = (stationId: unknown, who = keeper) =>
      as(server, who, 'put', `${G()}/patches/${patchId}/station`).send({ stationId });
    await assign(warm).expect(204);
    expect(await patch(patchId)).to.deep.include({ stationId: warm, stationInUse: { id: warm, name: 'Warm' } });
    expect((await flowers(standId)) < before).to.equal(true);
    await assign(null).expect(204);
    expect(await flowers(standId)).to.equal(before);
    await assign(newId()).expect(400);
    await assign('warm').expect(400);
    const other = await emptyGroup(server);
    const stranger = await person(server, [[other, 'keeper']]);
    await as(server, stranger, 'put', `/api/groups/${other}/patches/${patchId}/station`)
      .send({ stationId: null })
      .expect(404);
  });
});
