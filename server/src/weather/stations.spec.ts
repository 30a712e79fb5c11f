import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import { dayNumber } from '@emberfield/core/measure';
import type { StandView, StationDays, StationView } from '@emberfield/contract';
import { openedGroup } from '../testing/opened-group.ts';
import { as } from '../testing/test-server.ts';
import { upsertDays } from './repository.ts';

describe('stations', () => {
  const group = openedGroup();
  const at = (path: string) => `/api/groups/${group.groupId}/stations${path}`;
  const station = (over: Partial<StationView> = {}) => ({
    id: newId(),
    name: 'Low Hill',
    latitudeDeg: 46,
    longitudeDeg: -30,
    heightM: 40,
    ...over,
  });
  const add = async (over: Partial<StationView> = {}): Promise<StationView> =>
    (await as(group.server, group.keeper, 'post', at('')).send(station(over)).expect(200)).body as StationView;
  const day = (iso: string, minC: number, outlook = false) => ({
    day: dayNumber(iso),
    minC,
    maxC: minC + 8,
    rainMm: null,
    outlook,
  });

  it('sent twice are stored once; with another content the key is refused', async () => {
    const body = station();
    for (let i = 0; i < 2; i++) await as(group.server, group.keeper, 'post', at('')).send(body).expect(200);
    await as(group.server, group.keeper, 'post', at(''))
      .send({ ...body, heightM: 41 })
      .expect(409);
    expect((await as(group.server, group.keeper, 'get', at('')).expect(200)).body).to.have.length(1);
  });
  it('say what they have: from when to when, how many days are missing, how far the outlook goes', async () => {
    const { id } = await add();
    await upsertDays(group.server.deps.db, id, [
      day('2026-05-01', 4),
      day('2026-05-02', 5),
      day('2026-05-06', 6),
      day('2026-05-07', 7, true),
    ]);
    const [view] = (await as(group.server, group.keeper, 'get', at('')).expect(200)).body as StationView[];
    expect(view).to.include({
      dayCount: 3,
      firstDay: '2026-05-01',
      lastDay: '2026-05-06',
      missingDays: 3,
      outlookDays: 1,
    });
  });
  it('give their days between two days, both included', async () => {
    const { id } = await add();
    await upsertDays(group.server.deps.db, id, [day('2026-05-01', 4), day('2026-05-02', 5.5), day('2026-05-03', -1.2)]);
    const read = async (from: string, to: string) =>
      (await as(group.server, group.keeper, 'get', at(`/${id}/days?from=${from}&to=${to}`)).expect(200))
        .body as StationDays;
    expect((await read('2026-05-02', '2026-05-03')).days.map((d) => [d.day, d.minC])).to.deep.equal([
      ['2026-05-02', 5.5],
      ['2026-05-03', -1.2],
    ]);
    expect((await read('2026-06-01', '2026-06-30')).days).to.deep.equal([]);
  });
  it('refuse a span that is none or too long, and a station of another group', async () => {
    const { id } = await add();
    const status = async (query: string, station_ = id) =>
      (await as(group.server, group.keeper, 'get', at(`/${station_}/days${query}`))).status;
    expect(await status('')).to.equal(400);
    expect(await status('?from=2026-05-01')).to.equal(400);
    expect(await status('?from=soon&to=2026-05-01')).to.equal(400);
    expect(await status('?from=2020-01-01&to=2026-05-01')).to.equal(400);
    expect(await status('?from=2026-05-01&to=2026-05-02', newId())).to.equal(404);
  });
  it('replace a day by a later record of it, and an outlook by what was measured', async () => {
    const { id } = await add();
    const { db } = group.server.deps;
    await upsertDays(db, id, [day('2026-05-01', 4, true)]);
    await upsertDays(db, id, [day('2026-05-01', 9)]);
    const [view] = (await as(group.server, group.keeper, 'get', at('')).expect(200)).body as StationView[];
    expect(view).to.include({ dayCount: 1, outlookDays: 0 });
  });
  it('added later become the stands’ own from the next look on', async () => {
    const { standId } = await group.stand('nettle', { patch: { heightM: 300 } });
    const named = async () => ((await group.ask('get', `stands/${standId}`).expect(200)).body as StandView).stationName;
    await add({ name: 'Valley', heightM: 10 });
    expect(await named()).to.equal('Valley');
    await add({ name: 'Hill', heightM: 290 });
    expect(await named()).to.equal('Hill');
  });
});
