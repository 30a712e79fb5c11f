// Measures what docs/performance.md reports: forecast, API under load beside a bare handler, first load, time to a usable Hearth.
import { spawn, spawnSync } from 'node:child_process';
import { gzipSync } from 'node:zlib';
import { readFileSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { buildAll } from './build.mjs';
import { startDatabase } from './database.mjs';
import { ensurePackages, ensureProgram } from './install.mjs';
import { ROOT, say, settingsFor } from './settings.mjs';

ensurePackages();
// These need neither a browser nor a database: a stand played in three languages, and the search for a round.
const ALONE = { population: 'compare.ts', rounds: 'solve.ts', season: 'plan.ts' };
const [, , room, ...rest] = process.argv;
if (room in ALONE) {
  const script = ['--import', 'tsx', join('bench', room, ALONE[room]), ...rest];
  process.exit(spawnSync(process.execPath, script, { cwd: ROOT, stdio: 'inherit' }).status ?? 1);
}
const chromium = ensureProgram('chromium', 'chromium');
if (!buildAll()) process.exit(1);
const settings = settingsFor('test');
const folder = `${settings.folder}-bench`;
rmSync(folder, { recursive: true, force: true });
const database = await startDatabase({ ...settings, folder, databasePort: settings.databasePort + 5 });
let code = 1;
try {
  code = await new Promise((done) => {
    const child = spawn(process.execPath, ['--import', 'tsx', 'e2e/bench.ts'], {
      cwd: ROOT,
      stdio: 'inherit',
      env: {
        ...process.env,
        DATABASE_URL: database.url,
        EMBERFIELD_CHROMIUM: chromium,
        EMBERFIELD_FIRST_LOAD_KB: String(firstLoadKb()),
      },
    });
    child.on('exit', (c) => done(c ?? 1));
    for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill('SIGTERM'));
  });
} finally {
  await database.stop();
  rmSync(folder, { recursive: true, force: true });
}
process.exit(code);

/** JavaScript that the first page asks for, gzipped: the page's script and all it imports statically. */
function firstLoadKb() {
  const assets = join(ROOT, 'web', 'dist', 'assets');
  const seen = new Set();
  const visit = (name) => {
    if (seen.has(name) || !readdirSync(assets).includes(name)) return;
    seen.add(name);
    const source = readFileSync(join(assets, name), 'utf8');
    for (const [, imported] of source.matchAll(/(?:from|import)\s*"\.\/([^"]+\.js)"/g)) visit(imported);
  };
  for (const [, name] of readFileSync(join(ROOT, 'web', 'dist', 'index.html'), 'utf8').matchAll(
    /(?:src|href)="\/assets\/([^"]+\.js)"/g,
  ))
    visit(name);
  const bytes = [...seen].reduce((sum, name) => sum + gzipSync(readFileSync(join(assets, name))).length, 0);
  say(`first load: ${seen.size} scripts`);
  return Math.round(bytes / 102.4) / 10;
}
