// Brings what is missing: npm packages from the lock file, and Debian packages where we may.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { accessSync, constants, existsSync, readFileSync, writeFileSync } from 'node:fs';
import { delimiter, join } from 'node:path';
import { fail, ROOT, say } from './settings.mjs';

const LONGEST_INSTALL_MS = 20 * 60_000;

/** Installs npm packages when there are none or the lock file has changed since. */
export function ensurePackages() {
  const lock = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');
  const mark = join(ROOT, 'node_modules', '.emberfield-lock');
  if (existsSync(mark) && readFileSync(mark, 'utf8') === lock) return;
  say('Installing npm packages …');
  run('npm', ['ci', '--no-audit', '--no-fund'], 'npm could not install the packages. Is the npm registry reachable?');
  writeFileSync(mark, lock);
}

/** Path of a program, looking also where Debian puts servers. */
export function findProgram(name) {
  for (const folder of [...(process.env.PATH ?? '').split(delimiter), '/usr/sbin', '/usr/bin']) {
    const path = join(folder, name);
    try {
      accessSync(path, constants.X_OK);
      return path;
    } catch {
      // Not in this folder; the next may have it.
    }
  }
  return null;
}

/** Makes sure of a Debian program; says which package to install where we may not. */
export function ensureProgram(program, debianPackage) {
  const before = findProgram(program);
  if (before) return before;
  const asRoot = process.getuid?.() === 0;
  const maySudo = !asRoot && findProgram('sudo') && spawnSync('sudo', ['-n', 'true']).status === 0;
  if (!findProgram('apt-get') || (!asRoot && !maySudo))
    fail(
      `Emberfield needs ${program}. Please install the package ${debianPackage} (on Debian: apt install ${debianPackage}) and start again.`,
    );
  say(`Installing Debian's ${debianPackage} …`);
  const words = [...(maySudo ? ['sudo', '-n', 'env'] : ['env']), 'DEBIAN_FRONTEND=noninteractive', 'apt-get'];
  const [command, ...rest] = words;
  spawnSync(command, [...rest, 'update', '-q'], { stdio: 'ignore', timeout: LONGEST_INSTALL_MS });
  run(
    command,
    [...rest, 'install', '-y', '-q', '--no-install-recommends', debianPackage],
    `${debianPackage} could not be installed. Please install it and start again.`,
  );
  const now = findProgram(program);
  if (!now) fail(`${debianPackage} was installed, but ${program} is not there. Please look into it and start again.`);
  return now;
}

function run(command, args, failure) {
  const done = spawnSync(command, args, {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'pipe'],
    timeout: LONGEST_INSTALL_MS,
    encoding: 'utf8',
    env: { ...process.env, PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1' },
    maxBuffer: 64 * 1024 * 1024,
  });
  if (done.status !== 0)
    fail(`${(done.stderr || done.stdout || String(done.error ?? '')).split('\n').slice(-20).join('\n')}\n${failure}`);
}
