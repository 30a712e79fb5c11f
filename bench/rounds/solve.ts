// How long a round takes to find, by the number of stops: medians of outings drawn by seed.
// node --import tsx bench/rounds/solve.ts [outings]
import { planRound } from '@emberfield/core/rounds';
import { drawOuting } from '../../core/src/rounds/made-outing.ts';

const OUTINGS = Number(process.argv[2] ?? 9);
const TEN_HOURS = { leavesAt: 480, backBy: 1080 };
for (const stops of [6, 12, 13, 20, 60]) {
  const times = Array.from({ length: OUTINGS }, (_, seed) => {
    const outing = drawOuting(stops, seed, TEN_HOURS);
    const before = performance.now();
    planRound(outing);
    return performance.now() - before;
  }).sort((a, b) => a - b);
  process.stdout.write(
    `${stops} stops: median ${times[OUTINGS >> 1]!.toFixed(0)} ms, at most ${times.at(-1)!.toFixed(0)} ms\n`,
  );
}
