import { expect } from 'chai';
import fc from 'fast-check';
import request from 'supertest';
import { sql } from 'drizzle-orm';
import { v7 as newId } from 'uuid';
import { ERROR_CODES, type ErrorBody } from '@emberfield/contract';
import {
  as,
  emptyGroup,
  entryOf,
  patchBody,
  person,
  routesOf,
  standOf,
  takeBody,
  testServer,
  type Person,
  type TestServer,
} from './test-server.ts';

const TABLES = [
  'account',
  'group_',
  'membership',
  'invitation',
  'house_rule',
  'own_profile',
  'patch',
  'stand',
  'entry',
  'take_verdict',
  'sought',
  'station',
  'station_day',
  'weather_import',
  'place_import',
  'photo',
  'path',
];
/** Posts whose empty body is what they want, or that end the caller's own session. */
const TAKES_NO_BODY = /\/(join|store)$|csp-report|imports\/:importId$|session$/;

describe('bad input', () => {
  let server: TestServer;
  let groupId: string;
  let keeper: Person;
  let place: { patchId: string; standId: string };
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
    groupId = await emptyGroup(server);
    keeper = await person(server, [[groupId, 'keeper']]);
    place = await standOf(server, keeper, groupId, 'nettle');
  });

  const rows = async (): Promise<string> => {
    const counts: string[] = [];
    for (const table of TABLES) {
      const [[row]] = (await server.deps.db.execute(sql.raw(`SELECT COUNT(*) AS n FROM ${table}`))) as unknown as [
        [{ n: number }],
      ];
      counts.push(`${table}=${row.n}`);
    }
    return counts.join(' ');
  };
  const address = (path: string): string =>
    path
      .replace(':groupId', groupId)
      .replace(':standId', place.standId)
      .replace(':patchId', place.patchId)
      .replace(/:(\w+Id)/g, () => newId())
      .replace(/:\w+/g, 'nothing');
  const changing = () =>
    routesOf(server).filter((r) => r.method !== 'get' && r.method !== 'delete' && !TAKES_NO_BODY.test(r.path));
  function assertRefusal(what: string, { status, body }: { status: number; body: unknown }): void {
    expect(status, `${what}: ${JSON.stringify(body).slice(0, 200)}`).to.be.within(400, 499);
    const { error } = body as ErrorBody;
    expect(Object.keys(error).sort(), what).to.deep.equal(['code', 'field', 'logId', 'message', 'reason']);
    expect(ERROR_CODES, what).to.include(error.code);
    expect(error.message, what)
      .to.match(/^[A-Z].*[.]$/s)
      .and.not.match(/\{|undefined|\[object/);
  }

  it('of any shape is refused on every route that takes a body, and nothing is stored', async function () {
    this.timeout(120_000);
    const before = await rows();
    const junk: unknown[] = [
      null,
      [],
      7,
      'words',
      {},
      { a: 1 },
      { id: 'x' },
      { id: newId(), name: 'x'.repeat(5000) },
      { __proto__: { admin: true } },
      { entries: 'x' },
      { rule: {}, on: 'yes' },
    ];
    for (const route of changing())
      for (const body of junk)
        assertRefusal(
          `${route.method} ${route.path} ${JSON.stringify(body)?.slice(0, 40)}`,
          await as(server, keeper, route.method, address(route.path))
            .set('content-type', 'application/json')
            .send(JSON.stringify(body)),
        );
    expect(await rows()).to.equal(before);
  });
  it('that is no JSON, or far too large, is refused on every route', async function () {
    this.timeout(120_000);
    const before = await rows();
    const large = Buffer.alloc(30 * 1024 * 1024, 'x');
    for (const route of changing()) {
      assertRefusal(
        `broken ${route.path}`,
        await as(server, keeper, route.method, address(route.path))
          .set('content-type', 'application/json')
          .send('{"a":'),
      );
      assertRefusal(
        `bytes ${route.path}`,
        await as(server, keeper, route.method, address(route.path))
          .set('content-type', 'application/json')
          .send('\uD800\u0000'),
      );
    }
    for (const route of changing().slice(0, 4)) {
      const headers = { cookie: keeper.cookie, 'x-emberfield-token': keeper.token, 'content-type': 'application/json' };
      const answer = await fetch(`${server.url}${address(route.path)}`, {
        method: route.method.toUpperCase(),
        headers,
        body: large,
      });
      assertRefusal(`30 MB ${route.path}`, { status: answer.status, body: await answer.json() });
      expect(answer.status).to.equal(413);
    }
    await request(server.url).get('/api/health').expect(200);
    expect(await rows()).to.equal(before);
  });
  it('in addresses and queries is refused', async () => {
    const paths = [
      'stands/not-an-id',
      `stands/${newId()}`,
      `stands/${place.standId}?day=tomorrow`,
      `stands/${place.standId}?day=2026-02-30`,
      `stands/${place.standId}?day=1700-01-01`,
      `stands/${place.standId}?day=2026-01-01&day=2026-01-02`,
      `stands/${place.standId}?colour=red`,
      `stands/${place.standId}/entries?before=1`,
      'plants/none-of-it',
      `hearth?day=${'9'.repeat(300)}`,
      `stations/${newId()}/days`,
      'nowhere',
      '%E0%A4%A',
    ];
    for (const path of paths) assertRefusal(path, await as(server, keeper, 'get', `/api/groups/${groupId}/${path}`));
  });
  it('in one field of an otherwise good body is named', async () => {
    const cases: readonly (readonly [string, object, string, string])[] = [
      ['patches', { ...patchBody(), heightM: '60' }, 'body.heightM', 'wrongType'],
      ['patches', { ...patchBody(), heightM: null }, 'body.heightM', 'missing'],
      ['patches', { ...patchBody(), name: '   ' }, 'body.name', 'missing'],
      [
        'patches',
        { ...patchBody(), geometry: { type: 'Point', coordinates: [-30, 99] } },
        'body.geometry.coordinates',
        'notAPosition',
      ],
      [
        'patches',
        {
          ...patchBody(),
          geometry: {
            type: 'Polygon',
            coordinates: [
              [
                [0, 0],
                [1, 0],
                [1, 1],
                [0, 1],
              ],
            ],
          },
        },
        'body.geometry.coordinates[0]',
        'ringOpen',
      ],
      ['patches', { ...patchBody(), colour: 'red' }, 'body', 'unknownField'],
      ['patches', { ...patchBody(), hazards: ['dragons'] }, 'body.hazards[0]', 'notOneOf'],
      [
        'stands',
        {
          id: newId(),
          patchId: place.patchId,
          plantKey: 'triffid',
          where: '',
          since: null,
          restUntil: null,
        },
        'body.plantKey',
        'unknownPlant',
      ],
      [
        'stands',
        {
          id: newId(),
          patchId: place.patchId,
          plantKey: 'nettle',
          where: '',
          since: 2015.5,
          restUntil: null,
        },
        'body.since',
        'notWhole',
      ],
    ];
    for (const [path, body, field, reason] of cases) {
      const answer = await as(server, keeper, 'post', `/api/groups/${groupId}/${path}`).send(body);
      assertRefusal(field, answer);
      expect((answer.body as ErrorBody).error).to.include({ field, reason });
    }
  });
  it('in an entry is answered for that entry, with a sentence', async () => {
    const good = entryOf(place, 'take', takeBody(1));
    const bad: unknown[] = [
      { ...good, id: newId(), body: { ...good.body, amount: -1 } },
      { ...good, id: newId(), body: { ...good.body, amount: NaN } },
      { ...good, id: newId(), day: '2026-13-01' },
      { ...good, id: newId(), standId: null },
      { ...good, id: newId(), kind: 'wish' },
      { ...good, id: newId(), schemaVersion: 2 },
      { ...good, id: newId(), extra: 1 },
      { ...good, id: newId(), body: { ...good.body, part: 'elbow' } },
      5,
      null,
      'x',
      [],
    ];
    const before = await rows();
    for (const entry of bad) {
      const answer = await as(server, keeper, 'post', `/api/groups/${groupId}/sync`).send({ entries: [entry] });
      if (answer.status === 400) continue;
      const [result] = (answer.body as { results: { status: string; message: string }[] }).results;
      expect(result, JSON.stringify(entry)).to.include({ status: 'needsAttention' });
      expect(result!.message).to.match(/^[A-Z].*[.]$/s);
    }
    expect(await rows()).to.equal(before);
  });
  it('made up at random never breaks the server', async function () {
    this.timeout(120_000);
    const routes = changing();
    const before = await rows();
    await fc.assert(
      fc.asyncProperty(fc.constantFrom(...routes), fc.jsonValue({ maxDepth: 3 }), async (route, body) => {
        const { status } = await as(server, keeper, route.method, address(route.path))
          .set('content-type', 'application/json')
          .send(JSON.stringify(body));
        return status >= 400 && status < 500;
      }),
      { numRuns: 150 },
    );
    expect(await rows()).to.equal(before);
  });
});
