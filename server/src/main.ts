import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { CATALOGUE, SOURCES } from '@emberfield/catalogue';
import { createWords } from '@emberfield/words';
import { Answers } from './answers/index.ts';
import { startWorkers } from './workers/index.ts';
import { createApp } from './app.ts';
import type { Dependencies } from './dependencies.ts';
import { renewFoundingCode } from './people/index.ts';
import { readConfig } from './platform/config.ts';
import { connect } from './platform/database/database.ts';
import { migrateDatabase } from './platform/database/migrate.ts';
import { readWeatherService, startFetching } from './weather/index.ts';
import { sweep } from './sweep.ts';
import { Live } from './platform/http/live.ts';
import { createLog } from './platform/log.ts';

const LONGEST_GOODBYE_MS = 8_000;
const SWEEP_EVERY_MS = 10 * 60_000;
const KEEP_ALIVE_MS = 75_000;

const config = readConfig(process.env);
const log = createLog(config.logLevel);
const connection = connect(config.databaseUrl);
// As far from here as from what is built of this.
await migrateDatabase(connection, new URL('../migrations', import.meta.url));

const deps: Dependencies = {
  db: connection.db,
  clock: { now: () => new Date(), fixedDay: config.today },
  log,
  answers: new Answers(),
  live: new Live(),
  workers: startWorkers(),
  words: createWords,
  catalogue: CATALOGUE,
  sources: SOURCES,
  demo: config.demo,
  publicUrl: config.publicUrl,
  webFolder: config.webFolder,
  tilesUrl: config.tilesUrl,
  baseMap: config.baseMapFile ? readFileSync(config.baseMapFile, 'utf8') : null,
  weatherService: readWeatherService(config.weatherUrl, config.weatherFields),
  requestsPerMinute: config.requestsPerMinute,
};
const foundingCode = await renewFoundingCode(deps);

const server = createServer(createApp(deps));
// Longer than proxies keep a connection: else they send into one that has just been closed.
server.keepAliveTimeout = KEEP_ALIVE_MS;
server.headersTimeout = KEEP_ALIVE_MS + 5_000;
server.listen(config.port, config.host, () => {
  const { port } = server.address() as AddressInfo;
  // The start command reads these lines; everything else on standard output is the log.
  process.stdout.write(`EMBERFIELD_READY ${port}\n`);
  if (foundingCode) process.stdout.write(`EMBERFIELD_CODE ${foundingCode}\n`);
});
const sweeper = setInterval(
  () => void sweep(deps, new Date()).catch((err: unknown) => log.error({ err }, 'sweep')),
  SWEEP_EVERY_MS,
);

const stopFetching = startFetching(deps);

let leaving = false;
function leave(): void {
  if (leaving) return;
  leaving = true;
  clearInterval(sweeper);
  stopFetching();
  deps.live.end();
  const late = setTimeout(() => process.exit(1), LONGEST_GOODBYE_MS);
  server.close(() => {
    Promise.all([connection.close(), deps.workers.stop()]).then(
      () => {
        clearTimeout(late);
        process.exit(0);
      },
      () => process.exit(1),
    );
  });
  server.closeIdleConnections();
}
process.on('SIGTERM', leave);
process.on('SIGINT', leave);
