import type { Trial } from './backtest.ts';
import { meanMiss, type MeanMiss } from './misses.ts';
import type { Rivals } from './rivals.ts';
import type { SeenInterval } from './seen-interval.ts';

/** How far off forecasts and simple rules were, in days; the sign of a bias is "later than it came". */
export interface Scores {
  readonly trials: number;
  readonly forecast: number;
  readonly bias: number;
  /** Share of what came that lay within the 80 % band. */
  readonly covered: number;
  readonly lastYear: number;
  readonly meanDate: number;
  /** `null` where it was not compared with. */
  readonly degreeDays: number | null;
}

/** The rules that need no weather. */
export const DATE_RULES = ['lastYear', 'meanDate'] as const satisfies readonly (keyof Rivals)[];
export const ALL_RULES = [...DATE_RULES, 'degreeDays'] as const satisfies readonly (keyof Rivals)[];

/** Trials in which the forecast and each of the rules gave a date: only so are they compared on the same things. */
export const comparable = (trials: readonly Trial[], rules: readonly (keyof Rivals)[] = ALL_RULES): readonly Trial[] =>
  trials.filter(
    ({ forecast: { p10, p50, p90 }, rivals }) => ![p10, p50, p90, ...rules.map((rule) => rivals[rule])].includes(null),
  );

/**
 * How far off forecasts and rules were over the trials that can be compared; see `meanMiss` for what lies between two visits.
 * `null` without any trial.
 * @param rules what it is compared with; a group without weather has no degree days.
 */
export function scoresOf(trials: readonly Trial[], rules: readonly (keyof Rivals)[] = ALL_RULES): Scores | null {
  const fair = comparable(trials, rules);
  const missBy = (of: (t: Trial) => number | null): MeanMiss | null =>
    meanMiss(fair.map((t) => ({ day: of(t)!, seen: t.seen })));
  const forecast = missBy((t) => t.forecast.p50);
  if (!forecast) return null;
  const [, early, late] = bandShares(fair)!;
  return {
    trials: fair.length,
    forecast: forecast.size,
    bias: forecast.bias,
    covered: early + late,
    lastYear: missBy((t) => t.rivals.lastYear)!.size,
    meanDate: missBy((t) => t.rivals.meanDate)!.size,
    degreeDays: rules.includes('degreeDays') ? missBy((t) => t.rivals.degreeDays)!.size : null,
  };
}

type BandShares = readonly [number, number, number, number];
/** Where honest bands put what comes: before the 10 % day, up to the 50 % day, up to the 90 % day, after it. */
export const HONEST: BandShares = [0.1, 0.4, 0.4, 0.1];
const SWEEPS = 200;

/**
 * Shares of what came before the 10 % day, from it up to the 50 % day, from there up to the 90 % day, and after it. What came is
 * known only to lie between two visits, so the shares are those under which the intervals seen are likeliest (self-consistent:
 * each interval is spread over the bins that it touches as the shares themselves have it). The tails are taken to be as wide as
 * the half of the band beside them. `null` without trials.
 * Source: Turnbull, B. W. (1976), The empirical distribution function with arbitrarily grouped, censored and truncated data,
 * Journal of the Royal Statistical Society B 38, 290–295.
 */
export function bandShares(trials: readonly Trial[]): BandShares | null {
  const touched = trials.flatMap(({ seen, forecast: { p10, p50, p90 } }) => {
    if (p10 === null || p50 === null || p90 === null) return [];
    const [early, late] = [Math.max(1, p50 - p10), Math.max(1, p90 - p50)];
    const edges = [p10 - early, p10, p50 + 1, p90 + 1, p90 + 1 + late];
    return [touching(seen, edges)];
  });
  if (touched.length === 0) return null;
  let shares: number[] = [...HONEST];
  for (let sweep = 0; sweep < SWEEPS; sweep++) {
    const next = [0, 0, 0, 0];
    for (const bins of touched) {
      const total = bins.reduce((sum, b, k) => sum + b * shares[k]!, 0);
      // An interval that only bins without any share could hold keeps to those it touches.
      bins.forEach((b, k) => (next[k]! += (total > 0 ? (b * shares[k]!) / total : b / sumOf(bins)) / touched.length));
    }
    shares = next;
  }
  return shares as unknown as BandShares;
}

/** Share of each bin that lies within what was seen; the outer bins hold all that lies beyond them too. */
function touching({ after, by }: SeenInterval, edges: readonly number[]): readonly number[] {
  const last = edges.length - 2;
  const from = after + 1;
  const to = by + 1;
  return Array.from({ length: last + 1 }, (_, k) => {
    const [low, high] = [edges[k]!, edges[k + 1]!];
    if (k === 0 && to <= low) return 1;
    if (k === last && from >= high) return 1;
    return high > low ? Math.max(0, Math.min(to, high) - Math.max(from, low)) / (high - low) : 0;
  });
}
const sumOf = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0);
