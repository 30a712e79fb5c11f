// Everything that must hold: types, lint, import rules, unit, server and end-to-end specs; ends with "N passed, N failed".
//   node scripts/test.mjs            all of it
//   node scripts/test.mjs unit e2e   only these
import { spawn } from 'node:child_process';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { startDatabase } from './database.mjs';
import { ensurePackages, ensureProgram } from './install.mjs';
import { ROOT, say, settingsFor } from './settings.mjs';

const wanted = process.argv.slice(2);
const asked = (name) => wanted.length === 0 || wanted.includes(name);
/** Of the lines of the core. */
const LEAST_COVERED_PERCENT = 90;
const LONGEST_STEP_MS = 30 * 60_000;
const resolve = createRequire(join(ROOT, 'web', 'package.json')).resolve;
const tool = (path) => join(ROOT, 'node_modules', path);
const totals = { passed: 0, failed: 0 };
let database = null;
const children = new Set();
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => finish(1));

ensurePackages();
if (asked('types')) {
  for (const part of ['core', 'contract', 'catalogue', 'words', 'server', 'demo'])
    await check(`types of ${part}`, [tool('typescript/bin/tsc'), '-p', part]);
  await check('types of all with their specs', [tool('typescript/bin/tsc'), '-p', 'tsconfig.json']);
  await check('types of the pages', [tool('vue-tsc/bin/vue-tsc.js'), '--noEmit', '-p', 'web']);
}
if (asked('lint')) await check('lint', [tool('eslint/bin/eslint.js'), '.']);
if (asked('format')) await check('formatted as agreed', [tool('prettier/bin/prettier.cjs'), '--check', '.']);
if (asked('unused')) await check('nothing unused', [tool('knip/bin/knip.js'), '--no-progress']);
if (asked('imports'))
  await check('import rules', [
    tool('dependency-cruiser/bin/dependency-cruise.mjs'),
    '--config',
    '.dependency-cruiser.cjs',
    'core',
    'contract',
    'catalogue',
    'words',
    'server/src',
    'web/src',
    'demo/src',
  ]);
if (asked('unit')) {
  await specs('core', ['core/src/**/*.spec.ts'], {
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
  await specs('unit', [
    'contract/src/**/*.spec.ts',
    'catalogue/src/**/*.spec.ts',
    'words/src/**/*.spec.ts',
    'web/src/**/*.spec.ts',
    'demo/src/**/*.spec.ts',
  ]);
}
if (asked('server') || asked('e2e')) {
  say('\n== The database');
  database = await startDatabase(settingsFor('test'));
}
if (asked('server')) {
  // Independent readers of the files that we write.
  ensureProgram('gpsbabel', 'gpsbabel');
  ensureProgram('ogrinfo', 'gdal-bin');
  ensureProgram('khal', 'khal');
}
if (asked('server')) await specs('server', ['server/src/**/*.spec.ts'], { env: { DATABASE_URL: database.url } });
if (asked('e2e')) {
  const chromium = ensureProgram('chromium', 'chromium');
  const built = await check(
    'the pages can be built',
    [join(resolve('vite/package.json'), '..', 'bin', 'vite.js'), 'build', '--logLevel', 'error'],
    join(ROOT, 'web'),
  );
  if (built)
    await specs('end to end', ['e2e/**/*.spec.ts'], {
      env: {
        DATABASE_URL: database.url,
        EMBERFIELD_CHROMIUM: chromium,
        EMBERFIELD_PORT: String(settingsFor('test').webPort),
      },
    });
}
await finish(totals.failed > 0 || totals.passed === 0 ? 1 : 0);

async function check(name, args, cwd = ROOT) {
  const { code, output } = await run(args, cwd, {});
  const ok = code === 0;
  totals[ok ? 'passed' : 'failed'] += 1;
  say(`${ok ? '✔' : '✘'} ${name}`);
  if (!ok) say(output.split('\n').slice(-60).join('\n'));
  return ok;
}

/** @param counted what runs the specs, where their lines are counted: too few of them are a failure */
async function specs(name, patterns, { env = {}, counted = [] } = {}) {
  say(`\n== ${name}`);
  const { code, output } = await run(
    [...counted, tool('mocha/bin/mocha.js'), '--timeout', '20000', ...patterns],
    ROOT,
    env,
    true,
  );
  const count = (word) => Number(new RegExp(`^\\s*(\\d+) ${word}`, 'm').exec(output)?.[1] ?? 0);
  totals.passed += count('passing');
  // A run that ended badly without counting a failure (it could not load, or died) is one.
  totals.failed += count('failing') || (code === 0 && count('passing') > 0 ? 0 : 1);
}

function run(args, cwd, env, live = false) {
  return new Promise((done) => {
    const child = spawn(process.execPath, args, {
      cwd,
      env: { ...process.env, ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    children.add(child);
    const timer = setTimeout(() => child.kill('SIGKILL'), LONGEST_STEP_MS);
    let output = '';
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (data) => {
        output += data;
        if (live) process.stdout.write(data);
      });
    child.on('close', (code) => {
      clearTimeout(timer);
      children.delete(child);
      done({ code, output });
    });
  });
}

async function finish(code) {
  for (const child of children) child.kill('SIGTERM');
  await database?.stop();
  say(`\n${totals.passed} passed, ${totals.failed} failed`);
  process.exit(code);
}
