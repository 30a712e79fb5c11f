// How long the season's plan takes, and what holds back its wants: medians of seasons drawn by seed.
// node --import tsx bench/season/plan.ts [seasons]
import loadHighs from 'highs';
import { chanceOf } from '@emberfield/core/random';
import { heldBackBy, planSeason, programmeOf, type SeasonTask, type Solver } from '@emberfield/core/supply';

const SEASONS = Number(process.argv[2] ?? 9);
const [STANDS, WEEKS, WANTS, KINDS] = [60, 40, 20, 12];
const highs = await loadHighs();
const solve: Solver = (text) => {
  const { Status, Columns } = highs.solve(text);
  if (Status !== 'Optimal') return null;
  return new Map(Object.entries(Columns).map(([name, c]) => [name, (c as { Primal: number }).Primal]));
};

function drawSeason(seed: number): SeasonTask {
  const { uniform } = chanceOf(seed);
  const sources = Array.from({ length: STANDS }, (_, i) => {
    const [first, long] = [Math.floor(uniform() * 200), 14 + Math.floor(uniform() * 60)];
    const open = (late: number) => ({ first: first + late, last: first + late + long });
    return {
      ...{ id: `s${i}`, what: `p${i % KINDS}`, left: 20 + Math.floor(200 * uniform()), unbarred: null, whole: true },
      ...{ minutesPerUnit: uniform() / 2, shares: i % 5 ? [] : ['permit'], peakShare: 0.4 },
      windows: [[open(-9), open(0), open(9)]],
    };
  });
  const wants = Array.from({ length: WANTS }, (_, i) => ({
    ...{ id: `w${i}`, amount: i % 4 ? 150 : 12, weekly: i % 4 === 0, first: 0, last: 7 * WEEKS - 1 },
    of: [
      { what: `p${i % KINDS}`, gives: 1 },
      { what: `p${(i * 5 + 1) % KINDS}`, gives: 0.6 },
    ],
  }));
  return { from: 0, weeks: WEEKS, minutesPerWeek: 300, wants, sources, shared: new Map([['permit', 400]]) };
}

const median = (all: readonly number[]): number => [...all].sort((a, b) => a - b)[all.length >> 1]!;
const found = Array.from({ length: SEASONS }, (_, seed) => {
  const task = drawSeason(seed + 1);
  const before = performance.now();
  const plan = planSeason(task, solve)!;
  const planned = performance.now() - before;
  const short = plan.wants.flatMap((w, i) => (w.expectedMissing > 0.01 * w.wanted ? [i] : []));
  for (const want of short) for (const _ of heldBackBy(task, plan, want, solve));
  return {
    planned,
    asked: performance.now() - before - planned,
    short: short.length,
    takes: programmeOf(task).takes.length,
  };
});
const of = (read: (f: (typeof found)[number]) => number): string =>
  `median ${median(found.map(read)).toFixed(0)}, at most ${Math.max(...found.map(read)).toFixed(0)}`;
process.stdout.write(`${STANDS} stands, ${WEEKS} weeks, ${WANTS} wants: ${of((f) => f.takes)} variables of takes\n`);
process.stdout.write(`the plan: ${of((f) => f.planned)} ms\n`);
process.stdout.write(
  `what holds back those that are not met (${of((f) => f.short)} of them): ${of((f) => f.asked)} ms\n`,
);
