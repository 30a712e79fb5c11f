import { createPool, type Pool } from 'mysql2/promise';
import { islandDatabase, screensOf, startServer, type RunningServer } from './application.ts';

/** A demo island of a suite's own, with its server. */
export interface Island {
  readonly url: string;
  readonly database: Pool;
  readonly within: ReturnType<typeof screensOf>;
}

/**
 * Starts an island for the specifications of a suite, each of which stands by itself. A second try begins anew: it is not to be judged by what the first one
 * left.
 */
export function onIsland(name: string): Island {
  let server: RunningServer;
  let database: Pool;
  async function begin(): Promise<void> {
    const databaseUrl = await islandDatabase(name);
    server = await startServer(databaseUrl, { EMBERFIELD_PORT: '0', EMBERFIELD_DEMO: '1' });
    database = createPool(databaseUrl);
  }
  async function end(): Promise<void> {
    await database.end();
    await server.stop();
  }
  before(begin);
  beforeEach(async function () {
    const { currentTest } = this as unknown as { currentTest: { currentRetry(): number } };
    if (currentTest.currentRetry() === 0) return;
    await end();
    await begin();
  });
  after(end);
  return {
    get url() {
      return server.url;
    },
    get database() {
      return database;
    },
    within: screensOf(() => server),
  };
}
