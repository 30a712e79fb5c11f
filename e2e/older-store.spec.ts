import { expect } from 'chai';
import { createPool, type Pool, type RowDataPacket } from 'mysql2/promise';
import type { Page } from 'playwright-core';
import { v7 as newId } from 'uuid';
import type { SessionView } from '@emberfield/contract';
import { comeInAs, islandDatabase, openScreen, startServer, type RunningServer } from './application.ts';

/** A store of this browser as an older Emberfield made it: its version, one table with its key and an index, and what lay in it. */
interface OldStore {
  readonly name: string;
  readonly version: number;
  readonly table: string;
  readonly key: string;
  readonly index: string;
  readonly rows: readonly object[];
}

async function putOldStore(page: Page, old: OldStore): Promise<void> {
  await page.evaluate(
    ({ name, version, table, key, index, rows }) =>
      new Promise<void>((resolve, reject) => {
        const dropped = indexedDB.deleteDatabase(name);
        dropped.onerror = dropped.onblocked = () => reject(new Error('held open'));
        dropped.onsuccess = () => {
          const opening = indexedDB.open(name, version);
          opening.onupgradeneeded = () =>
            opening.result.createObjectStore(table, { keyPath: key }).createIndex(index, index);
          opening.onerror = () => reject(new Error('not opened'));
          opening.onsuccess = () => {
            const writing = opening.result.transaction(table, 'readwrite');
            for (const row of rows) writing.objectStore(table).put(row);
            writing.oncomplete = () => {
              opening.result.close();
              resolve();
            };
          };
        };
      }),
    old,
  );
}
const keysIn = (page: Page, name: string, table: string): Promise<readonly string[]> =>
  page.evaluate(
    ([db, of]) =>
      new Promise<readonly string[]>((resolve, reject) => {
        const opening = indexedDB.open(db!);
        opening.onerror = () => reject(new Error('not opened'));
        opening.onsuccess = () => {
          const asked = opening.result.transaction(of!).objectStore(of!).getAllKeys();
          asked.onsuccess = () => {
            opening.result.close();
            resolve(asked.result as string[]);
          };
        };
      }),
    [name, table],
  );

const [LOOKS, LOOK_MS] = [60, 500];

describe('what an older Emberfield kept on a device', () => {
  let server: RunningServer;
  let database: Pool;
  before(async () => {
    const databaseUrl = await islandDatabase('emberfield_e2e_older');
    server = await startServer(databaseUrl, { EMBERFIELD_PORT: '0', EMBERFIELD_DEMO: '1' });
    database = createPool(databaseUrl);
  });
  after(async () => {
    await database.end();
    await server.stop();
  });
  /** Signed in, and on a page of the same address that holds none of the stores open. */
  async function besideTheApp(): Promise<{
    readonly page: Page;
    readonly session: SessionView;
    done: () => Promise<void>;
  }> {
    const screen = await openScreen();
    await comeInAs(screen, server.url, 'Mirel');
    const { page } = screen;
    await page.goto(`${server.url}/api/health`);
    const session = await page.evaluate(() => fetch('/api/session').then((r) => r.json() as Promise<SessionView>));
    return { page, session, done: () => screen.context.close() };
  }

  it('and had not sent is sent, from the first version on', async () => {
    const { page, session, done } = await besideTheApp();
    const [[place]] = await database.query<RowDataPacket[]>(
      "SELECT LOWER(HEX(id)) AS id FROM patch WHERE name = 'Mill hedge'",
    );
    const uuid = String(place!['id']).replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5');
    const id = newId();
    const entry = {
      ...{ id, kind: 'note', schemaVersion: 1, patchId: uuid, standId: null, visitId: null, day: '2026-05-14' },
      ...{ zone: 'UTC', madeAt: '2026-05-14T10:00:00.000Z', device: 'browser', replaces: null },
      body: { text: 'written by an older one' },
    };
    await putOldStore(page, {
      ...{ name: 'emberfield-outbox', version: 10, table: 'waiting', key: 'id', index: 'accountId' },
      rows: [
        {
          ...{ id, accountId: session.account!.id, groupId: session.groups[0]!.id, putAt: 1, label: 'A note' },
          ...{ calls: [{ route: 'sync', body: { entries: [entry] } }], lastTry: null, problem: '' },
        },
      ],
    });
    await page.goto(`${server.url}/hearth`);
    await page.getByRole('heading', { name: 'Take now' }).waitFor();
    for (let look = 0; look < LOOKS && (await keysIn(page, 'emberfield-outbox', 'waiting')).length > 0; look++)
      await page.waitForTimeout(LOOK_MS);
    const [[stored]] = await database.query<RowDataPacket[]>(
      "SELECT COUNT(*) AS n FROM entry WHERE JSON_VALUE(body, '$.text') = 'written by an older one'",
    );
    expect(Number(stored!['n'])).to.equal(1);
    await done();
  });

  for (const [version, stays] of [
    [10, false],
    [20, true],
  ] as const)
    it(`as answers, in version ${version / 10}, ${stays ? 'stays' : 'goes, since it has another shape'}`, async () => {
      const { page, done } = await besideTheApp();
      await putOldStore(page, {
        ...{ name: 'emberfield-answers', version, table: 'answers', key: 'hash', index: 'readAt' },
        rows: [{ hash: 'an older answer', data: { shape: 'of then' }, readAt: 1 }],
      });
      await page.goto(`${server.url}/hearth`);
      await page.getByRole('heading', { name: 'Take now' }).waitFor();
      // A round can be taken along in what the store is now.
      const versionNow = (): Promise<number | undefined> =>
        page.evaluate(async () => (await indexedDB.databases()).find((d) => d.name === 'emberfield-answers')?.version);
      for (let look = 0; look < LOOKS && (await versionNow()) !== 30; look++) await page.waitForTimeout(LOOK_MS);
      expect((await keysIn(page, 'emberfield-answers', 'answers')).includes('an older answer')).to.equal(stays);
      expect(await keysIn(page, 'emberfield-answers', 'along')).to.deep.equal([]);
      await done();
    });

  it('as drafts lacks what has come since, and is filled in', async () => {
    const { page, session, done } = await besideTheApp();
    const account = session.account!.id;
    await page.evaluate(
      ([a, group]) => {
        const drafts = {
          round: { from: null, leavesAt: 540, backBy: 900, pace: 'slow', plants: [] },
          'taken-round': {
            round: {
              ...{ groupId: group, day: '2026-05-15', backBy: 900, pace: { share: 1, detour: 1.3 } },
              home: { name: 'The quay', latitudeDeg: 46, longitudeDeg: -30, heightM: 2 },
              ...{ stops: [], takenAt: 1, bytes: 1000 },
            },
            done: [],
          },
        };
        for (const [name, draft] of Object.entries(drafts))
          localStorage.setItem(`emberfield-draft:${a}:${name}`, JSON.stringify(draft));
      },
      [account, session.groups[0]!.id],
    );
    await page.goto(`${server.url}/round`);
    await page.getByText('Say where it begins.').waitFor();
    await page.getByTitle('slowly').waitFor();
    await page.getByTitle('as much as there is').waitFor();
    await page.goto(`${server.url}/field`);
    await page.getByRole('heading', { name: 'Back to The quay' }).waitFor();
    await page.getByRole('switch', { name: 'Note the way and the time' }).waitFor();
    await done();
  });
});
