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
  /** Where a draw stands among the ways in which a season may be dated, 0 to 1. */
  readonly share: Float64Array;
  /** How far a draw lies beyond what is overdue, 0 to 1. */
  readonly late: Float64Array;
}

const WIDENING = 1.6;
const GOLDEN = 0.6180339887498949;
const PRIMES = [2, 3, 5, 7, 11, 13, 17, 19, 23, 29, 31, 37, 41, 43, 47, 53];
const SHARE_STEP = Math.PI;
const LATE_STEP = Math.LN2;
const TABLE_SIZE = 2048;
const quantileTable = Float64Array.from({ length: TABLE_SIZE }, (_, i) =>
  jStat.normal.inv((i + 0.5) / TABLE_SIZE, 0, 1),
);
const kept = new Map<string, Draws>();

/**
 * Draws for `count` points and `stages` stages. Point j is of weather year j modulo `years`: each year gets a season effect from
 * every one of as many equal shares of the distribution as it has points, so that what a season is does not hang on the weather
 * that it is drawn with. The same arguments give the same object: do not change it.
 * @param count a multiple of `years`
 */
export function drawsFor(count: number, stages: number, years = 1): Draws {
  const key = `${count}:${stages}:${years}`;
  const before = kept.get(key);
  if (before) return before;
  const season = new Float64Array(count);
  const weight = new Float64Array(count);
  const perYear = count / years;
  for (let j = 0; j < count; j++) {
    const year = j % years;
    const z = WIDENING * normalAt((Math.floor(j / years) + fraction(0.5 + year * GOLDEN)) / perYear);
    season[j] = z;
    weight[j] = Math.exp(-0.5 * z * z * (1 - 1 / (WIDENING * WIDENING)));
  }
  const own = Array.from({ length: stages }, (_, s) => {
    const step = Math.sqrt(PRIMES[s % PRIMES.length]!) + Math.floor(s / PRIMES.length) * Math.E;
    return positions(count, years, step).map(normalAt);
  });
  const share = positions(count, years, SHARE_STEP);
  const draws = { count, season, weight, own, share, late: positions(count, years, LATE_STEP) };
  kept.set(key, draws);
  return draws;
}

/** Points of a Kronecker sequence, one for each draw of a year, turned on by another step from year to year. */
function positions(count: number, years: number, step: number): Float64Array {
  return Float64Array.from({ length: count }, (_, j) =>
    fraction(0.5 + (Math.floor(j / years) + 1) * step + (j % years) * step * GOLDEN),
  );
}

const fraction = (v: number): number => v - Math.floor(v);

function normalAt(position: number): number {
  return quantileTable[Math.floor((position - Math.floor(position)) * TABLE_SIZE)]!;
}
