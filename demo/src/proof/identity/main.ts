// How seldom what kills is confirmed for what is gathered: `npm run proof -- identity [specimens]`.
import { DEADLY_PAIRS, MILDER_PAIRS } from './pairs.ts';
import { casesOf, LOOKS, separable, tried, type Case, type Told } from './trial.ts';

const SPECIMENS = Number(process.argv[2] ?? 5000);
const write = (line: string): void => void process.stdout.write(`${line}\n`);
const perThousand = (n: number, of: number): string => ((1000 * n) / of).toFixed(1);
const percent = (n: number, of: number): string => `${Math.round((100 * n) / of)} %`;
const sum = (all: readonly Told[], at: number, what: 'confirmed' | 'ruledOut'): number =>
  all.reduce((n, t) => n + t[what][at]!, 0);
const specimensOf = (all: readonly Told[]): number => all.reduce((n, t) => n + t.specimens, 0);

interface Tried {
  readonly of: Case;
  readonly told: Told;
}
const run = (cases: readonly Case[]): readonly Tried[] =>
  cases.map((of, i) => {
    process.stderr.write(`\r${i + 1} of ${cases.length} `);
    return { of, told: tried(of, SPECIMENS) };
  });
const pairs = (all: readonly (readonly [string, string])[]): readonly Case[] => all.flatMap(([w, t]) => casesOf(w, t));
const deadly = run(pairs(DEADLY_PAIRS));
const milder = run(pairs(MILDER_PAIRS));
const own = new Map(
  [...deadly, ...milder].map(({ of }) => [`${of.wanted} ${of.phase}`, { ...of, standing: of.wanted }]),
);
const twinsOf = (key: string): readonly string[] =>
  [...DEADLY_PAIRS, ...MILDER_PAIRS].flatMap(([w, t]) => (w === key ? [t] : []));
const all = run([...own.values()]);
const wanted = all.filter(({ of }) => separable(of.wanted, twinsOf(of.wanted), of.phase));
const others = all.filter((t) => !wanted.includes(t));
process.stderr.write('\n');

write(
  '| looks | deadly twin: “confirmed” offered, in 1,000 | milder twin | wanted plant confirmed | wanted plant ruled out |',
);
write('|---|---|---|---|---|');
const told = (all: readonly Tried[]): readonly Told[] => all.map((t) => t.told);
for (const [at, looks] of LOOKS.entries())
  write(
    `| ${looks} | ${perThousand(sum(told(deadly), at, 'confirmed'), specimensOf(told(deadly)))} | ${perThousand(sum(told(milder), at, 'confirmed'), specimensOf(told(milder)))} | ${percent(sum(told(wanted), at, 'confirmed'), specimensOf(told(wanted)))} | ${percent(sum(told(wanted), at, 'ruledOut'), specimensOf(told(wanted)))} |`,
  );
const LAST = LOOKS.length - 1;
write('');
write('| worst: taken for | what stands there | phase | “confirmed” at any of twelve looks, in 1,000 |');
write('|---|---|---|---|');
for (const { of, told: t } of [...deadly, ...milder]
  .sort((a, b) => b.told.confirmed[LAST]! - a.told.confirmed[LAST]!)
  .slice(0, 12))
  write(`| ${of.wanted} | ${of.standing} | ${of.phase} | ${perThousand(t.confirmed[LAST]!, t.specimens)} |`);
write('');
write(
  `Not to be told apart by the field tables themselves, ${others.length} of ${all.length}: ${others.map(({ of }) => `${of.wanted} (${of.phase})`).join(', ')}.`,
);
write('');
write('| hardest to confirm | phase | after twelve looks | ruled out |');
write('|---|---|---|---|');
for (const { of, told: t } of [...wanted]
  .sort((a, b) => a.told.confirmed[LAST]! - b.told.confirmed[LAST]!)
  .slice(0, 16))
  write(
    `| ${of.wanted} | ${of.phase} | ${percent(t.confirmed[LAST]!, t.specimens)} | ${percent(t.ruledOut[LAST]!, t.specimens)} |`,
  );
