import { expect } from 'chai';
import { eq, sql } from 'drizzle-orm';
import { rateLimit } from '../http/rate-limit-table.ts';
import { testServer, type TestServer } from '../../testing/test-server.ts';
import type { Database } from './database.ts';
import { errorNumber, isDuplicate, isTransient, transact } from './transact.ts';

const failure = (errno: number): Error =>
  new Error('the builder says', {
    cause: new Error('the driver says', { cause: Object.assign(new Error(), { errno }) }),
  });

describe('a transaction', () => {
  let server: TestServer;
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
  });
  /** A database whose transactions fail as told, then succeed. */
  const failing = (...errors: Error[]): { readonly db: Database; readonly tried: () => number } => {
    let tried = 0;
    const db = {
      transaction: async (work: (tx: unknown) => unknown) => {
        tried++;
        const error = errors.shift();
        if (error) throw error;
        return work({});
      },
    } as unknown as Database;
    return { db, tried: () => tried };
  };
  const caught = async (work: Promise<unknown>): Promise<unknown> =>
    work.then(
      () => null,
      (error: unknown) => error,
    );

  it('is run again whole after a deadlock, a lock wait, or a cluster node that is not ready', async () => {
    const { db, tried } = failing(failure(1213), failure(1205), failure(1047));
    expect(await transact(db, async () => 'done')).to.equal('done');
    expect(tried()).to.equal(4);
  });
  it('is not run again after anything else, and the error comes out as it was', async () => {
    for (const error of [failure(1062), failure(1064), new Error('ours')]) {
      const { db, tried } = failing(error);
      expect(await caught(transact(db, async () => null))).to.equal(error);
      expect(tried()).to.equal(1);
    }
  });
  it('that two run against each other ends well for both', async function () {
    this.timeout(30_000);
    const { db } = server.deps;
    const key = (name: string) => `lock-${name}`;
    for (const name of ['a', 'b']) await db.insert(rateLimit).values({ key: key(name), hits: 0, resetAt: new Date() });
    let runs = 0;
    const both = (first: string, second: string) =>
      transact(db, async (tx) => {
        runs++;
        for (const name of [first, second]) {
          await tx
            .update(rateLimit)
            .set({ hits: sql`${rateLimit.hits} + 1` })
            .where(eq(rateLimit.key, key(name)));
          await new Promise((resolve) => setTimeout(resolve, 80));
        }
      });
    await Promise.all([both('a', 'b'), both('b', 'a')]);
    const rows = await db
      .select()
      .from(rateLimit)
      .where(sql`${rateLimit.key} LIKE 'lock-%'`);
    expect(rows.map((r) => r.hits)).to.deep.equal([2, 2]);
    // The deadlock was real: one of the two had to begin anew.
    expect(runs).to.be.greaterThan(2);
    await db.delete(rateLimit);
  });
  it('leaves nothing behind when its work fails', async () => {
    const { db } = server.deps;
    const error = await caught(
      transact(db, async (tx) => {
        await tx.insert(rateLimit).values({ key: 'half', hits: 1, resetAt: new Date() });
        throw new Error('the second half failed');
      }),
    );
    expect((error as Error).message).to.equal('the second half failed');
    expect(await db.select().from(rateLimit).where(eq(rateLimit.key, 'half'))).to.deep.equal([]);
  });
});

describe('an error of the database', () => {
  it('is known by its number, however deep it is wrapped', () => {
    expect(errorNumber(failure(1062))).to.equal(1062);
    expect(errorNumber(new Error('plain'))).to.equal(null);
    expect(errorNumber('no error at all')).to.equal(null);
    expect([isDuplicate(failure(1062)), isTransient(failure(1062))]).to.deep.equal([true, false]);
    expect([isDuplicate(failure(1213)), isTransient(failure(1213))]).to.deep.equal([false, true]);
  });
});
