// Notes a thousand things while network, browsers, server and database fail, and compares what was acknowledged with the tables.
//   node scripts/faults.mjs [entries]
import { spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { buildAll } from './build.mjs';
import { startDatabase } from './database.mjs';
import { ensurePackages, ensureProgram } from './install.mjs';
import { ROOT, settingsFor } from './settings.mjs';

ensurePackages();
const chromium = ensureProgram('chromium', 'chromium');
if (!buildAll()) process.exit(1);
const settings = settingsFor('test');
const where = { folder: `${settings.folder}-faults`, databasePort: settings.databasePort + 7 };
rmSync(where.folder, { recursive: true, force: true });
let database = await startDatabase(where);
let code = 1;
try {
  code = await new Promise((done) => {
    const child = spawn(process.execPath, ['--import', 'tsx', 'e2e/faults/main.ts', ...process.argv.slice(2)], {
      cwd: ROOT,
      stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
      env: { ...process.env, DATABASE_URL: database.url, EMBERFIELD_CHROMIUM: chromium },
    });
    child.on('message', async () => {
      process.kill(database.pid, 'SIGKILL');
      await database.ended;
      database = await startDatabase(where);
      child.send('databaseIsBack');
    });
    child.on('exit', (c) => done(c ?? 1));
    for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill('SIGTERM'));
  });
} finally {
  await database.stop();
  rmSync(where.folder, { recursive: true, force: true });
}
process.exit(code);
