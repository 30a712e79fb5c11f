// What runs is built from the sources, the pages and the server, each only when something that it is made of has changed.
//   node scripts/build.mjs
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { createRequire } from 'node:module';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ROOT, say } from './settings.mjs';

/** Where npm put it: at the top or beside the pages. */
export const viteProgram = () =>
  join(createRequire(join(ROOT, 'web', 'package.json')).resolve('vite/package.json'), '..', 'bin', 'vite.js');

const PARTS = [
  { folder: 'web', title: 'Building the pages …', madeOf: ['web', 'core', 'contract', 'words'] },
  { folder: 'server', title: 'Building the server …', madeOf: ['server', 'core', 'contract', 'catalogue', 'words'] },
];

/** @returns whether both stand ready; what went wrong has been said */
export function buildAll() {
  return PARTS.every(({ folder, title, madeOf }) => {
    const mark = markOf(madeOf);
    const markFile = join(ROOT, folder, 'dist', '.built-from');
    if (existsSync(markFile) && readFileSync(markFile, 'utf8') === mark) return true;
    say(title);
    const built = spawnSync(process.execPath, [viteProgram(), 'build', '--logLevel', 'error'], {
      cwd: join(ROOT, folder),
      stdio: 'inherit',
    });
    if (built.status !== 0) return false;
    writeFileSync(markFile, mark);
    return true;
  });
}

function markOf(folders) {
  const hash = createHash('sha256').update(readFileSync(join(ROOT, 'package-lock.json')));
  for (const file of folders.flatMap((folder) => filesOf(join(ROOT, folder))))
    hash.update(`${file}:${statSync(file).mtimeMs}:${statSync(file).size}\n`);
  return hash.digest('hex');
}

function filesOf(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((e) => {
    const path = join(folder, e.name);
    if (e.isDirectory()) return ['node_modules', 'dist'].includes(e.name) ? [] : filesOf(path);
    return [path];
  });
}

if (process.argv[1] === fileURLToPath(import.meta.url)) process.exit(buildAll() ? 0 : 1);
