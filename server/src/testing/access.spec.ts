import { expect } from 'chai';
import express from 'express';
import request from 'supertest';
import { v7 as newId } from 'uuid';
import { securityHeaders } from '../app.ts';
import { as, emptyGroup, person, routesOf, standOf, testServer, type Person, type TestServer } from './test-server.ts';

/** May nobody, a watcher, a picker, a keeper, a keeper of another group call it? Written by hand, not derived. */
const TABLE: Readonly<Record<string, string>> = {
  //                                                            nobody watcher picker keeper stranger
  'get /api/health': 'yes yes yes yes yes',
  'get /api/session': 'yes yes yes yes yes',
  'post /api/session': 'yes yes yes yes yes',
  'post /api/demo-session': 'yes yes yes yes yes',
  'delete /api/session': '401 yes yes yes yes',
  'post /api/founding': 'yes yes yes yes yes',
  'get /api/invitations/:token': 'yes yes yes yes yes',
  'post /api/invitations/:token': 'yes yes yes yes yes',
  'post /api/invitations/:token/join': '401 yes yes yes yes',
  'get /api/sessions': '401 yes yes yes yes',
  'delete /api/sessions/:sessionId': '401 yes yes yes yes',
  'delete /api/sessions': '401 yes yes yes yes',
  'put /api/password': '401 yes yes yes yes',
  'put /api/language': '401 yes yes yes yes',
  'get /api/resets/:token': 'yes yes yes yes yes',
  'post /api/resets/:token': 'yes yes yes yes yes',
  'delete /api/groups/:groupId/members/:accountId/data': '401 403 403 yes 404',
  'post /api/groups/:groupId/members/:accountId/reset': '401 403 403 yes 404',
  'delete /api/groups/:groupId/membership': '401 yes yes yes 404',
  'get /api/groups/:groupId/activity': '401 403 403 yes 404',
  'put /api/groups/:groupId/patches/:patchId/retirement': '401 403 403 yes 404',
  'delete /api/groups/:groupId/patches/:patchId': '401 403 yes yes 404',
  'put /api/groups/:groupId/stands/:standId/retirement': '401 403 403 yes 404',
  'delete /api/groups/:groupId/stands/:standId': '401 403 yes yes 404',
  'put /api/groups/:groupId/stations/:stationId/retirement': '401 403 403 yes 404',
  'delete /api/groups/:groupId/stations/:stationId': '401 403 403 yes 404',
  'delete /api/groups/:groupId/imports/:importId/days': '401 403 403 yes 404',
  'delete /api/groups/:groupId/place-imports/:importId/places': '401 403 403 yes 404',
  'get /api/base-map': '401 yes yes yes yes',
  'post /api/csp-report': 'yes yes yes yes yes',
  'get /api/groups/:groupId': '401 yes yes yes 404',
  'put /api/groups/:groupId': '401 403 403 yes 404',
  'get /api/groups/:groupId/live': '401 yes yes yes 404',
  'get /api/groups/:groupId/members': '401 yes yes yes 404',
  'put /api/groups/:groupId/members/:accountId': '401 403 403 yes 404',
  'delete /api/groups/:groupId/members/:accountId': '401 403 403 yes 404',
  'get /api/groups/:groupId/invitations': '401 403 403 yes 404',
  'post /api/groups/:groupId/invitations': '401 403 403 yes 404',
  'delete /api/groups/:groupId/invitations/:invitationId': '401 403 403 yes 404',
  'get /api/groups/:groupId/rules': '401 yes yes yes 404',
  'put /api/groups/:groupId/rules': '401 403 403 yes 404',
  'get /api/groups/:groupId/efforts': '401 yes yes yes 404',
  'get /api/groups/:groupId/larder': '401 yes yes yes 404',
  'get /api/groups/:groupId/plantings': '401 yes yes yes 404',
  'get /api/groups/:groupId/permits': '401 yes yes yes 404',
  'get /api/groups/:groupId/ledger': '401 yes yes yes 404',
  'get /api/groups/:groupId/archive': '401 403 403 yes 404',
  'get /api/groups/:groupId/tastes': '401 yes yes yes 404',
  'put /api/groups/:groupId/tastes/:tasteId': '401 yes yes yes 404',
  'delete /api/groups/:groupId/tastes/:tasteId': '401 yes yes yes 404',
  'get /api/groups/:groupId/wants': '401 yes yes yes 404',
  'put /api/groups/:groupId/wants/:wantId': '401 403 yes yes 404',
  'delete /api/groups/:groupId/wants/:wantId': '401 403 yes yes 404',
  'put /api/groups/:groupId/permits/:permitId': '401 403 403 yes 404',
  'delete /api/groups/:groupId/permits/:permitId': '401 403 403 yes 404',
  'get /api/groups/:groupId/clearances': '401 yes yes yes 404',
  'put /api/groups/:groupId/members/:accountId/clearance': '401 403 yes yes 404',
  'get /api/groups/:groupId/signs': '401 yes yes yes 404',
  'get /api/groups/:groupId/plants': '401 yes yes yes 404',
  'get /api/groups/:groupId/plants/:plantKey': '401 yes yes yes 404',
  'put /api/groups/:groupId/plants/:plantKey': '401 403 403 yes 404',
  'delete /api/groups/:groupId/plants/:plantKey': '401 403 403 yes 404',
  'get /api/groups/:groupId/patches': '401 yes yes yes 404',
  'get /api/groups/:groupId/patches/:patchId': '401 yes yes yes 404',
  'post /api/groups/:groupId/patches': '401 403 yes yes 404',
  'put /api/groups/:groupId/patches/:patchId': '401 403 yes yes 404',
  'put /api/groups/:groupId/patches/:patchId/station': '401 403 403 yes 404',
  'get /api/groups/:groupId/patches/:patchId/poison': '401 yes yes yes 404',
  'get /api/groups/:groupId/patches/:patchId/prospects': '401 yes yes yes 404',
  'get /api/groups/:groupId/known-photos': '401 yes yes yes 404',
  'get /api/groups/:groupId/photos': '401 yes yes yes 404',
  'post /api/groups/:groupId/photos/:photoId': '401 403 yes yes 404',
  'get /api/groups/:groupId/photos/:photoId': '401 yes yes yes 404',
  'get /api/groups/:groupId/photos/:photoId/pieces': '401 403 yes yes 404',
  'put /api/groups/:groupId/photos/:photoId/pieces/:n': '401 403 yes yes 404',
  'delete /api/groups/:groupId/photos/:photoId': '401 403 yes yes 404',
  'post /api/groups/:groupId/place-imports/:importId': '401 403 403 yes 404',
  'get /api/groups/:groupId/place-imports/:importId': '401 403 403 yes 404',
  'put /api/groups/:groupId/place-imports/:importId': '401 403 403 yes 404',
  'post /api/groups/:groupId/place-imports/:importId/store': '401 403 403 yes 404',
  'delete /api/groups/:groupId/place-imports/:importId': '401 403 403 yes 404',
  'get /api/groups/:groupId/tides': '401 yes yes yes 404',
  'post /api/groups/:groupId/tides': '401 403 403 yes 404',
  'delete /api/groups/:groupId/tides/:tideId': '401 403 403 yes 404',
  'get /api/groups/:groupId/exports/:what': '401 yes yes yes 404',
  'get /api/groups/:groupId/paths': '401 yes yes yes 404',
  'delete /api/groups/:groupId/paths/:pathId': '401 403 403 yes 404',
  'post /api/groups/:groupId/stands': '401 403 yes yes 404',
  'get /api/groups/:groupId/stands/:standId': '401 yes yes yes 404',
  'get /api/groups/:groupId/stands/:standId/kit': '401 yes yes yes 404',
  'get /api/groups/:groupId/stands/:standId/lower': '401 yes yes yes 404',
  'put /api/groups/:groupId/stands/:standId': '401 403 403 yes 404',
  'get /api/groups/:groupId/stands/:standId/entries': '401 yes yes yes 404',
  'post /api/groups/:groupId/sync': '401 403 yes yes 404',
  'get /api/groups/:groupId/hearth': '401 yes yes yes 404',
  'get /api/groups/:groupId/year': '401 yes yes yes 404',
  'get /api/groups/:groupId/notices': '401 yes yes yes 404',
  'get /api/groups/:groupId/calendar': '401 yes yes yes 404',
  'post /api/groups/:groupId/calendar': '401 yes yes yes 404',
  'delete /api/groups/:groupId/calendar': '401 yes yes yes 404',
  'get /api/calendar/:token': 'yes yes yes yes yes',
  'get /api/groups/:groupId/stands/:standId/proof': '401 yes yes yes 404',
  'get /api/groups/:groupId/proof': '401 yes yes yes 404',
  'get /api/groups/:groupId/ribbon': '401 yes yes yes 404',
  'get /api/groups/:groupId/find': '401 yes yes yes 404',
  'get /api/groups/:groupId/sought': '401 yes yes yes 404',
  'post /api/groups/:groupId/sought': '401 403 yes yes 404',
  'delete /api/groups/:groupId/sought/:soughtId': '401 403 yes yes 404',
  'get /api/groups/:groupId/stations': '401 yes yes yes 404',
  'post /api/groups/:groupId/stations': '401 403 403 yes 404',
  'get /api/groups/:groupId/stations/:stationId/days': '401 yes yes yes 404',
  'post /api/groups/:groupId/stations/:stationId/fetch': '401 403 403 yes 404',
  'put /api/groups/:groupId/stations/:stationId/days': '401 403 yes yes 404',
  'get /api/groups/:groupId/imports': '401 403 403 yes 404',
  'post /api/groups/:groupId/stations/:stationId/imports/:importId': '401 403 403 yes 404',
  'get /api/groups/:groupId/imports/:importId': '401 403 403 yes 404',
  'put /api/groups/:groupId/imports/:importId': '401 403 403 yes 404',
  'post /api/groups/:groupId/imports/:importId/store': '401 403 403 yes 404',
  'delete /api/groups/:groupId/imports/:importId': '401 403 403 yes 404',
};
const WHO = ['nobody', 'watcher', 'picker', 'keeper', 'stranger'] as const;

