// Everything that must hold: types, lint, import rules, unit, server and end-to-end specs; ends with "N passed, N failed".
//   node scripts/test.mjs            all of it
//   node scripts/test.mjs unit e2e   only these
import { spawn } from 'node:child_process';
import { setPriority } from 'node:os';
import { join } from 'node:path';
import { startDatabase } from './database.mjs';
import { ensurePackages, ensureProgram } from './install.mjs';
import { ROOT, say, settingsFor } from './settings.mjs';

const wanted = process.argv.slice(2);
const asked = (name) => wanted.length === 0 || wanted.includes(name);
/** Of the lines of the core. */
const LEAST_COVERED_PERCENT = 90;
/** As `nice` counts. */
const BEHIND = 10;
/** The browser’s journeys take most of half an hour on two cores; only what hangs is to be ended. */
const LONGEST_STEP_MS = 70 * 60_000;
const tool = (path) => join(ROOT, 'node_modules', path);
const totals = { passed: 0, failed: 0 };
let database = null;
const children = new Set();
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => finish(1));

ensurePackages();
const chromium = asked('e2e') ? ensureProgram('chromium', 'chromium') : '';
if (asked('server')) {
  // Independent readers of the files that we write.
  ensureProgram('gpsbabel', 'gpsbabel');
  ensureProgram('ogrinfo', 'gdal-bin');
  ensureProgram('khal', 'khal');
}
if (asked('server') || asked('e2e')) {
  say('== The database');
  database = await startDatabase(settingsFor('test'));
}
// The browser waits for the server, and the server for the database: what they leave idle is enough for all the rest.
try {
  await Promise.all([browserSpecs(), allElse()]);
} catch (error) {
  // Whatever went wrong here, the database that was started must not go on alone.
  console.error(error);
  totals.failed += 1;
}
await finish(totals.failed > 0 || totals.passed === 0 ? 1 : 0);

async function browserSpecs() {
  if (!asked('e2e')) return;
  const built = await check('the pages and the server can be built', [join(ROOT, 'scripts', 'build.mjs')]);
  if (!built) return;
  await specs('end to end', ['e2e/tried-twice.ts', 'e2e/**/*.spec.ts'], {
    // On a machine with much else to do a browser now and then waits in vain; what fails twice fails.
    retries: 1,
    // A journey through a browser on a slow machine; what hangs is found by the waits within.
    longest: 300_000,
    env: {
      DATABASE_URL: database.url,
      EMBERFIELD_CHROMIUM: chromium,
      EMBERFIELD_PORT: String(settingsFor('test').webPort),
    },
  });
}

/** Everything without a browser, behind it: nobody waits for this until the end. */
async function allElse() {
  if (asked('types')) {
    for (const part of ['core', 'contract', 'catalogue', 'words', 'server', 'demo'])
      await check(`types of ${part}`, [tool('typescript/bin/tsc'), '-p', part], { behind: true });
    await check('types of all with their specs', [tool('typescript/bin/tsc'), '-p', 'tsconfig.json'], { behind: true });
    await check('types of the pages', [tool('vue-tsc/bin/vue-tsc.js'), '--noEmit', '-p', 'web'], { behind: true });
  }
  if (asked('lint')) await check('lint', [tool('eslint/bin/eslint.js'), '.'], { behind: true });
  if (asked('format'))
    await check('formatted as agreed', [tool('prettier/bin/prettier.cjs'), '--check', '.'], { behind: true });
  if (asked('unused')) await check('nothing unused', [tool('knip/bin/knip.js'), '--no-progress'], { behind: true });
  if (asked('imports')) {
    const cruise = (config, ...folders) => [
      tool('dependency-cruiser/bin/dependency-cruise.mjs'),
      '--config',
      config,
      ...folders,
    ];
    const all = ['core', 'contract', 'catalogue', 'words', 'server/src', 'web/src', 'demo/src'];
    await check('import rules', cruise('.dependency-cruiser.cjs', ...all), { behind: true });
    await check('no circles of rooms', cruise('.dependency-cruiser.rooms.cjs', 'server/src', 'web/src'), {
      behind: true,
    });
  }
  if (asked('unit')) {
    await specs('core', ['core/src/**/*.spec.ts'], {
      behind: true,
      counted: [
        tool('c8/bin/c8.js'),
        '--include=core/src/**/*.ts',
        '--exclude=**/*.spec.ts',
        '--check-coverage',
        `--lines=${LEAST_COVERED_PERCENT}`,
        '--reporter=text-summary',
        process.execPath,
      ],
    });
    const rest = ['contract', 'catalogue', 'words', 'web', 'demo'].map((part) => `${part}/src/**/*.spec.ts`);
    await specs('unit', rest, { behind: true });
  }
  if (asked('server'))
    await specs('server', ['server/src/**/*.spec.ts'], { env: { DATABASE_URL: database.url }, behind: true });
}

async function check(name, args, { cwd = ROOT, behind = false } = {}) {
  const { code, output } = await run(args, { cwd, behind });
  const ok = code === 0;
  totals[ok ? 'passed' : 'failed'] += 1;
  say(`${ok ? '✔' : '✘'} ${name}`);
  if (!ok) say(output.split('\n').slice(-60).join('\n'));
  return ok;
}

/** @param counted what runs the specs, where their lines are counted: too few of them are a failure */
async function specs(name, patterns, { env = {}, counted = [], behind = false, retries = 0, longest = 20_000 } = {}) {
  const mocha = [tool('mocha/bin/mocha.js'), '--timeout', String(longest), '--retries', String(retries)];
  const { code, output } = await run([...counted, ...mocha, ...patterns], { env, behind });
  say(`\n== ${name}\n${output}`);
  const count = (word) => Number(new RegExp(`^\\s*(\\d+) ${word}`, 'm').exec(output)?.[1] ?? 0);
  totals.passed += count('passing');
  // A run that ended badly without counting a failure (it could not load, or died) is one.
  totals.failed += count('failing') || (code === 0 && count('passing') > 0 ? 0 : 1);
}

/** @param behind gives way to whatever runs beside it */
function run(args, { cwd = ROOT, env = {}, behind = false }) {
  return new Promise((done) => {
    const child = spawn(process.execPath, args, {
      cwd,
      env: { ...process.env, ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
      // A group of its own: specs start servers and browsers, which would go on alone.
      detached: true,
    });
    children.add(child);
    if (behind && child.pid) setPriority(child.pid, BEHIND);
    const timer = setTimeout(() => endAll(child, 'SIGKILL'), LONGEST_STEP_MS);
    let output = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (data) => (output += data));
    child.on('close', (code) => {
      clearTimeout(timer);
      children.delete(child);
      done({ code, output });
    });
  });
}

/** A step with all that it has started. */
function endAll(child, signal) {
  try {
    process.kill(-child.pid, signal);
  } catch {
    // It has ended by itself meanwhile.
  }
}

async function finish(code) {
  for (const child of children) endAll(child, 'SIGTERM');
  await database?.stop();
  // Whoever reads through a pipe gets all of it before this ends.
  await new Promise((done) => process.stdout.write(`\n${totals.passed} passed, ${totals.failed} failed\n`, done));
  process.exit(code);
}
