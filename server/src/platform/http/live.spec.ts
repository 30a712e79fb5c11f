import { expect } from 'chai';
import { get, type IncomingMessage } from 'node:http';
import { v7 as newId } from 'uuid';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import express from 'express';
import { Live } from './live.ts';
import { emptyGroup, as, person, testServer, type Person, type TestServer } from '../../testing/test-server.ts';

/** What comes over a line until it is ended, and a way to hang up. */
async function listen(url: string, headers: Record<string, string> = {}) {
  let text = '';
  const response = await new Promise<IncomingMessage>((resolve, reject) => {
    get(url, { headers }, resolve).once('error', reject);
  });
  response.setEncoding('utf8').on('data', (piece: string) => (text += piece));
  const ended = new Promise<void>((resolve) => response.once('close', resolve));
  return { response, ended, told: () => [...text.matchAll(/^data: (\d+)$/gm)].length };
}
const soon = (): Promise<void> => new Promise((resume) => setTimeout(resume, 60));

describe('open pages', () => {
  async function withLive(work: (live: Live, url: (query: string) => string) => Promise<void>, longestMs?: number) {
    const live = new Live(longestMs);
    const app = express().get('/:group', ({ params, url }, response) => {
      const asked = new URL(url, 'http://localhost').searchParams;
      live.listen(params.group, { accountId: asked.get('who')!, tab: asked.get('tab') }).begin(response);
    });
    const server = createServer(app).listen(0, '127.0.0.1');
    await new Promise((resolve) => server.once('listening', resolve));
    const { port } = server.address() as AddressInfo;
    try {
      await work(live, (query) => `http://127.0.0.1:${port}/${query}`);
    } finally {
      live.end();
      await new Promise((resolve) => server.close(resolve));
    }
  }
  it('are told of changes of their own group, but for what they did themselves', () =>
    withLive(async (live, url) => {
      const [mine, other, elsewhere] = await Promise.all(
        ['g?who=a&tab=1', 'g?who=a&tab=2', 'h?who=a'].map((q) => listen(url(q))),
      );
      live.changed('g', '1');
      live.changed('g', null);
      await soon();
      expect([mine!.told(), other!.told(), elsewhere!.told()]).to.deep.equal([1, 2, 0]);
    }));
  it('are forgotten once they are gone, and let go when the server leaves', () =>
    withLive(async (live, url) => {
      const [one, other] = [await listen(url('g?who=a')), await listen(url('g?who=b'))];
      expect(live.listening).to.equal(2);
      one.response.destroy();
      await soon();
      expect(live.listening).to.equal(1);
      live.end();
      await other.ended;
      await soon();
      expect(live.listening).to.equal(0);
    }));
  it('are let go after a while, to be asked again who they are', () =>
    withLive(async (_, url) => (await listen(url('g?who=a'))).ended, 50));
  it('are twelve of one person at most: of more the oldest goes', () =>
    withLive(async (live, url) => {
      const lines = [];
      for (let i = 0; i < 14; i++) lines.push(await listen(url('g?who=a')));
      await Promise.all([lines[0]!.ended, lines[1]!.ended]);
      await soon();
      expect(live.listening).to.equal(12);
      live.changed('g', null);
      await soon();
      expect(lines.map((l) => l.told())).to.deep.equal([0, 0, ...Array<number>(12).fill(1)]);
    }));
});

describe('a member who listens', () => {
  let server: TestServer;
  let keeper: Person;
  let groupId: string;
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
    groupId = await emptyGroup(server);
    keeper = await person(server, [[groupId, 'keeper']]);
  });
  const path = (tab: string) => `/api/groups/${groupId}/live?tab=${tab}`;
  const seek = (tab: string) =>
    as(server, keeper, 'post', `/api/groups/${groupId}/sought`)
      .set('x-emberfield-tab', tab)
      .send({ id: newId(), what: 'Morel', note: '' })
      .expect(200);
  it('is told that something changed and not what, and not of what the same page did', async () => {
    const [mine, other] = [newId(), newId()];
    const cookie = keeper.cookie;
    const line = await listen(`${server.url}${path(mine)}`, { cookie });
    expect(line.response.headers).to.include({
      'content-type': 'text/event-stream; charset=utf-8',
      'cache-control': 'no-store, no-transform',
    });
    expect(line.response.headers['content-encoding']).to.equal(undefined);
    await seek(mine);
    await soon();
    expect(line.told()).to.equal(0);
    await seek(other);
    await as(server, keeper, 'get', `/api/groups/${groupId}/sought`).expect(200);
    await soon();
    expect(line.told()).to.equal(1);
    await line.ended;
  });
});
