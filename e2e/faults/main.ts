// The long run of faults for docs/reliability.md. Run by scripts/faults.mjs, which also kills the database; bounded by its number of entries.
import { closeBrowser, islandDatabase } from '../application.ts';
import { FAULTS, runFaults } from './run.ts';

const [ENTRIES, EVERY] = [Number(process.argv[2] ?? 1000), 20];
const killDatabase = (): Promise<void> =>
  new Promise((back) => {
    process.once('message', () => back());
    process.send!('killDatabase');
  });
const table = await runFaults({
  entries: ENTRIES,
  pickers: ['Tavi', 'Mirel', 'Ode', 'Mirel', 'Ode'],
  faults: FAULTS,
  every: EVERY,
  databaseUrl: await islandDatabase('emberfield_faults'),
  killDatabase,
  tell: (line) => process.stdout.write(`${line}\n`),
});
await closeBrowser();
process.stdout.write(`${JSON.stringify(table, null, 2)}\n`);
process.exit(table.missing.length + table.doubled.length > 0 ? 1 : 0);
