import { expect } from 'chai';
import { eq } from 'drizzle-orm';
import request from 'supertest';
import { v7 as newId } from 'uuid';
import type { GroupView, InvitationView, MadeInvitation, MemberView, SessionView } from '@emberfield/contract';
import { as, emptyGroup, PASSWORD, person, testServer, type Person, type TestServer } from '../testing/test-server.ts';
import { rateLimit } from '../platform/http/rate-limit-table.ts';
import { sweepPeople } from './repository.ts';
import { audit, invitation, session } from './table.ts';

const PAST = new Date('2020-01-01T00:00:00Z');

describe('sessions', () => {
  let server: TestServer;
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
  });
  beforeEach(async () => void (await server.deps.db.delete(rateLimit)));
  const ask = (who: Person) => as(server, who, 'get', '/api/sessions');

  it('say who is in and for which groups; a stranger is told nothing', async () => {
    const groupId = await emptyGroup(server);
    const who = await person(server, [[groupId, 'watcher']]);
    const mine = (await as(server, who, 'get', '/api/session').expect(200)).body as SessionView;
    expect(mine.account).to.include({ id: who.accountId, signInName: who.signInName });
    expect(mine.groups.map((g) => [g.id, g.role])).to.deep.equal([[groupId, 'watcher']]);
    expect(mine.token).to.equal(who.token);
    const stranger = (await request(server.url).get('/api/session').expect(200)).body as SessionView;
    expect(stranger).to.deep.equal({ account: null, groups: [], token: null, canFound: false, demoPeople: [] });
  });
  it('end at signing out, on the server and not only in the browser', async () => {
    const who = await person(server);
    const answer = await as(server, who, 'delete', '/api/session').expect(204);
    expect(String(answer.headers['set-cookie'])).to.match(/emberfield_session=;/);
    await ask(who).expect(401);
  });
  it('run out, are refused from then on, and are swept', async () => {
    const { db } = server.deps;
    const [old, fresh] = [await person(server), await person(server)];
    await db.update(session).set({ expiresAt: PAST }).where(eq(session.accountId, old.accountId));
    await ask(old).expect(401);
    await sweepPeople(db, new Date());
    expect(await db.select().from(session).where(eq(session.accountId, old.accountId))).to.deep.equal([]);
    await ask(fresh).expect(200);
  });
  it('note when they were last seen, but not at every request', async () => {
    const { db } = server.deps;
    const who = await person(server);
    const seen = async () =>
      (await db.select().from(session).where(eq(session.accountId, who.accountId)))[0]!.lastSeenAt.getTime();
    const first = await seen();
    await ask(who).expect(200);
    expect(await seen()).to.equal(first);
    await db.update(session).set({ lastSeenAt: PAST }).where(eq(session.accountId, who.accountId));
    await ask(who).expect(200);
    expect(await seen()).to.be.greaterThan(PAST.getTime());
  });
  it('are not opened by a cookie that was made up', async () => {
    for (const value of ['x', 'a'.repeat(43), '../../etc', 'a'.repeat(5000), '%00'])
      await request(server.url).get('/api/sessions').set('cookie', `emberfield_session=${value}`).expect(401);
  });
  it('give no demo sign-in where no demo was loaded', async () => {
    const who = await person(server);
    await request(server.url).post('/api/demo-session').send({ signInName: who.signInName }).expect(401);
  });
});

