import type { DayNumber } from '../../measure/index.ts';
import { missOf, type SeenInterval, type Trial } from './backtest.ts';
import type { Rivals } from './rivals.ts';

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
 * Mean error of forecasts and rules over the trials that can be compared; a date within what was seen counts 0.
 * `cameOn`: the day itself where it is known (a simulated island); else the share of the seen interval that lies in the band
 * stands in for whether it was covered. `null` without any trial.
 * @param rules what it is compared with; a group without weather has no degree days.
 */
export function scoresOf(
  trials: readonly Trial[],
  cameOn: (trial: Trial) => DayNumber | null = () => null,
  rules: readonly (keyof Rivals)[] = ALL_RULES,
): Scores | null {
  const fair = comparable(trials, rules);
  if (fair.length === 0) return null;
  const mean = (of: (t: Trial) => number): number => fair.reduce((sum, t) => sum + of(t), 0) / fair.length;
  const off = (day: number | null, t: Trial): number => Math.abs(missOf(day!, t.seen));
  return {
    trials: fair.length,
    forecast: mean((t) => off(t.forecast.p50, t)),
    bias: mean((t) => {
      const day = cameOn(t);
      return day === null ? missOf(t.forecast.p50!, t.seen) : t.forecast.p50! - day;
    }),
    covered: mean((t) => {
      const day = cameOn(t);
      const [from, to] = [t.forecast.p10!, t.forecast.p90!];
      return day === null ? shareWithin(t.seen, from, to) : Number(day >= from && day <= to);
    }),
    lastYear: mean((t) => off(t.rivals.lastYear, t)),
    meanDate: mean((t) => off(t.rivals.meanDate, t)),
    degreeDays: rules.includes('degreeDays') ? mean((t) => off(t.rivals.degreeDays, t)) : null,
  };
}

function shareWithin({ after, by }: SeenInterval, from: DayNumber, to: DayNumber): number {
  const days = Math.min(by, to) - Math.max(after + 1, from) + 1;
  return Math.max(0, days) / (by - after);
}

/**
 * Shares of what came before the 10 % day, from it up to the 50 % day, from there up to the 90 % day, and after it; an interval
 * that reaches over an edge counts on both sides by its days. 0.1, 0.4, 0.4, 0.1 is what honest bands give. `null` without trials.
 */
export function bandShares(trials: readonly Trial[]): readonly [number, number, number, number] | null {
  const dated = trials.filter(({ forecast: { p10, p50, p90 } }) => p10 !== null && p50 !== null && p90 !== null);
  if (dated.length === 0) return null;
  const shares: [number, number, number, number] = [0, 0, 0, 0];
  for (const { seen, forecast } of dated) {
    const [p10, p50, p90] = [forecast.p10!, forecast.p50!, forecast.p90!];
    shares[0] += shareWithin(seen, -Infinity, p10 - 1) / dated.length;
    shares[1] += shareWithin(seen, p10, p50) / dated.length;
    shares[2] += shareWithin(seen, p50 + 1, p90) / dated.length;
    shares[3] += shareWithin(seen, p90 + 1, Infinity) / dated.length;
  }
  return shares;
}
