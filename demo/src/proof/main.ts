// How good the forecasts are, on islands whose truth is known: `npm run proof -- dates [seeds]`.
import {
  backtest,
  comparable,
  daysBefore,
  missOf,
  onFixedDays,
  scoresOf,
  type Scores,
  type Trial,
} from '@emberfield/core/proof';
import { FIRST_SEASON, islandOf, type ProofIsland } from './island.ts';

const SEEDS = Number(process.argv[2] ?? 20);
/** Held against what came from the fourth season on; the three before are learned from. */
const FROM = FIRST_SEASON + 3;
const FORTNIGHT = daysBefore(14);
const ISSUES = [daysBefore(28), FORTNIGHT, daysBefore(7), onFixedDays];

interface Held {
  readonly trial: Trial;
  readonly cameOn: number | null;
  readonly limit: number | null;
}
const held: Held[] = [];
/** Stands as if nobody had looked at them, against the mean date of the others of their kind. */
const unseen: Trial[] = [];
for (let seed = 1; seed <= SEEDS; seed++) {
  const { stands, cameOn, limit }: ProofIsland = islandOf(seed);
  for (const trial of comparable([...backtest(stands, ISSUES, FROM)]))
    // The limit takes long to reckon; a fortnight ahead is where it is asked for.
    held.push({ trial, cameOn: cameOn(trial), limit: trial.issue === FORTNIGHT.name ? limit(trial) : null });
  unseen.push(...comparable([...backtest(stands, [FORTNIGHT], FROM, { unseen: true })], ['meanDate']));
  process.stderr.write(`\rseed ${seed} of ${SEEDS}`);
}
process.stderr.write('\n');

const days = (v: number): string => v.toFixed(1);
const percent = (part: number, whole: number): string => `${Math.round((100 * part) / whole)} %`;
const came = new Map(held.map((h) => [h.trial, h.cameOn]));
const scores = (of: readonly Held[]): Scores =>
  scoresOf(
    of.map((h) => h.trial),
    (t) => came.get(t) ?? null,
  )!;
const limitOf = (of: readonly Held[]): string => {
  const known = of.filter((h) => h.limit !== null);
  if (known.length === 0) return '';
  return days(known.reduce((sum, { trial, limit }) => sum + Math.abs(missOf(limit!, trial.seen)), 0) / known.length);
};
const write = (line: string): void => void process.stdout.write(`${line}\n`);

write(
  '| issued | trials | Emberfield | last year’s date | mean date | plain degree days | true mechanism | in the 80 % band | bias |',
);
write('|---|---|---|---|---|---|---|---|---|');
for (const { name } of ISSUES) {
  const of = held.filter((h) => h.trial.issue === name);
  const s = scores(of);
  const rival = (v: number): string => `${days(v)} (${percent(s.forecast, v)})`;
  write(
    `| ${name} | ${s.trials} | **${days(s.forecast)}** | ${rival(s.lastYear)} | ${rival(s.meanDate)} | ${rival(s.degreeDays!)} | ${limitOf(of)} | ${percent(s.covered, 1)} | ${s.bias.toFixed(2)} |`,
  );
}
const fortnight = held.filter((h) => h.trial.issue === FORTNIGHT.name);
write('');
write('Fourteen days before, by plant:');
write('');
write('| plant | trials | Emberfield | last year’s date | mean date | plain degree days | in the band |');
write('|---|---|---|---|---|---|---|');
for (const plant of [...new Set(fortnight.map((h) => h.trial.plantKey))].sort()) {
  const s = scores(fortnight.filter((h) => h.trial.plantKey === plant));
  write(
    `| ${plant} | ${s.trials} | ${days(s.forecast)} | ${days(s.lastYear)} | ${days(s.meanDate)} | ${days(s.degreeDays!)} | ${percent(s.covered, 1)} |`,
  );
}
const bySeed = Array.from({ length: SEEDS }, (_, i) => fortnight.filter((h) => h.trial.standId.endsWith(`#${i + 1}`)));
const covered = bySeed.filter((of) => of.length > 0).map((of) => scores(of).covered);
write('');
write(
  `In the band by island, fourteen days before: ${covered.length} islands, ${percent(Math.min(...covered), 1)} to ${percent(Math.max(...covered), 1)}.`,
);
const meanOff = (of: (trial: Trial) => number): number =>
  unseen.reduce((sum, t) => sum + Math.abs(missOf(of(t), t.seen)), 0) / unseen.length;
write('');
write(
  `At stands that nobody has looked at, fourteen days before: ${unseen.length} dates, off by ${days(meanOff((t) => t.forecast.p50!))} days; the mean date of the other stands of their kind by ${days(meanOff((t) => t.rivals.meanDate!))}.`,
);
