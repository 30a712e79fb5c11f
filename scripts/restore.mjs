// Puts a backup into an empty database, or a group's archive into any.
//   node scripts/restore.mjs FILE.sql.gz [--demo]
//   node scripts/restore.mjs FILE.zip [--as "Another name"] [--demo]
// Nothing is ever overwritten: a backup is refused where anything is stored, an archive where its group is.
import { spawn, spawnSync } from 'node:child_process';
import { closeSync, createReadStream, existsSync, openSync, readSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { parseArgs } from 'node:util';
import { createGunzip } from 'node:zlib';
import { askDatabase, clientArguments, isWhole, openDatabase } from './backup-database.mjs';
import { fail, ROOT, say, settingsFor } from './settings.mjs';

const {
  values: asked,
  positionals: [file],
} = parseArgs({
  options: { demo: { type: 'boolean' }, as: { type: 'string' } },
  allowPositionals: true,
});
if (!file) fail('Say which file: npm run restore -- FILE');
if (!existsSync(file)) fail(`There is no file ${file}.`);
const settings = settingsFor(asked.demo ? 'demo' : 'real');
if (isZip(file)) await restoreGroup();
if (asked.as !== undefined) fail('--as is for the archive of a group, a .zip; this is none.');
if (existsSync(join(settings.folder, 'run.json')))
  fail(`Emberfield seems to be running on ${settings.folder}. End it first (if it has died, remove its run.json).`);

const database = await openDatabase(settings);
try {
  const before = askDatabase(database.url, 'SHOW TABLES').split('\n').filter(Boolean);
  if (before.length > 0)
    throw new Error(
      `the database holds ${before.length} tables already. Move ${settings.folder} away, or name an empty one with EMBERFIELD_DATA or DATABASE_URL`,
    );
  // Before the first table is made: half a backup would be neither here nor there.
  const whole = await isWhole(file).catch((error) => {
    throw new Error(`the file cannot be read as a backup (${error.message})`, { cause: error });
  });
  if (!whole) throw new Error('the file breaks off before its end');
  await load(database.url);
  const tables = askDatabase(database.url, 'SHOW TABLES').split('\n').filter(Boolean);
  const rows = tables.reduce((sum, t) => sum + Number(askDatabase(database.url, `SELECT COUNT(*) FROM \`${t}\``)), 0);
  say(`Restored ${rows} rows in ${tables.length} tables from ${file}. Start Emberfield as usual.`);
} catch (error) {
  await database.close();
  fail(`Not restored: ${error.message}.`);
}
await database.close();

/** By what it holds, not by what it is called. */
function isZip(path) {
  const start = Buffer.alloc(4);
  const opened = openSync(path, 'r');
  readSync(opened, start, 0, 4, 0);
  closeSync(opened);
  return start.equals(Buffer.from('PK\x03\x04', 'latin1'));
}

/** Beside whatever is there, and while Emberfield runs. */
async function restoreGroup() {
  const { url, close } = await openDatabase(settings);
  const { status } = spawnSync(
    process.execPath,
    [
      ...['--import', 'tsx', 'server/src/archive/restore-main.ts', resolve(file)],
      ...(asked.as === undefined ? [] : ['--as', asked.as]),
    ],
    { cwd: ROOT, stdio: 'inherit', env: { ...process.env, DATABASE_URL: url } },
  );
  await close();
  process.exit(status ?? 1);
}

async function load(url) {
  const { program, args, env, name } = clientArguments(url, 'mariadb');
  const child = spawn(program, [...args, '--max-allowed-packet=64M', name], {
    env,
    stdio: ['pipe', 'ignore', 'pipe'],
  });
  let complaint = '';
  child.stderr.on('data', (data) => (complaint += data));
  const ended = new Promise((done) => child.on('close', done));
  try {
    await pipeline(createReadStream(file), createGunzip(), child.stdin);
  } catch (error) {
    child.kill();
    // A refusal of the database closes the pipe: what it said tells more.
    await ended;
    throw new Error(complaint.trim() || `the file cannot be read as a backup (${error.message})`, { cause: error });
  }
  if ((await ended) !== 0) throw new Error(complaint.trim() || 'the database refused the file');
}
