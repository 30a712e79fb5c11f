// How good the forecasts are, on islands whose truth is known: `npm run proof -- dates [islands]`.
import type { SeenStand } from '@emberfield/core/clocks';
import {
  backtest,
  comparable,
  DATE_RULES,
  daysBefore,
  onFixedDays,
  scoresOf,
  type Scores,
  type SeenInterval,
  type Trial,
} from '@emberfield/core/proof';
import { islandOf } from './island.ts';
import { FIRST_SEASON, naturalIsland } from './nature/island.ts';

const SEEDS = Number(process.argv[2] ?? 20);
/** Held against what came from the fourth season on; the three before are learned from. */
const LEARNED_FROM = 3;
const FORTNIGHT = daysBefore(14);
const ISSUES = [daysBefore(28), FORTNIGHT, daysBefore(7), onFixedDays];

interface Held {
  readonly trial: Trial;
  /** What drives the stage, and where its profile came from. */
  readonly driver: string;
  readonly told: string;
}

/** Trials of an island against the days themselves, so many days before they truly came. */
const trialsOf = (
  stands: readonly SeenStand[],
  from: number,
  came: (stand: SeenStand) => readonly SeenInterval[],
): readonly Trial[] => comparable([...backtest(stands, ISSUES, from, { came })], DATE_RULES);

const held: Held[] = [];
const atHome: Trial[] = [];
for (let seed = 1; seed <= SEEDS; seed++) {
  const nature = naturalIsland(seed);
  for (const trial of trialsOf(nature.stands, FIRST_SEASON + LEARNED_FROM, nature.came))
    held.push({
      trial,
      driver: nature.mechanismOf(trial.plantKey, trial.stage),
      told: nature.told.get(trial.plantKey)!,
    });
  const home = islandOf(seed);
  atHome.push(...trialsOf(home.stands, home.firstSeason + LEARNED_FROM, home.came));
  process.stderr.write(`\risland ${seed} of ${SEEDS}`);
}
process.stderr.write('\n');

const days = (v: number): string => v.toFixed(1);
const percent = (share: number): string => `${Math.round(100 * share)} %`;
const write = (line: string): void => void process.stdout.write(`${line}\n`);
const scores = (of: readonly Trial[]): Scores => scoresOf(of, DATE_RULES)!;
const degreeDaysOf = (of: readonly Trial[]): number => {
  const off = of.flatMap((t) => (t.rivals.degreeDays === null ? [] : [Math.abs(t.rivals.degreeDays - t.seen.by)]));
  return off.reduce((a, b) => a + b, 0) / off.length;
};

function table(first: string, rows: readonly (readonly [string, readonly Trial[]])[]): void {
  write(
    `| ${first} | trials | Emberfield | last year’s date | mean date | plain degree days | in the 80 % band | bias |`,
  );
  write('|---|---|---|---|---|---|---|---|');
  for (const [name, of] of rows) {
    if (of.length === 0) continue;
    const s = scores(of);
    const rival = (v: number): string => `${days(v)} (${percent(s.forecast / v)})`;
    write(
      `| ${name} | ${s.trials} | **${days(s.forecast)}** | ${rival(s.lastYear)} | ${rival(s.meanDate)} | ${rival(degreeDaysOf(of))} | ${percent(s.covered)} | ${s.bias.toFixed(2)} |`,
    );
  }
  write('');
}
const issued = (of: readonly Trial[], name: string): readonly Trial[] => of.filter((t) => t.issue === name);
const all = held.map((h) => h.trial);
const by = (of: (h: Held) => string): readonly (readonly [string, readonly Trial[]])[] =>
  [...new Set(held.map(of))].sort().map((name) => [
    name,
    issued(
      held.filter((h) => of(h) === name).map((h) => h.trial),
      FORTNIGHT.name,
    ),
  ]);

write('Plants of nobody’s catalogue:');
write('');
table(
  'asked',
  ISSUES.map(({ name }) => [name, issued(all, name)]),
);
write('Fourteen days before, by what drives them:');
write('');
table(
  'driven by',
  by((h) => h.driver),
);
table(
  'profile',
  by((h) => h.told),
);
write('The island’s own plants, whose usual days are the catalogue’s:');
write('');
table(
  'asked',
  ISSUES.map(({ name }) => [name, issued(atHome, name)]),
);
