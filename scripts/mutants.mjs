// How much the specs of a room notice: npm run mutants [-- ROOM …], such as core/src/allowance. Says which changes nobody noticed, and
// the share that was noticed. It takes minutes a room, so it is no part of npm test; docs/tests.md says what came out.
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensurePackages } from './install.mjs';
import { ROOT, say } from './settings.mjs';

const NOTICED = new Set(['Killed', 'Timeout']);
const DEFAULT_ROOMS = [
  ...['allowance', 'identity', 'stand', 'stages', 'windows', 'weather'].map((r) => `core/src/${r}`),
  'server/src/formats',
];

ensurePackages();
const asked = process.argv.slice(2);
for (const room of asked.length > 0 ? asked : DEFAULT_ROOMS) {
  const done = spawnSync(
    process.execPath,
    [join(ROOT, 'node_modules', '@stryker-mutator', 'core', 'bin', 'stryker.js'), 'run', 'stryker.config.mjs'],
    { cwd: ROOT, encoding: 'utf8', env: { ...process.env, EMBERFIELD_ROOM: room } },
  );
  if (done.status !== 0) {
    say(`${room}: could not be run.\n${done.stdout.slice(-2_000)}\n${done.stderr.slice(-2_000)}`);
    process.exitCode = 1;
    continue;
  }
  const report = JSON.parse(
    readFileSync(join(ROOT, 'coverage', 'mutants', `${room.replaceAll('/', '-')}.json`), 'utf8'),
  );
  let [noticed, all] = [0, 0];
  for (const [file, { source, mutants }] of Object.entries(report.files)) {
    const lines = source.split('\n');
    for (const { status, location, replacement } of mutants) {
      if (status === 'CompileError' || status === 'RuntimeError' || status === 'Ignored') continue;
      all++;
      if (NOTICED.has(status)) noticed++;
      else
        say(
          `  ${file}:${location.start.line}: ${lines[location.start.line - 1].trim().slice(0, 90)} → ${replacement.replaceAll(/\s+/g, ' ').slice(0, 60)}`,
        );
    }
  }
  say(`${room}: ${noticed} of ${all} noticed (${((100 * noticed) / Math.max(1, all)).toFixed(0)} %)`);
}
