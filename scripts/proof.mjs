// How good the answers are, where the truth is known: node scripts/proof.mjs [dates | looks | identity] [how many]
import { spawnSync } from 'node:child_process';
import { ensurePackages } from './install.mjs';
import { ROOT } from './settings.mjs';

const PARTS = {
  // Forecasts against what came, on so many simulated islands.
  dates: 'demo/src/proof/main.ts',
  // Proposed looks against looks at random, on so many simulated islands.
  looks: 'demo/src/proof/looks/main.ts',
  // So many specimens of what kills, taken for what is gathered.
  identity: 'demo/src/proof/identity/main.ts',
};
ensurePackages();
const [first, ...rest] = process.argv.slice(2);
if (first !== undefined && !(first in PARTS)) {
  process.stderr.write(
    `There is no part “${first}”. npm run proof -- [${Object.keys(PARTS).join(' | ')}] [how many]\n`,
  );
  process.exit(1);
}
for (const part of first ? [first] : Object.keys(PARTS)) {
  const { status } = spawnSync(process.execPath, ['--import', 'tsx', PARTS[part], ...rest], {
    cwd: ROOT,
    stdio: 'inherit',
  });
  if (status !== 0) process.exit(status ?? 1);
}
