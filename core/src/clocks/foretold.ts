// How well a clock foretells seasons that were left out of learning it.
import jStat from 'jstat';
import { PRIOR_SCALES } from '../stages/index.ts';
import type { SeenSeason } from './seen-seasons.ts';
import { dayAt, type StageClock } from './stage-clock.ts';

/** A stage that was seen to come between two days of a season. */
export interface SeenCase {
  readonly stand: number;
  readonly season: number;
  readonly stage: number;
  readonly after: number;
  readonly by: number;
}

/** Longer intervals say too little of which clock is right. */
const WIDEST_DAYS = 35;

export const casesOf = (stand: number, { season, bounds }: SeenSeason): readonly SeenCase[] =>
  bounds.flatMap(({ after, by }, stage) =>
    after !== null && by !== null && by - after <= WIDEST_DAYS ? [{ stand, season, stage, after, by }] : [],
  );

/** What a profile's figure is worth, and a stand's likeness to its kind, in cases (estimates). */
const PROFILE_WORTH = 0.3;
const KIND_WORTH = 2;
/** Of ten cases one may be a mistake, and then lies anywhere within some weeks (estimates). */
const MISTAKES = 0.1;
const MISTAKE_SPREAD = 5;
/** No clock foretells better than so many days, and by so much it does beforehand, worth so many cases. */
const LEAST_SD_DAYS = 1.5;
const USUAL_SD_DAYS = 7;
const SD_WORTH = 2;

/** The same on the clock: what a season, a season at a stand and a stage have of their own beforehand, worth so many cases. */
const USUAL_VARIANCE = PRIOR_SCALES.season + PRIOR_SCALES.standSeason + PRIOR_SCALES.stage;
const LEAST_VARIANCE = 0.15;
const VARIANCE_WORTH = 4;

const cdf = (x: number): number => jStat.normal.cdf(x, 0, 1);

/**
 * Probability of every case under one clock, each from the seasons other than its own: the kind's mean at the stage, drawn towards
 * the profile's; the stand's own way, drawn towards the kind's; and a spread as large as the misses were, with room for mistakes.
 * @param clockOf the clock of a case's stage in its season at its stand, `null` where it has none
 */
export function foretold(
  cases: readonly SeenCase[],
  clockOf: (one: SeenCase) => StageClock | null,
): { readonly probabilities: readonly number[]; readonly varianceAt: (stage: number) => number } {
  const placed = cases.map((c) => {
    const clock = clockOf(c);
    return clock && { ...c, clock, at: clock.at((c.after + 1 + c.by) / 2) };
  });
  const missed = placed.map((one) => one && missOf(one, placed));
  const misses = missed.map((m) => m && m.days);
  const sd = spreadOf(misses);
  const probabilities = cases.map(({ after, by }, i) => {
    const middle = misses[i];
    if (middle === null || middle === undefined) return 1e-6;
    const day = (after + 1 + by) / 2 - middle;
    const within = (by2: number): number => cdf((by + 0.5 - day) / by2) - cdf((after + 0.5 - day) / by2);
    return (1 - MISTAKES) * within(sd) + MISTAKES * within(MISTAKE_SPREAD * sd) + 1e-6;
  });
  return { probabilities, varianceAt: variancesOf(missed, cases) };
}

interface Placed extends SeenCase {
  readonly clock: StageClock;
  readonly at: number;
}

/** By how much a case came later than foretold from the other seasons. */
interface Miss {
  /** In days; `null` where it was never to come. */
  readonly days: number | null;
  /** On the clock, and what of its square is due to nobody having looked in between. */
  readonly onClock: number;
  readonly unseen: number;
}

function missOf(one: Placed, all: readonly (Placed | null)[]): Miss {
  const others = all.filter((o): o is Placed => o !== null && o.season !== one.season);
  const means = new Map<number, number>();
  const meanAt = (stage: number): number => {
    let mean = means.get(stage);
    if (mean === undefined) {
      const same = others.filter((o) => o.stage === stage);
      mean = same.reduce((sum, o) => sum + o.at, 0) / (same.length + PROFILE_WORTH);
      means.set(stage, mean);
    }
    return mean;
  };
  const own = others.filter((o) => o.stand === one.stand);
  const stand = own.reduce((sum, o) => sum + o.at - meanAt(o.stage), 0) / (own.length + KIND_WORTH);
  const expected = meanAt(one.stage) + stand;
  const day = dayAt(one.clock, expected);
  const wide = one.clock.at(one.by) - one.clock.at(one.after);
  return {
    days: day === null ? null : (one.after + 1 + one.by) / 2 - day,
    onClock: one.at - expected,
    unseen: wide ** 2 / 12,
  };
}

/**
 * Variance of what is of one season, in units of the profile's, by stage: of the misses on the clock, each stage drawn towards the
 * middle one, and that towards what is usual.
 */
function variancesOf(misses: readonly (Miss | null)[], cases: readonly SeenCase[]): (stage: number) => number {
  const byStage = new Map<number, { sum: number; count: number }>();
  const sizes = misses.flatMap((m) => (m ? [Math.abs(m.onClock)] : [])).sort((a, b) => a - b);
  const most = 4 * Math.max(0.2, sizes[sizes.length >> 1] ?? 0);
  misses.forEach((m, i) => {
    if (!m) return;
    const of = byStage.get(cases[i]!.stage) ?? { sum: 0, count: 0 };
    of.sum += Math.min(most, Math.abs(m.onClock)) ** 2 - m.unseen;
    of.count++;
    byStage.set(cases[i]!.stage, of);
  });
  const drawn = ({ sum, count }: { readonly sum: number; readonly count: number }, to: number): number =>
    Math.max(LEAST_VARIANCE, (sum + VARIANCE_WORTH * to) / (count + VARIANCE_WORTH));
  const all = [...byStage.values()].map((of) => drawn(of, USUAL_VARIANCE)).sort((a, b) => a - b);
  const middle = all[all.length >> 1] ?? USUAL_VARIANCE;
  return (stage) => drawn(byStage.get(stage) ?? { sum: 0, count: 0 }, middle);
}

/** Root mean square of the misses, those far out held at three times the middle one. */
function spreadOf(misses: readonly (number | null)[]): number {
  const sizes = misses.flatMap((m) => (m === null ? [] : [Math.abs(m)])).sort((a, b) => a - b);
  const most = Math.max(LEAST_SD_DAYS, 4.5 * (sizes[sizes.length >> 1] ?? 0));
  const sum = sizes.reduce((t, m) => t + Math.min(most, m) ** 2, SD_WORTH * USUAL_SD_DAYS ** 2);
  return Math.max(LEAST_SD_DAYS, Math.sqrt(sum / (sizes.length + SD_WORTH)));
}
