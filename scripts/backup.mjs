// Everything that a group entered, photos included, in one packed file of SQL.
//   node scripts/backup.mjs [--demo] [--to FOLDER] [--keep 14]
// Others go on working meanwhile: it is the database of one moment. Older files beyond --keep are removed.
import { spawn } from 'node:child_process';
import { createWriteStream } from 'node:fs';
import { mkdir, readdir, rename, rm, stat } from 'node:fs/promises';
import { join, resolve } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { parseArgs } from 'node:util';
import { createGzip } from 'node:zlib';
import { clientArguments, isWhole, openDatabase } from './backup-database.mjs';
import { fail, say, settingsFor } from './settings.mjs';

const NAME = /^emberfield-\d{4}-\d{2}-\d{2}T\d{2}-\d{2}-\d{2}\.sql\.gz$/;
const DEFAULT_KEPT = 14;

const { values: asked } = parseArgs({
  options: { demo: { type: 'boolean' }, to: { type: 'string' }, keep: { type: 'string' } },
});
const settings = settingsFor(asked.demo ? 'demo' : 'real');
const folder = resolve(asked.to ?? join(settings.folder, 'backups'));
const kept = Number(asked.keep ?? DEFAULT_KEPT);
if (!Number.isInteger(kept) || kept < 1) fail('--keep takes the number of files to keep, 1 or more.');

await mkdir(folder, { recursive: true, mode: 0o700 });
const stamp = new Date().toISOString().slice(0, 19).replaceAll(':', '-');
const file = join(folder, `emberfield-${stamp}.sql.gz`);
const unfinished = `${file}.part`;
const database = await openDatabase(settings);
try {
  await dump(database.url, unfinished);
  if (!(await isWhole(unfinished))) throw new Error('the copy broke off before its end');
  await rename(unfinished, file);
} catch (error) {
  await rm(unfinished, { force: true });
  await database.close();
  fail(`Nothing was backed up: ${error.message}. Earlier backups in ${folder} are untouched.`);
}
await database.close();
const { size } = await stat(file);
say(`Backed up to ${file} (${(size / 1024 / 1024).toFixed(1)} MB).`);
const all = (await readdir(folder)).filter((name) => NAME.test(name)).sort();
for (const name of all.slice(0, -kept)) {
  await rm(join(folder, name));
  say(`Removed ${name}: ${kept} are kept.`);
}

async function dump(url, path) {
  const { program, args, env, name } = clientArguments(url, 'mariadb-dump');
  const child = spawn(
    program,
    [...args, '--single-transaction', '--quick', '--hex-blob', '--no-tablespaces', '--skip-add-locks', name],
    { env, stdio: ['ignore', 'pipe', 'pipe'] },
  );
  let complaint = '';
  child.stderr.on('data', (data) => (complaint += data));
  const ended = new Promise((done) => child.on('close', done));
  await pipeline(child.stdout, createGzip({ level: 6 }), createWriteStream(path, { mode: 0o600 }));
  if ((await ended) !== 0) throw new Error(complaint.trim() || 'the database could not be read');
}