describe('who may call what', () => {
  let server: TestServer;
  let people: Record<(typeof WHO)[number], Person | null>;
  let groupId: string;

  before(async function () {
    this.timeout(120_000);
    server = await testServer();
    groupId = await emptyGroup(server);
    const other = await emptyGroup(server);
    people = {
      nobody: null,
      watcher: await person(server, [[groupId, 'watcher']]),
      picker: await person(server, [[groupId, 'picker']]),
      keeper: await person(server, [[groupId, 'keeper']]),
      stranger: await person(server, [[other, 'keeper']]),
    };
  });

  /** Somebody just like one of them, to be signed out or to leave. */
  const spare = (who: (typeof WHO)[number]): Promise<Person> =>
    person(server, who === 'watcher' || who === 'picker' || who === 'keeper' ? [[groupId, who]] : []);

  it('is written down for every route there is, and for no other', () => {
    const real = routesOf(server).map((r) => `${r.method} ${r.path}`);
    expect([...real].sort()).to.deep.equal(Object.keys(TABLE).sort());
  });

  for (const [route, cells] of Object.entries(TABLE))
    it(route, async () => {
      const [method, path] = route.split(' ') as ['get', string];
      for (const [i, expected] of cells.split(' ').entries()) {
        const who = WHO[i]!;
        // Signing out and leaving would spoil the others: each call brings its own session where it ends one.
        const caller = people[who] && /^delete .*(session|membership)$/.test(route) ? await spare(who) : people[who];
        const address = path
          .replace(':groupId', groupId)
          .replace(/:(\w+Id)/g, () => newId())
          .replace(/:\w+/g, 'nothing-here');
        const { status, body } = await as(server, caller, method, address).send(method === 'get' ? undefined : {});
        const refused =
          status === 401 ||
          status === 403 ||
          (status === 404 && (body as { error?: { message?: string } }).error?.message?.includes('group'));
        const said = refused && !(who === 'nobody' && expected === 'yes') ? String(status) : 'yes';
        expect(status, `${who}: ${JSON.stringify(body)}`).to.be.below(500);
        expect(said === 'yes' ? 'yes' : said, `${who} got ${status}: ${JSON.stringify(body)}`).to.equal(expected);
      }
    });

  it('hides other groups’ things even inside one’s own group', async () => {
    const mine = people.keeper!;
    const other = await emptyGroup(server);
    const theirs = await person(server, [[other, 'keeper']]);
    const { patchId, standId } = await standOf(server, theirs, other, 'nettle');
    for (const path of [
      `patches/${patchId}`,
      `stands/${standId}`,
      `stands/${standId}/entries`,
      `stands/${standId}/proof`,
    ])
      await as(server, mine, 'get', `/api/groups/${groupId}/${path}`).expect(404);
    await as(server, mine, 'post', `/api/groups/${groupId}/stands`)
      .send({
        id: newId(),
        patchId,
        plantKey: 'nettle',
        where: '',
        since: null,
        restUntil: null,
      })
      .expect(404);
  });
  it('refuses changes from another site, and without the session’s token', async () => {
    const { keeper } = people;
    const path = `/api/groups/${groupId}/sought`;
    const body = { id: newId(), what: 'Morel', note: '' };
    await as(server, keeper, 'post', path).set('origin', 'http://elsewhere.example').send(body).expect(403);
    await as(server, keeper, 'post', path).set('sec-fetch-site', 'cross-site').send(body).expect(403);
    await as(server, keeper, 'post', path).set('x-emberfield-token', 'wrong').send(body).expect(403);
    await as(server, keeper, 'post', path).set('origin', server.url).send(body).expect(200);
  });
  it('takes no more than a small report from somebody who is not signed in', async () => {
    await as(server, null, 'post', '/api/csp-report')
      .set('content-type', 'application/csp-report')
      .send('x'.repeat(1000))
      .expect(204);
    await as(server, null, 'post', '/api/csp-report')
      .set('content-type', 'application/csp-report')
      .send('x'.repeat(20_000))
      .expect(413);
  });
  it('lets pictures of tiles in from where the operator says, and from nowhere else', async () => {
    const policy = async (tilesUrl: string | null): Promise<string> => {
      const { headers } = await request(
        express()
          .use(securityHeaders(false, tilesUrl))
          .get('/', (_q, r) => void r.end()),
      ).get('/');
      return /img-src [^;]+/.exec(String(headers['content-security-policy']))![0];
    };
    expect(await policy(null)).to.equal("img-src 'self' data: blob:");
    expect(await policy('https://tiles.example/{z}/{x}/{y}.png')).to.equal(
      "img-src 'self' data: blob: https://tiles.example",
    );
  });
  it('packs large answers, and leaves small ones as they are', async () => {
    const path = async (of: string) => {
      const { headers } = await as(server, keeper, 'get', of).set('accept-encoding', 'gzip').expect(200);
      return headers['content-encoding'];
    };
    const group = await emptyGroup(server);
    const keeper = await person(server, [[group, 'keeper']]);
    expect(await path(`/api/groups/${group}/signs`)).to.equal('gzip');
    expect(await path(`/api/groups/${group}/patches`)).to.equal(undefined);
  });
  it('sends the policies that keep foreign script out', async () => {
    const { headers } = await as(server, null, 'get', '/api/health');
    expect(headers['content-security-policy'])
      .to.include("default-src 'self'")
      .and.include("script-src 'self' 'wasm-unsafe-eval'")
      .and.include("frame-ancestors 'none'");
    expect(headers['x-content-type-options']).to.equal('nosniff');
    expect(headers['x-powered-by']).to.equal(undefined);
  });
});
