import jStat from 'jstat';

/**
 * Deterministic draws from the standard normal distribution, for a season effect shared by all stages and an own
 * effect of each stage. No random numbers: points of a Kronecker sequence (multiples of irrational numbers modulo 1),
 * which fill the space more evenly than chance and are the same every time.
 */
export interface Draws {
  readonly count: number;
  /** Shared season effect, from a distribution wider than the prior so that late and early years are reached. */
  readonly season: Float64Array;
  /** What corrects `season` for having been drawn too wide. */
  readonly weight: Float64Array;
  /** Own effect by stage. */
  readonly own: readonly Float64Array[];
}

const WIDENING = 1.6;
const GOLDEN = 0.6180339887498949;
const PRIMES = [2, 3, 5, 7, 11, 13, 17, 19, 23, 29, 31, 37, 41, 43, 47, 53];
const TABLE_SIZE = 2048;
const quantileTable = Float64Array.from({ length: TABLE_SIZE }, (_, i) =>
  jStat.normal.inv((i + 0.5) / TABLE_SIZE, 0, 1),
);
const kept = new Map<string, Draws>();

/** Draws for `count` points and `stages` stages. The same arguments give the same object: do not change it. */
export function drawsFor(count: number, stages: number): Draws {
  const key = `${count}:${stages}`;
  const before = kept.get(key);
  if (before) return before;
  const season = new Float64Array(count);
  const weight = new Float64Array(count);
  for (let j = 0; j < count; j++) {
    const z = WIDENING * normalAt(0.5 + (j + 1) * GOLDEN);
    season[j] = z;
    weight[j] = Math.exp(-0.5 * z * z * (1 - 1 / (WIDENING * WIDENING)));
  }
  const own = Array.from({ length: stages }, (_, s) => {
    const step = Math.sqrt(PRIMES[s % PRIMES.length]!) + Math.floor(s / PRIMES.length) * Math.E;
    return Float64Array.from({ length: count }, (_, j) => normalAt(0.5 + (j + 1) * step));
  });
  const draws = { count, season, weight, own };
  kept.set(key, draws);
  return draws;
}

function normalAt(position: number): number {
  return quantileTable[Math.floor((position - Math.floor(position)) * TABLE_SIZE)]!;
}