describe('a group', () => {
  let server: TestServer;
  let groupId: string;
  let keeper: Person;
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
  });
  beforeEach(async () => {
    await server.deps.db.delete(rateLimit);
    groupId = await emptyGroup(server);
    keeper = await person(server, [[groupId, 'keeper']]);
  });
  const at = (path: string) => `/api/groups/${groupId}${path}`;
  const invite = async (role: string): Promise<MadeInvitation> =>
    (await as(server, keeper, 'post', at('/invitations')).send({ id: newId(), role }).expect(200))
      .body as MadeInvitation;
  const newcomer = () => ({ signInName: `n${newId().slice(-12)}`, name: 'Newcomer', password: PASSWORD });

  it('is renamed, moved to another zone and other units, and its day goes with the zone', async () => {
    const settings = {
      name: ' Hill people ',
      zone: 'Pacific/Auckland',
      units: 'imperial',
      regions: ['prairie', 'westernAmerica'],
    };
    const changed = (await as(server, keeper, 'put', at('')).send(settings).expect(200)).body as GroupView;
    expect(changed).to.deep.include({
      zone: 'Pacific/Auckland',
      units: 'imperial',
      regions: ['prairie', 'westernAmerica'],
    });
    const read = (await as(server, keeper, 'get', at('')).expect(200)).body as GroupView;
    expect(read).to.include({ name: 'Hill people', units: 'imperial', role: 'keeper' });
    await as(server, keeper, 'put', at(''))
      .send({ ...settings, zone: 'Atlantis/Lost' })
      .expect(400);
  });
  it('says whom to call in need to everybody in it, until a keeper says otherwise', async () => {
    const settings = { name: 'Us', zone: 'UTC', units: 'metric', regions: [] };
    const numbers = [{ who: 'Poison line', number: '+00 (0)11-222 33' }];
    const write = (body: object) => as(server, keeper, 'put', at('')).send({ ...settings, ...body });
    await write({ numbers }).expect(200);
    const watcher = await person(server, [[groupId, 'watcher']]);
    const read = async (): Promise<GroupView> =>
      (await as(server, watcher, 'get', at('')).expect(200)).body as GroupView;
    expect((await read()).numbers).to.deep.equal(numbers);
    // Somebody whose pages are older than these numbers changes the name: they stay.
    await write({ name: 'All of us' }).expect(200);
    expect(await read()).to.deep.include({ name: 'All of us', numbers });
    for (const wrong of ['call me', '', 'javascript:1', '1'.repeat(40)])
      await write({ numbers: [{ who: 'Poison line', number: wrong }] }).expect(400);
    await as(server, watcher, 'put', at(''))
      .send({ ...settings, numbers: [] })
      .expect(403);
    expect((await read()).numbers).to.deep.equal(numbers);
  });
  it('shows its people to everybody in it, and lets a removed one see nothing from that moment', async () => {
    const watcher = await person(server, [[groupId, 'watcher']]);
    const members = (await as(server, watcher, 'get', at('/members')).expect(200)).body as MemberView[];
    expect(members.map((m) => m.role).sort()).to.deep.equal(['keeper', 'watcher']);
    await as(server, keeper, 'delete', at(`/members/${watcher.accountId}`)).expect(204);
    await as(server, watcher, 'get', at('/members')).expect(404);
    await as(server, keeper, 'delete', at(`/members/${watcher.accountId}`)).expect(404);
  });
  it('lets a role count from the next request on', async () => {
    const picker = await person(server, [[groupId, 'picker']]);
    const seek = () => as(server, picker, 'post', at('/sought')).send({ id: newId(), what: 'Sorrel', note: '' });
    await seek().expect(200);
    await as(server, keeper, 'put', at(`/members/${picker.accountId}`))
      .send({ role: 'watcher' })
      .expect(200);
    await seek().expect(403);
  });
  it('takes an invitation back: the link opens nothing any more', async () => {
    const { id, token } = await invite('picker');
    await as(server, keeper, 'delete', at(`/invitations/${id}`)).expect(204);
    await request(server.url).get(`/api/invitations/${token}`).expect(404);
    await request(server.url).post(`/api/invitations/${token}`).send(newcomer()).expect(404);
    const left = (await as(server, keeper, 'get', at('/invitations')).expect(200)).body as InvitationView[];
    expect(left).to.deep.equal([]);
  });
  it('lets an invitation run out', async () => {
    const { id, token } = await invite('picker');
    await server.deps.db.update(invitation).set({ expiresAt: PAST }).where(eq(invitation.id, id));
    await request(server.url).get(`/api/invitations/${token}`).expect(404);
  });
  it('shows who used a link, never the link again', async () => {
    const { token } = await invite('watcher');
    const account = newcomer();
    await request(server.url).post(`/api/invitations/${token}`).send(account).expect(200);
    const list = (await as(server, keeper, 'get', at('/invitations')).expect(200)).body as InvitationView[];
    expect(list.map((i) => i.usedBy)).to.deep.equal(['Newcomer']);
    expect(JSON.stringify(list)).not.to.include(token);
  });
  it('refuses a sign-in name that somebody has, and the link stays good', async () => {
    const { token } = await invite('picker');
    const taken = { ...newcomer(), signInName: keeper.signInName };
    const answer = await request(server.url).post(`/api/invitations/${token}`).send(taken).expect(409);
    expect((answer.body as { error: { code: string } }).error.code).to.equal('nameTaken');
    await request(server.url).post(`/api/invitations/${token}`).send(newcomer()).expect(200);
  });
  it('is joined by somebody who has an account, once', async () => {
    const member = await person(server);
    const [first, second] = [await invite('picker'), await invite('keeper')];
    await as(server, member, 'post', `/api/invitations/${first.token}/join`).expect(200);
    // A second link must not lift a picker to keeper.
    await as(server, member, 'post', `/api/invitations/${second.token}/join`).expect(409);
    const members = (await as(server, keeper, 'get', at('/members'))).body as MemberView[];
    expect(members.find((m) => m.accountId === member.accountId)!.role).to.equal('picker');
  });
  it('writes down who changed people and rules', async () => {
    const picker = await person(server, [[groupId, 'picker']]);
    await as(server, keeper, 'put', at(`/members/${picker.accountId}`))
      .send({ role: 'watcher' })
      .expect(200);
    await as(server, keeper, 'put', at('/rules'))
      .send({ on: true, rule: { kind: 'matureOnly' } })
      .expect(200);
    await as(server, keeper, 'delete', at(`/members/${picker.accountId}`)).expect(204);
    const rows = await server.deps.db.select().from(audit).where(eq(audit.groupId, groupId));
    expect(rows.map((r) => r.action)).to.have.members(['roleChanged', 'ruleSet', 'memberRemoved']);
    expect(rows.every((r) => r.accountId === keeper.accountId)).to.equal(true);
  });
});
