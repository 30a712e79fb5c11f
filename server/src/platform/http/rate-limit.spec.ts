import { expect } from 'chai';
import express from 'express';
import request from 'supertest';
import { createWords } from '@emberfield/words';
import { testServer, type TestServer } from '../../testing/test-server.ts';
import { errorAnswer } from './error-answer.ts';
import { requestLimit, sweepRateLimits, tryLimit } from './rate-limit.ts';
import { rateLimit } from './rate-limit-table.ts';

const PAST = new Date('2020-01-01T00:00:00Z');

describe('rate limits', () => {
  let server: TestServer;
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
  });
  beforeEach(async () => void (await server.deps.db.delete(rateLimit)));

  const guarded = (name: string, most: number) => {
    const app = express();
    app.use(express.json());
    const subject = (body: unknown) => (body as { who?: string } | null)?.who ?? '';
    app.post('/', tryLimit(server.deps.db, { name, most, subject }), (req, res) => {
      res.sendStatus((req.body as { right?: boolean }).right ? 200 : 401);
    });
    app.use(errorAnswer(server.deps.log, createWords));
    return app;
  };
  const tries = async (app: ReturnType<typeof express>, n: number, body: object = {}): Promise<readonly number[]> => {
    const out: number[] = [];
    for (let i = 0; i < n; i++) out.push((await request(app).post('/').send(body)).status);
    return out;
  };
  const settled = () => new Promise((resolve) => setTimeout(resolve, 60));

  it('count over all servers, since the count is in the database', async () => {
    const [one, two] = [guarded('shared', 3), guarded('shared', 3)];
    expect(await tries(one, 2)).to.deep.equal([401, 401]);
    expect(await tries(two, 2)).to.deep.equal([401, 429]);
  });
  it('count what failed only', async () => {
    const app = guarded('only-failed', 2);
    for (let i = 0; i < 4; i++) {
      expect(await tries(app, 1, { right: true })).to.deep.equal([200]);
      await settled();
    }
    expect(await tries(app, 3)).to.deep.equal([401, 401, 429]);
  });
  it('keep two guessers’ targets apart', async () => {
    const app = guarded('apart', 1);
    expect(await tries(app, 2, { who: 'ode' })).to.deep.equal([401, 429]);
    expect(await tries(app, 1, { who: 'tavi' })).to.deep.equal([401]);
  });
  it('begin anew once their window is over', async () => {
    const app = guarded('window', 1);
    expect(await tries(app, 2)).to.deep.equal([401, 429]);
    await server.deps.db.update(rateLimit).set({ resetAt: PAST });
    expect(await tries(app, 2)).to.deep.equal([401, 429]);
  });
  it('are swept when they ran out, and not before', async () => {
    const { db } = server.deps;
    await db.insert(rateLimit).values({ key: 'over', hits: 3, resetAt: PAST });
    await db.insert(rateLimit).values({ key: 'running', hits: 3, resetAt: new Date(Date.now() + 60_000) });
    await sweepRateLimits(db, new Date());
    expect((await db.select().from(rateLimit)).map((r) => r.key)).to.deep.equal(['running']);
  });
  it('hold off a flood of requests of any kind', async () => {
    const app = express();
    app.use(requestLimit(5));
    app.get('/', (_request, response) => void response.sendStatus(200));
    app.use(errorAnswer(server.deps.log, createWords));
    const statuses: number[] = [];
    for (let i = 0; i < 7; i++) statuses.push((await request(app).get('/')).status);
    expect(statuses).to.deep.equal([200, 200, 200, 200, 200, 429, 429]);
  });
});
