// The reference run of a stand (10,000 runs × 50 years × 6 stages, no chance of single plants) in three languages, in turn, on this machine; and ours
// with that chance.
// node --import tsx bench/population/compare.ts [rounds]
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import {
  entriesOf,
  FAN,
  isCounted,
  LEAVE_ALONE,
  playAll,
  ratesOf,
  selectQuantiles,
  yearClassesOf,
  type LifeHistory,
  type StandModel,
} from '@emberfield/core/population';

const HERE = fileURLToPath(new URL('.', import.meta.url));
const [RUNS, YEARS, REPEATS] = [10_000, 50, 9];
const ROUNDS = Number(process.argv[2] ?? 5);
const [CAPACITY, FLOOR] = [400, 80];
const START = [300, 60, 40, 40, 30, 10];
const of = (value: number) => ({ value, low: value, high: value, source: 'constructed' });

/** Constructed: a slow herb with a seed bank, near to standing still. */
const HISTORY: LifeHistory = {
  stages: ['seed', 'seedling', 'juvenile', 'mature', 'flowering', 'old'],
  survival: {
    seed: of(0.6),
    seedling: of(0.5),
    juvenile: of(0.7),
    mature: of(0.85),
    flowering: of(0.85),
    old: of(0.8),
  },
  moves: [
    { from: 'seed', to: 'seedling', share: of(0.2) },
    { from: 'seedling', to: 'juvenile', share: of(1) },
    { from: 'juvenile', to: 'mature', share: of(0.35) },
    { from: 'mature', to: 'flowering', share: of(0.4) },
    { from: 'flowering', to: 'mature', share: of(0.3) },
    { from: 'flowering', to: 'old', share: of(0.1) },
  ],
  births: [
    { from: 'flowering', to: 'seed', kind: 'seed', number: of(16) },
    { from: 'old', to: 'seed', kind: 'seed', number: of(4) },
  ],
  years: { survival: 0.4, births: 0.6, correlation: 0.3 },
};

const rates = ratesOf(HISTORY);
const years = yearClassesOf(rates, HISTORY.years);
const model: StandModel = { rates, years, start: START, capacity: CAPACITY, plan: LEAVE_ALONE, stroke: null };

interface Told {
  readonly ms: number;
  readonly fan: readonly number[];
  readonly below: number;
  readonly ever: number;
}
const folder = mkdtempSync(join(tmpdir(), 'reference-'));
try {
  const file = join(folder, 'model.txt');
  writeFileSync(file, asText());
  const program = join(folder, 'simulate');
  const compiled = spawnSync('cc', ['-O3', '-o', program, join(HERE, 'simulate.c'), '-lm']).status === 0;
  const tried: Record<string, Told[]> = {};
  const note = (name: string, told: Told | null): void => void (told && (tried[name] ??= []).push(told));
  for (let round = 0; round < ROUNDS; round++) {
    note('here', here(round));
    note('singly', here(round, true));
    note('numpy', told('python3', [join(HERE, 'simulate.py'), file, String(REPEATS)]));
    if (compiled) note('C', told(program, [file, String(REPEATS)]));
  }
  report(tried);
  for (const name of ['numpy', 'C'].filter((n) => !tried[n]))
    process.stdout.write(`${name}: not to be had on this machine\n`);
} finally {
  rmSync(folder, { recursive: true, force: true });
}

/** The model as the other two read it. */
function asText(): string {
  const entries = entriesOf(rates);
  const lines = [
    `${rates.stages.length} ${years.count} ${entries.length} ${RUNS} ${YEARS} ${CAPACITY} ${FLOOR}`,
    rates.stages.map((s) => Number(isCounted(s))).join(' '),
    START.join(' '),
    ...entries.map((e) => `${e.to} ${e.from}`),
    ...entries.map((e) =>
      Array.from(
        { length: years.count },
        (_, c) => years.survival[e.from]![c]! * e.share + e.births.reduce((s, b) => s + years.births[b]![c]!, 0),
      ).join(' '),
    ),
  ];
  return `${lines.join('\n')}\n`;
}

function here(round: number, singly = false): Told {
  let last: Omit<Told, 'ms'> | null = null;
  const times = Array.from({ length: REPEATS }, (_, repeat) => {
    const before = performance.now();
    last = playedOnce(round * REPEATS + repeat, singly);
    return performance.now() - before;
  });
  return { ms: median(times), ...last! };
}

function playedOnce(seed: number, singly: boolean): Omit<Told, 'ms'> {
  const { plants } = playAll({ ...model, singly }, { seed: seed * 1_000_003, runs: RUNS, years: YEARS });
  const under = new Uint8Array(RUNS);
  let fan: readonly number[] = [];
  for (let year = 0; year < YEARS; year++) {
    const row = plants.subarray(year * RUNS, (year + 1) * RUNS);
    for (let r = 0; r < RUNS; r++) if (row[r]! < FLOOR) under[r] = 1;
    if (year < YEARS - 1) selectQuantiles(row, FAN);
  }
  const end = plants.slice((YEARS - 1) * RUNS);
  const below = end.filter((n) => n < FLOOR).length / RUNS;
  fan = selectQuantiles(end, FAN);
  return { fan, below, ever: under.reduce((s, x) => s + x, 0) / RUNS };
}

function told(program: string, args: readonly string[]): Told | null {
  const { status, stdout } = spawnSync(program, [...args], { encoding: 'utf8' });
  return status === 0 ? (JSON.parse(stdout) as Told) : null;
}

function median(values: readonly number[]): number {
  return [...values].sort((a, b) => a - b)[values.length >> 1]!;
}

function report(tried: Readonly<Record<string, readonly Told[]>>): void {
  const mine = median(tried['here']!.map((t) => t.ms));
  for (const [name, all] of Object.entries(tried)) {
    const ms = median(all.map((t) => t.ms));
    const { fan, below, ever } = all.at(-1)!;
    process.stdout.write(
      `${name.padEnd(6)} ${ms.toFixed(1).padStart(7)} ms, ${(ms / mine).toFixed(2)} of ours; fan ${fan.map((n) => n.toFixed(1)).join(' ')}; below ${below.toFixed(3)}, ever ${ever.toFixed(3)}\n`,
    );
  }
}
