// The database that is backed up or restored, and how the database's own programs are called on it.
import { spawnSync } from 'node:child_process';
import { createReadStream } from 'node:fs';
import { createGunzip } from 'node:zlib';
import { startDatabase } from './database.mjs';
import { findProgram } from './install.mjs';
import { fail } from './settings.mjs';

/** The private database, running or started for this; or the one that DATABASE_URL names. */
export async function openDatabase(settings) {
  if (settings.databaseUrl) return { url: settings.databaseUrl, close: async () => undefined };
  const { url, started, stop } = await startDatabase(settings);
  return { url, close: async () => (started ? stop() : undefined) };
}

/** The password goes by the environment: arguments can be read by everybody on the machine. */
export function clientArguments(url, programName) {
  const { hostname, port, username, password, pathname } = new URL(url);
  const program =
    findProgram(programName) ?? fail(`${programName} is missing; please install the package mariadb-client.`);
  return {
    program,
    args: [
      '--no-defaults',
      `--host=${hostname}`,
      `--port=${port || 3306}`,
      `--user=${decodeURIComponent(username)}`,
      '--default-character-set=utf8mb4',
    ],
    env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) },
    name: decodeURIComponent(pathname.slice(1)),
  };
}

/** The answer as text, one row a line. */
export function askDatabase(url, sql) {
  const { program, args, env, name } = clientArguments(url, 'mariadb');
  const done = spawnSync(program, [...args, '--skip-column-names', '--batch', '-e', sql, name], {
    env,
    encoding: 'utf8',
  });
  if (done.status !== 0) throw new Error(done.stderr.trim() || 'the database does not answer');
  return done.stdout.trim();
}

/** The last line of a dump that was written to its end. */
const WHOLE = /-- Dump completed/;
const TAIL_BYTES = 4_096;

/** Whether a packed file can be unpacked and was written to its end. @throws where it cannot be unpacked */
export async function isWhole(path) {
  let tail = '';
  const file = createReadStream(path);
  const unpacked = createGunzip();
  file.on('error', (error) => unpacked.destroy(error));
  for await (const piece of file.pipe(unpacked)) tail = (tail + piece.toString('latin1')).slice(-TAIL_BYTES);
  return WHOLE.test(tail);
}
