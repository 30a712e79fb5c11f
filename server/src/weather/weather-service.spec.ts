import { createServer, type RequestListener, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { expect } from 'chai';
import request from 'supertest';
import { v7 as newId } from 'uuid';
import type { StationView } from '@emberfield/contract';
import { dayNumber } from '@emberfield/core/measure';
import { STAND_IN_FIELDS, startWeatherService } from '@emberfield/demo';
import { createApp } from '../app.ts';
import { as, emptyGroup, person, testServer, TODAY, type Person, type TestServer } from '../testing/test-server.ts';
import { startFetching } from './operations/fetch-station.ts';
import { readService } from './operations/read-service.ts';
import { addressFor, readWeatherService, USUAL_FIELDS } from './weather-service.ts';

describe('a service’s answer', () => {
  const day = { day: '2026-05-01', min: 3.14, max: 12, rain: 1.26 };
  it('is a list of days, or lists side by side, wherever they stand', () => {
    const kept = { day: dayNumber('2026-05-01'), minC: 3.1, maxC: 12, rainMm: 1.3 };
    expect(readService({ days: [day] }, USUAL_FIELDS)).to.deep.equal({ days: [kept], leftOut: 0 });
    const fields = { ...USUAL_FIELDS, days: 'a.b', day: 'd' };
    const columns = { a: { b: { d: ['2026-05-01'], min: [3.14], max: [12], rain: [1.26] } } };
    expect(readService(columns, fields)).to.deep.equal({ days: [kept], leftOut: 0 });
    expect(readService([day], { ...USUAL_FIELDS, days: '' })?.days).to.deep.equal([kept]);
  });
  it('may be in °F, and without rain', () => {
    const fields = { ...USUAL_FIELDS, temperature: 'F' as const, rain: null };
    expect(readService({ days: [{ ...day, min: 41, max: 59 }] }, fields)?.days[0]).to.include({
      minC: 5,
      maxC: 15,
      rainMm: null,
    });
  });
  it('loses the days that make no sense, and says how many', () => {
    const bad = [
      { ...day, day: '2026-02-30' },
      { ...day, min: 20 },
      { ...day, max: '12' },
      { ...day, min: null },
      { ...day, max: 400 },
      null,
    ];
    expect(readService({ days: [...bad, day] }, USUAL_FIELDS)).to.deep.include({ leftOut: 6 });
  });
  it('of another kind is none', () => {
    for (const answer of [null, 7, {}, { days: 'none' }, { days: [] }, { error: 'x' }])
      expect(readService(answer, USUAL_FIELDS)).to.equal(null);
  });
});

describe('the operator’s settings of a weather service', () => {
  const url = 'https://weather.example/days?lat={lat}&lon={lon}&from={from}&to={to}';
  it('are an address with its places, and names for its fields', () => {
    expect(readWeatherService(null, null)).to.equal(null);
    const service = readWeatherService(url, '{"min":"tn","rain":null}')!;
    expect(service.fields).to.deep.equal({ ...USUAL_FIELDS, min: 'tn', rain: null });
    const address = addressFor(service, { latitudeDeg: 46.01234567, longitudeDeg: -30 }, { from: 'a', to: 'b' });
    expect(address).to.equal('https://weather.example/days?lat=46.0123&lon=-30.0000&from=a&to=b');
  });
  it('say what is wrong with them', () => {
    expect(() => readWeatherService('https://weather.example/days', null)).to.throw(/\{lat\}, \{lon\}/);
    expect(() => readWeatherService(url.replace('https', 'file'), null)).to.throw(/EMBERFIELD_WEATHER /);
    for (const fields of ['{', '[]', '{"min":3}', '{"colour":"x"}', '{"temperature":"K"}'])
      expect(() => readWeatherService(url, fields), fields).to.throw(/EMBERFIELD_WEATHER_FIELDS/);
  });
});

describe('a station that a service feeds', () => {
  let server: TestServer;
  let standIn: Awaited<ReturnType<typeof startWeatherService>>;
  let groupId: string;
  let keeper: Person;
  const stops: (() => void)[] = [];
  const listen = async (handler: RequestListener): Promise<{ url: string; server: Server }> => {
    const made = createServer(handler).listen(0, '127.0.0.1');
    await new Promise((resolve) => made.once('listening', resolve));
    stops.push(() => {
      made.closeAllConnections();
      made.close();
    });
    return { url: `http://127.0.0.1:${(made.address() as AddressInfo).port}`, server: made };
  };
  const appWith = async (url: string): Promise<string> => {
    const weatherService = readWeatherService(url, STAND_IN_FIELDS);
    return (await listen(createApp({ ...server.deps, weatherService }))).url;
  };
  let base: string;
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
    standIn = await startWeatherService();
    stops.push(standIn.stop);
    base = await appWith(standIn.url);
    groupId = await emptyGroup(server);
    keeper = await person(server, [[groupId, 'keeper']]);
  });
  after(() => stops.forEach((stop) => stop()));
  const ask = (method: 'get' | 'post' | 'put', path: string, at = base, who = keeper) =>
    request(at)
      [method](`/api/groups/${groupId}/${path}`)
      .set('cookie', who.cookie)
      .set('x-emberfield-token', who.token);
  const station = { name: 'Ridge', latitudeDeg: 46, longitudeDeg: -30, heightM: 40, source: 'service' };
  const make = async (at = base): Promise<string> => {
    const id = newId();
    await ask('post', 'stations', at)
      .send({ ...station, id })
      .expect(200);
    return id;
  };

  it('is given twelve past years and an outlook at once, and later only what is new', async function () {
    this.timeout(60_000);
    const id = await make();
    const first = (await ask('post', `stations/${id}/fetch`).send({}).expect(200)).body as StationView;
    expect(first).to.include({ lastDay: TODAY, missingDays: 0, outlookDays: 10, fetchProblem: null });
    expect(first.dayCount).to.be.within(12 * 365, 12 * 365 + 5);
    const again = (await ask('post', `stations/${id}/fetch`).send({}).expect(200)).body as StationView;
    expect([again.dayCount, again.outlookDays]).to.deep.equal([first.dayCount, 10]);
  });
  it('says what went wrong, and keeps what it has', async () => {
    const bodies: [string, RequestListener][] = [
      ['refused', (_q, r) => void r.writeHead(500).end('{}')],
      ['notJson', (_q, r) => void r.end('<html>')],
      ['noDays', (_q, r) => void r.end('{"daily":{"date":[]}}')],
      ['unreachable', (_q, r) => void r.writeHead(302, { location: `${base}/api/health` }).end()],
      ['tooLarge', (_q, r) => void r.end(`"${'x'.repeat(5 * 1024 * 1024)}"`)],
    ];
    for (const [problem, handler] of bodies) {
      const { url } = await listen(handler);
      const at = await appWith(`${url}/days?lat={lat}&lon={lon}&from={from}&to={to}`);
      const id = await make(at);
      const { body } = await ask('post', `stations/${id}/fetch`, at).send({}).expect(200);
      expect(body, problem).to.include({ fetchProblem: problem, dayCount: 0 });
    }
  });
  it('is fetched by one server of several, and not again before its time', async () => {
    const id = await make();
    let asked = 0;
    const { url } = await listen((_q, r) => {
      asked += 1;
      r.end('{}');
    });
    const weatherService = readWeatherService(`${url}/d?lat={lat}&lon={lon}&from={from}&to={to}`, null);
    const ends = [1, 2].map(() => startFetching({ ...server.deps, weatherService }));
    for (let i = 0; i < 100; i++) {
      const list = (await ask('get', 'stations').expect(200)).body as StationView[];
      if (list.find((s) => s.id === id)?.fetchProblem) break;
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
    ends.forEach((end) => end());
    const list = (await ask('get', 'stations').expect(200)).body as StationView[];
    expect(list.find((s) => s.id === id)).to.include({ fetchProblem: 'noDays' });
    expect(asked).to.be.at.most(list.filter((s) => s.source === 'service').length);
  });
  it('cannot be made where the operator has named no service, nor fetched where none feeds it', async () => {
    await as(server, keeper, 'post', `/api/groups/${groupId}/stations`)
      .send({ ...station, id: newId() })
      .expect(409);
    const id = newId();
    const { source: _, ...plain } = station;
    await ask('post', 'stations')
      .send({ ...plain, id })
      .expect(200);
    await ask('post', `stations/${id}/fetch`).send({}).expect(409);
  });

  describe('read by hand', () => {
    const put = (id: string, days: unknown, who = keeper) =>
      as(server, who, 'put', `/api/groups/${groupId}/stations/${id}/days`).send({ days });
    const reading = { day: '2026-05-14', minC: 4.5, maxC: 15, rainMm: null };
    it('takes the place of what was known of the day, and moves what hangs on it', async () => {
      const picker = await person(server, [[groupId, 'picker']]);
      const id = newId();
      const { source: _, ...plain } = station;
      await ask('post', 'stations')
        .send({ ...plain, id })
        .expect(200);
      await put(id, [reading], picker).expect(200);
      const { body } = await put(id, [{ ...reading, minC: 6 }], picker).expect(200);
      expect(body).to.include({ dayCount: 1, lastDay: '2026-05-14' });
      const days = await as(
        server,
        keeper,
        'get',
        `/api/groups/${groupId}/stations/${id}/days?from=2026-05-01&to=2026-05-20`,
      ).expect(200);
      expect((days.body as { days: unknown[] }).days).to.deep.equal([
        { day: '2026-05-14', minC: 6, maxC: 15, rainMm: null, outlook: false },
      ]);
    });
    it('is refused upside down, ahead of today, or beyond what thermometers show', async () => {
      const id = newId();
      const { source: _, ...plain } = station;
      await ask('post', 'stations')
        .send({ ...plain, id })
        .expect(200);
      for (const over of [{ minC: 16 }, { day: '2026-05-16' }, { maxC: 99 }, { day: 'today' }])
        await put(id, [{ ...reading, ...over }]).expect(400);
      await put(id, []).expect(400);
    });
  });
});
