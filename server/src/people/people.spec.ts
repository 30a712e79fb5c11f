import { expect } from 'chai';
import request from 'supertest';
import { v7 as newId } from 'uuid';
import type { MadeInvitation, SessionView, StandView } from '@emberfield/contract';
import { as, emptyGroup, PASSWORD, person, standOf, testServer, type TestServer } from '../testing/test-server.ts';
import { digestOf } from '../platform/tokens.ts';
import { rateLimit } from '../platform/http/rate-limit-table.ts';
import { foundingCode } from './table.ts';
import { renewFoundingCode } from './operations/found-group.ts';

describe('people', () => {
  let server: TestServer;
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
  });
  // The address of all specs is one: what one spec failed at must not count for the next.
  beforeEach(async () => void (await server.deps.db.delete(rateLimit)));
  const newAccount = () => ({ signInName: `n${newId().slice(-12)}`, name: 'Newcomer', password: PASSWORD });

  it('come in with name and password, and are told the same for a wrong name and a wrong password', async () => {
    const known = await person(server);
    const wrong = await request(server.url)
      .post('/api/session')
      .send({ signInName: known.signInName, password: 'not this one' });
    const unknown = await request(server.url)
      .post('/api/session')
      .send({ signInName: 'nobody-here', password: 'not this one' });
    expect([wrong.status, unknown.status]).to.deep.equal([401, 401]);
    expect(wrong.body).to.deep.equal(unknown.body);
    const right = await request(server.url)
      .post('/api/session')
      .send({ signInName: known.signInName.toUpperCase(), password: PASSWORD })
      .expect(200);
    expect(String(right.headers['set-cookie'])).to.include('HttpOnly').and.include('SameSite=Lax');
  });
  it('get a new session at every sign-in, can list them and end one from afar', async () => {
    const here = await person(server);
    const elsewhere = await request(server.url)
      .post('/api/session')
      .send({ signInName: here.signInName, password: PASSWORD });
    const cookie = String(elsewhere.headers['set-cookie']).split(';')[0]!;
    expect(cookie).not.to.equal(here.cookie);
    const list = (await as(server, here, 'get', '/api/sessions').expect(200)).body as { id: string; here: boolean }[];
    expect(list).to.have.length(2);
    await as(server, here, 'delete', `/api/sessions/${list.find((s) => !s.here)!.id}`).expect(204);
    await request(server.url).get('/api/sessions').set('cookie', cookie).expect(401);
    const stranger = await person(server);
    await as(server, stranger, 'delete', `/api/sessions/${list.find((s) => s.here)!.id}`).expect(404);
  });
  it('are stopped after ten wrong tries, wherever the tries arrive', async () => {
    const statuses: number[] = [];
    for (let i = 0; i < 12; i++)
      statuses.push((await request(server.url).post(`/api/invitations/guess-${i}`).send(newAccount())).status);
    expect(statuses).to.deep.equal([...Array<number>(10).fill(404), 429, 429]);
    const known = await person(server);
    const guess = async () =>
      (await request(server.url).post('/api/session').send({ signInName: known.signInName, password: 'a wrong guess' }))
        .status;
    for (let i = 0; i < 10; i++) expect(await guess()).to.equal(401);
    expect(await guess()).to.equal(429);
    // Somebody else in the same house still comes in.
    await person(server);
  });
  it('found nothing once somebody has an account, and only against the code before', async () => {
    const founding = {
      code: 'aaaa-bbbb-cccc-dddd',
      groupId: newId(),
      groupName: 'Us',
      zone: 'UTC',
      units: 'metric',
      regions: [],
      keeper: newAccount(),
    };
    const late = await request(server.url).post('/api/founding').send(founding).expect(409);
    expect((late.body as { error: { code: string } }).error.code).to.equal('alreadyFounded');
    expect(await renewFoundingCode(server.deps)).to.equal(null);
    // The row that an unfounded database would hold.
    await server.deps.db.insert(foundingCode).values({ only: 1, codeDigest: digestOf('good-code') });
    await request(server.url).post('/api/founding').send(founding).expect(400);
    const founded = await request(server.url)
      .post('/api/founding')
      .send({ ...founding, code: ' GOOD-code ' })
      .expect(200);
    expect((founded.body as SessionView).groups).to.deep.equal([{ id: founding.groupId, name: 'Us', role: 'keeper' }]);
    await request(server.url)
      .post('/api/founding')
      .send({ ...founding, code: 'good-code', groupId: newId(), keeper: newAccount() })
      .expect(409);
  });
  it('join by a link that works once', async () => {
    const groupId = await emptyGroup(server);
    const keeper = await person(server, [[groupId, 'keeper']]);
    const id = newId();
    const made = (
      await as(server, keeper, 'post', `/api/groups/${groupId}/invitations`).send({ id, role: 'picker' }).expect(200)
    ).body as MadeInvitation;
    const again = (
      await as(server, keeper, 'post', `/api/groups/${groupId}/invitations`).send({ id, role: 'picker' }).expect(200)
    ).body as MadeInvitation;
    expect(again.token).to.equal(null);
    const link = `/api/invitations/${made.token}`;
    await request(server.url).get(link).expect(200);
    const joined = await request(server.url).post(link).send(newAccount()).expect(200);
    expect((joined.body as SessionView).groups[0]).to.include({ id: groupId, role: 'picker' });
    await request(server.url).post(link).send(newAccount()).expect(404);
    await request(server.url).get(link).expect(404);
  });
  it('do not join with a password that is guessed early, and the link stays good', async () => {
    const groupId = await emptyGroup(server);
    const keeper = await person(server, [[groupId, 'keeper']]);
    const { token } = (
      await as(server, keeper, 'post', `/api/groups/${groupId}/invitations`)
        .send({ id: newId(), role: 'picker' })
        .expect(200)
    ).body as MadeInvitation;
    const join = (password: string) =>
      request(server.url)
        .post(`/api/invitations/${token}`)
        .send({ signInName: `t${newId().slice(-12)}`, name: 'Thistledown', password });
    for (const password of ['1234567890', 'qwertyuiop', 'aaaaaaaaaaaa', 'password123', 'thistledown1', 'Emberfield1']) {
      const { status, body } = await join(password);
      expect([status, (body as { error: { field: string } }).error.field], password).to.deep.equal([
        400,
        'body.password',
      ]);
    }
    // A long one is not pondered for ever.
    await join('hedge and hollow '.repeat(10).trim()).expect(200);
  });
  it('two at once on one link: one joins', async () => {
    const groupId = await emptyGroup(server);
    const keeper = await person(server, [[groupId, 'keeper']]);
    const { token } = (
      await as(server, keeper, 'post', `/api/groups/${groupId}/invitations`).send({ id: newId(), role: 'picker' })
    ).body as MadeInvitation;
    const both = await Promise.all([person(server), person(server)]);
    const statuses = await Promise.all(
      both.map(async (p) => (await as(server, p, 'post', `/api/invitations/${token}/join`)).status),
    );
    expect(statuses.sort()).to.deep.equal([200, 404]);
  });
  it('cannot lose their last keeper', async () => {
    const groupId = await emptyGroup(server);
    const keeper = await person(server, [[groupId, 'keeper']]);
    const other = await person(server, [[groupId, 'picker']]);
    const member = (id: string) => `/api/groups/${groupId}/members/${id}`;
    await as(server, keeper, 'put', member(keeper.accountId)).send({ role: 'picker' }).expect(409);
    await as(server, keeper, 'delete', member(keeper.accountId)).expect(409);
    await as(server, keeper, 'put', member(other.accountId)).send({ role: 'keeper' }).expect(200);
    await as(server, keeper, 'put', member(keeper.accountId)).send({ role: 'watcher' }).expect(200);
    await as(server, keeper, 'put', member(other.accountId)).send({ role: 'picker' }).expect(403);
  });
  it('set house rules that bind from the same day on, and not on days before', async () => {
    const groupId = await emptyGroup(server);
    const keeper = await person(server, [[groupId, 'keeper']]);
    const { standId } = await standOf(server, keeper, groupId, 'nettle');
    const rules = `/api/groups/${groupId}/rules`;
    await as(server, keeper, 'put', rules)
      .send({ on: true, rule: { kind: 'spread', everyNth: 3 } })
      .expect(200);
    const answer = await as(server, keeper, 'put', rules)
      .send({ on: true, rule: { kind: 'spread', everyNth: 7 } })
      .expect(200);
    expect((answer.body as { rule: unknown }[]).map((r) => r.rule)).to.deep.equal([{ kind: 'spread', everyNth: 7 }]);
    const oneIn = async (day: string) =>
      (
        (await as(server, keeper, 'get', `/api/groups/${groupId}/stands/${standId}?day=${day}`)).body as {
          outlooks: { allowance: { fraction: { of: number } } }[];
        }
      ).outlooks[0]!.allowance.fraction.of;
    expect(await oneIn('2026-05-15')).to.equal(7);
    expect(await oneIn('2026-05-14')).to.equal(10);
    const off = await as(server, keeper, 'put', rules)
      .send({ on: false, rule: { kind: 'spread', everyNth: 7 } })
      .expect(200);
    expect(off.body).to.deep.equal([]);
  });
  it('set plans of the bench for a stand, one for each of its parts, and for nothing but a stand', async () => {
    const groupId = await emptyGroup(server);
    const keeper = await person(server, [[groupId, 'keeper']]);
    const { standId } = await standOf(server, keeper, groupId, 'valerian');
    const plan = (part: string, share: number) => ({ kind: 'plan', part, share, everyYears: 1 });
    const set = (rule: object, over: object = { standId }) =>
      as(server, keeper, 'put', `/api/groups/${groupId}/rules`).send({ on: true, rule, reason: 'it shrinks', ...over });
    await set(plan('root', 0.2)).expect(200);
    await set(plan('flower', 0.5)).expect(200);
    const { body } = await set(plan('root', 0.04)).expect(200);
    expect(
      (body as { rule: { part: string; share: number } }[]).map(({ rule }) => [rule.part, rule.share]),
    ).to.have.deep.members([
      ['flower', 0.5],
      ['root', 0.04],
    ]);
    for (const over of [{}, { plantKey: 'valerian' }]) await set(plan('root', 0.1), over).expect(400);
    await set({ ...plan('root', 0.1), everyYears: 0 }).expect(400);
    await set({ ...plan('horn', 0.1) }).expect(400);
    const view = (await as(server, keeper, 'get', `/api/groups/${groupId}/stands/${standId}`)).body as StandView;
    const ceiling = view.outlooks.find((o) => o.part === 'root')!.allowance.ceilings.find((c) => c.kind === 'plan')!;
    expect(ceiling.values).to.include({ share: 0.04 });
    expect(ceiling.because).to.equal('it shrinks');
  });
});
