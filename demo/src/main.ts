// Loads the demo island into an empty database; does nothing to one that is in use.
import { writeFileSync } from 'node:fs';
import type { RowDataPacket } from 'mysql2';
import { CATALOGUE, SOURCES } from '@emberfield/catalogue';
import {
  Answers,
  connect,
  createLog,
  Live,
  startWorkers,
  migrateDatabase,
  type Dependencies,
} from '@emberfield/server';
import { createWords } from '@emberfield/words';
import { DEMO_DAY, islandMap, loadDemo } from './index.ts';

if (process.argv[2] === 'map') {
  writeFileSync(new URL('../map/ostrey.geojson', import.meta.url), `${JSON.stringify(islandMap())}\n`);
} else {
  const url = process.env['DATABASE_URL'];
  if (!url) throw new Error('DATABASE_URL must name the database.');
  const today = process.env['EMBERFIELD_TODAY'] || DEMO_DAY;
  const connection = connect(url);
  await migrateDatabase(connection);
  const [rows] = await connection.pool.query<RowDataPacket[]>('SELECT id FROM account LIMIT 1');
  if (rows.length > 0) process.stdout.write('The demo island is there already.\n');
  else {
    const deps: Dependencies = {
      db: connection.db,
      clock: { now: () => new Date(), fixedDay: today },
      log: createLog('warn'),
      answers: new Answers(),
      live: new Live(),
      workers: startWorkers(),
      words: createWords,
      catalogue: CATALOGUE,
      sources: SOURCES,
      demo: true,
      publicUrl: null,
      webFolder: null,
      baseMap: null,
      tilesUrl: null,
      weatherService: null,
      requestsPerMinute: 1,
    };
    let shown = 0;
    const { entries } = await loadDemo(deps, today, (share) => {
      if (share * 10 >= shown + 1) process.stdout.write(`  ${(shown = Math.floor(share * 10)) * 10} %\n`);
    });
    process.stdout.write(`The demo island is loaded: ${entries} entries.\n`);
  }
  await connection.close();
}
