// Whether the looks that are proposed are worth the way, on islands whose truth is known: `npm run proof -- looks [islands]`.
import { naturalIsland } from '../nature/island.ts';
import { judgeLooks, type Came, type Judged } from './judge.ts';

const ISLANDS = Number(process.argv[2] ?? 20);
/** By then there is something to go by. */
const SEASONS = [2021, 2024];

const judged: Judged[] = [];
for (let seed = 1; seed <= ISLANDS; seed++) {
  const { stands, came } = naturalIsland(seed);
  judged.push(...judgeLooks(stands, came, SEASONS));
  process.stderr.write(`\risland ${seed} of ${ISLANDS}`);
}
process.stderr.write('\n');

const mean = (of: (j: Judged) => number): number => judged.reduce((sum, j) => sum + of(j), 0) / judged.length;
const line = (name: string, of: (j: Judged) => Came): string =>
  `| ${name} | ${mean((j) => of(j).narrower).toFixed(1)} | ${mean((j) => of(j).off).toFixed(1)} |`;
const more = judged.filter((j) => j.proposed.narrower > j.atRandom.narrower).length / judged.length;
process.stdout.write(
  [
    `${judged.length} times that a look was proposed, at a stand that had one to propose:`,
    '',
    '| look | bands narrower by, days | days off what came |',
    '|---|---|---|',
    line('none', (j) => j.none),
    line('at a random stage on a random day', (j) => j.atRandom),
    line('as proposed', (j) => j.proposed),
    '',
    `As proposed narrowed more than at random in ${Math.round(100 * more)} % of them.`,
    '',
  ].join('\n'),
);
