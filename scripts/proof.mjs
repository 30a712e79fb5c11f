// Holds forecasts against what came, on simulated islands: node scripts/proof.mjs [seeds]
import { spawnSync } from 'node:child_process';
import { ensurePackages } from './install.mjs';
import { ROOT } from './settings.mjs';

ensurePackages();
const { status } = spawnSync(
  process.execPath,
  ['--import', 'tsx', 'demo/src/proof/main.ts', ...process.argv.slice(2)],
  {
    cwd: ROOT,
    stdio: 'inherit',
  },
);
process.exit(status ?? 1);
