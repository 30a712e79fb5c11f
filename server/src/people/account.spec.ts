import { expect } from 'chai';
import request from 'supertest';
import { v7 as newId } from 'uuid';
import type { ActivityPage, EntryPage, MadeResetLink, MemberView, SessionView } from '@emberfield/contract';
import { rateLimit } from '../platform/http/rate-limit-table.ts';
import {
  as,
  emptyGroup,
  entryOf,
  PASSWORD,
  person,
  send,
  standOf,
  testServer,
  type Person,
  type TestServer,
} from '../testing/test-server.ts';
import { account, clearance, session } from './table.ts';
import { eq } from 'drizzle-orm';

const ANOTHER = 'salt kettle under nine ferns';

describe('an account', () => {
  let server: TestServer;
  let groupId: string;
  let keeper: Person;
  let picker: Person;
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
  });
  beforeEach(async () => {
    await server.deps.db.delete(rateLimit);
    groupId = await emptyGroup(server);
    keeper = await person(server, [[groupId, 'keeper']]);
    picker = await person(server, [[groupId, 'picker']]);
  });
  const at = (path: string) => `/api/groups/${groupId}/${path}`;
  const signInWith = (who: Person, password: string) =>
    request(server.url).post('/api/session').send({ signInName: who.signInName, password });
  const isIn = async (who: Person) => (await as(server, who, 'get', '/api/sessions')).status === 200;

  describe('has a password', () => {
    it('that its owner changes, who stays in; everybody else in under it is out', async () => {
      const elsewhere = (await signInWith(picker, PASSWORD)).headers['set-cookie'];
      await as(server, picker, 'put', '/api/password').send({ current: PASSWORD, next: ANOTHER }).expect(204);
      expect(await isIn(picker)).to.equal(true);
      await request(server.url).get('/api/sessions').set('cookie', String(elsewhere).split(';')[0]!).expect(401);
      await signInWith(picker, PASSWORD).expect(401);
      await signInWith(picker, ANOTHER).expect(200);
    });
    it('that is not changed without knowing it, nor to one that is soon guessed', async () => {
      await as(server, picker, 'put', '/api/password').send({ current: 'not this one', next: ANOTHER }).expect(401);
      const weak = await as(server, picker, 'put', '/api/password').send({ current: PASSWORD, next: '1234567890' });
      expect([weak.status, weak.body.error.reason]).to.deep.equal([400, 'passwordWeak']);
      await signInWith(picker, PASSWORD).expect(200);
    });
    it('whose changing is stopped after ten wrong tries: an open browser is no way to guess it', async () => {
      const statuses: number[] = [];
      for (let i = 0; i < 12; i++)
        statuses.push(
          (await as(server, picker, 'put', '/api/password').send({ current: `guess ${i}`, next: ANOTHER })).status,
        );
      expect(statuses.slice(10)).to.deep.equal([429, 429]);
    });
  });

  describe('whose password is forgotten', () => {
    const link = async (who: Person) =>
      (await as(server, keeper, 'post', at(`members/${who.accountId}/reset`)).expect(200)).body as MadeResetLink;
    it('gets another by a keeper’s link, which works once and puts everybody else out', async () => {
      const { token } = await link(picker);
      expect((await request(server.url).get(`/api/resets/${token}`).expect(200)).body).to.include({
        signInName: picker.signInName,
      });
      const answer = await request(server.url).post(`/api/resets/${token}`).send({ password: ANOTHER }).expect(200);
      expect((answer.body as SessionView).account?.id).to.equal(picker.accountId);
      expect(await isIn(picker)).to.equal(false);
      await signInWith(picker, ANOTHER).expect(200);
      await request(server.url).post(`/api/resets/${token}`).send({ password: PASSWORD }).expect(404);
    });
    it('is used by one of two who press at once', async () => {
      const { token } = await link(picker);
      const both = await Promise.all(
        [ANOTHER, `${ANOTHER} too`].map((password) =>
          request(server.url).post(`/api/resets/${token}`).send({ password }),
        ),
      );
      expect(both.map((b) => b.status).sort()).to.deep.equal([200, 404]);
    });
    it('is not opened by the keeper of one of its groups to come into another', async () => {
      const other = await emptyGroup(server);
      const both = await person(server, [
        [groupId, 'picker'],
        [other, 'keeper'],
      ]);
      const refused = await as(server, keeper, 'post', at(`members/${both.accountId}/reset`));
      expect([refused.status, refused.body.error.reason]).to.deep.equal([403, 'inOtherGroups']);
      const stranger = await person(server);
      await as(server, keeper, 'post', at(`members/${stranger.accountId}/reset`)).expect(404);
    });
  });

  it('ends all its other sessions at once', async () => {
    await signInWith(picker, PASSWORD);
    await signInWith(picker, PASSWORD);
    await as(server, picker, 'delete', '/api/sessions').expect(204);
    const left = await server.deps.db.select().from(session).where(eq(session.accountId, picker.accountId));
    expect(left).to.have.length(1);
    expect(await isIn(picker)).to.equal(true);
  });

  it('leaves a group, unless it is its last keeper', async () => {
    await as(server, picker, 'delete', at('membership')).expect(204);
    await as(server, picker, 'get', at('hearth')).expect(404);
    const refused = await as(server, keeper, 'delete', at('membership'));
    expect([refused.status, refused.body.error.code]).to.deep.equal([409, 'lastKeeper']);
  });
  it('cannot leave a group without a keeper by two going at once', async () => {
    const second = await person(server, [[groupId, 'keeper']]);
    const both = await Promise.all([keeper, second].map((who) => as(server, who, 'delete', at('membership'))));
    expect(both.map((b) => b.status).sort()).to.deep.equal([204, 409]);
  });

  it('is taken off its entries on request: they stay and count, and name nobody', async () => {
    const place = await standOf(server, keeper, groupId, 'nettle');
    await send(server, picker, groupId, [
      entryOf(place, 'census', { method: 'complete', plants: 40, mature: null, flowering: null }),
      entryOf(place, 'stageSighting', { stage: 'shoots', reached: true, share: null }),
    ]);
    const before = (await as(server, keeper, 'get', at(`stands/${place.standId}/entries`))).body as EntryPage;
    await as(server, keeper, 'put', at(`members/${picker.accountId}/clearance`)).send({
      family: 'Apiaceae',
      clearance: 'cleared',
    });
    await as(server, keeper, 'delete', at(`members/${picker.accountId}/data`)).expect(204);
    const after = (await as(server, keeper, 'get', at(`stands/${place.standId}/entries`))).body as EntryPage;
    expect(after.entries.map((e) => e.id)).to.deep.equal(before.entries.map((e) => e.id));
    expect(JSON.stringify(after)).not.to.include(picker.signInName);
    const [row] = await server.deps.db.select().from(account).where(eq(account.id, picker.accountId));
    expect(row).to.include({ name: 'Somebody who left', passwordHash: '' });
    expect(row!.signInName).not.to.include(picker.signInName);
    expect(
      await server.deps.db.select().from(clearance).where(eq(clearance.accountId, picker.accountId)),
    ).to.deep.equal([]);
    expect(await isIn(picker)).to.equal(false);
    await signInWith(picker, PASSWORD).expect(401);
    const members = (await as(server, keeper, 'get', at('members'))).body as MemberView[];
    expect(members.map((m) => m.accountId)).to.deep.equal([keeper.accountId]);
  });

  it('is told of in what keepers read: who did what to whom, newest first, a page at a time', async () => {
    await as(server, keeper, 'put', at(`members/${picker.accountId}`))
      .send({ role: 'watcher' })
      .expect(200);
    await as(server, keeper, 'put', at(`members/${picker.accountId}`))
      .send({ role: 'picker' })
      .expect(200);
    const page = (await as(server, keeper, 'get', at('activity')).expect(200)).body as ActivityPage;
    expect(page.items.map((i) => [i.kind, i.by, i.about])).to.deep.equal([
      ['roleChanged', keeper.signInName, `${picker.signInName}, picker`],
      ['roleChanged', keeper.signInName, `${picker.signInName}, watcher`],
    ]);
    expect(page.next).to.equal(null);
    const rest = (await as(server, keeper, 'get', at(`activity?before=${page.items[0]!.id}`))).body as ActivityPage;
    expect(rest.items).to.have.length(1);
    await as(server, keeper, 'get', at(`activity?before=${newId()}x`)).expect(400);
  });
});
