import type { CountEstimate } from '../counting/index.ts';
import { Z90 } from '../measure/index.ts';
import { analyseMatrix } from './analysis.ts';
import { chanceOf, type Chance } from './chance.ts';
import { drawCalibrated, type Calibration } from './drawn-rates.ts';
import { isCounted, projectionMatrix, type LifeStage, type Rates } from './life-history.ts';
import type { StandPlan } from './plan.ts';
import { FAN, selectQuantiles } from './quantiles.ts';
import { compileStand, emptyPlayed, playSlice, type Played, type StandModel } from './simulate.ts';
import { yearClassesOf } from './years.ts';

/** All that the future of a stand hangs on, but for what is done to it. */
export interface StandProspect {
  readonly calibration: Calibration;
  /** How many plants it has, with the 90 % interval. */
  readonly plants: CountEstimate;
  readonly capacity: number;
  readonly crowding?: StandModel['crowding'];
  readonly stroke: StandModel['stroke'];
  readonly seed: number;
}

/** Runs that share what is drawn of what is not known: few, so that it is drawn often. */
export const DRAWN_RUNS = 50;

/** Seeds of the slices lie as far apart, so that what is drawn in one is not that of another. */
const SEED_STEP = 7919;

/**
 * Plays one slice of runs of a stand under a plan. Every slice draws anew what is not known: rates that fit the figures and the counts, and how many
 * plants there are; its runs share these and differ by their years. The same slice draws the same under every plan, so that plans are compared on
 * equal fortunes.
 * @param first run of the slice, a multiple of `DRAWN_RUNS`
 */
export function playFuture(prospect: StandProspect, plan: StandPlan, first: number, into: Played): void {
  const { capacity, crowding = 'limit', stroke, plants, seed } = prospect;
  const singly = plants.value <= FEW_PLANTS;
  const stand = compileStand({ ...drawOf(prospect, first), capacity, crowding, stroke, plan, singly });
  playSlice(stand, seed, first, into, DRAWN_RUNS);
}

/** What is drawn of a prospect, by slice: every plan asks for it again. */
type Draw = Pick<StandModel, 'rates' | 'years' | 'start'>;
const draws = new WeakMap<StandProspect, Map<number, Draw>>();

function drawOf(prospect: StandProspect, first: number): Draw {
  const known = draws.get(prospect) ?? new Map<number, Draw>();
  draws.set(prospect, known);
  const before = known.get(first);
  if (before) return before;
  const { calibration, plants, seed } = prospect;
  const chance = chanceOf(seed + (first / DRAWN_RUNS) * SEED_STEP);
  const rates = drawCalibrated(calibration, chance);
  const draw: Draw = {
    rates,
    years: yearClassesOf(rates, calibration.history.years),
    start: startOf(rates, drawPlants(plants, chance)),
  };
  known.set(first, draw);
  return draw;
}

/**
 * Of more than so many plants the luck of single ones evens out beside good and bad years (an estimate): its variance falls with one over their number,
 * that of the years does not; Lande, R. (1993), American Naturalist 142.
 */
const FEW_PLANTS = 100;

function drawPlants({ value, low, high }: CountEstimate, chance: Chance): number {
  if (value === 0) return 0;
  const z = chance.normal();
  const side = z < 0 ? Math.log(value / Math.max(low, value / 50)) : Math.log(Math.max(high, value) / value);
  return value * Math.exp((z * side) / Z90);
}

/** Plants by stage of a stand of which so many are counted, as the stages stand in the long run. */
export function startOf(rates: Rates, counted: number): readonly number[] {
  const { stableStages } = analyseMatrix(projectionMatrix(rates));
  const share = stableStages.reduce((s, x, i) => s + (isCounted(rates.stages[i]!) ? x : 0), 0);
  return stableStages.map((x) => (share > 0 ? (x * counted) / share : 0));
}

/** Share of the counted plants that are in some stages, as these stand in the long run; 0–1. */
export const standingShare = (rates: Rates, stages: readonly LifeStage[]): number =>
  startOf(rates, 1).reduce((sum, n, i) => sum + (stages.includes(rates.stages[i]!) ? n : 0), 0);

/** What came of a plan, over all runs that were played. */
export interface FutureTold {
  readonly runs: number;
  /** Plants at the end of each year, at the shares of `FAN`. */
  readonly fan: readonly (readonly number[])[];
  /** Share of runs below the floor at the end of each year. */
  readonly below: readonly number[];
  /** Share of runs that were below it at the end of any year. */
  readonly everBelow: number;
  /** Plants touched over all years, at the shares of `FAN`. */
  readonly touched: readonly number[];
  /** In the first year, at the shares of `FAN`. */
  readonly touchedNow: readonly number[];
  /** Years after which half of the runs are where they began, once they were below it; `null` where they never were, or do not come back. */
  readonly recoveredIn: number | null;
}

/**
 * Tells what came of the runs played so far.
 * @param runs the first of them; more may be to come. @param floorShare of the plants of each run at its beginning.
 */
export function tellFuture(
  { runs: room, years, began, plants, touched }: Played,
  runs: number,
  floorShare: number,
): FutureTold {
  const ever = new Uint8Array(runs);
  const sums = new Float64Array(runs);
  const fan: (readonly number[])[] = [];
  const below: number[] = [];
  const fallen: number[] = [];
  for (let year = 0; year < years; year++) {
    const row = plants.subarray(year * room, year * room + runs);
    let [under, less] = [0, 0];
    for (let r = 0; r < runs; r++) {
      sums[r] = sums[r]! + touched[year * room + r]!;
      if (row[r]! < began[r]!) less++;
      if (row[r]! >= floorShare * began[r]!) continue;
      under++;
      ever[r] = 1;
    }
    below.push(under / runs);
    fallen.push(less / runs);
    fan.push(selectQuantiles(row, FAN));
  }
  const fell = fallen.findIndex((share) => share > 0.5);
  const back = fell < 0 ? -1 : fallen.findIndex((share, year) => year > fell && share <= 0.5);
  return {
    runs,
    fan,
    below,
    everBelow: ever.reduce((s, x) => s + x, 0) / runs,
    touched: selectQuantiles(sums, FAN),
    touchedNow: selectQuantiles(touched.subarray(0, runs), FAN),
    recoveredIn: back < 0 ? null : back + 1,
  };
}

/** What is asked of a share that is to last. */
export interface Lasting {
  /** Plants that are to be left, as a share of today's. */
  readonly floorShare: number;
  readonly years: number;
  /** In so many futures of all, 0–1. */
  readonly confidence: number;
}
/** As people asked of it: four of five plants, thirty years on, in nine futures of ten. */
export const USUAL_LASTING: Lasting = { floorShare: 0.8, years: 30, confidence: 0.9 };

export interface LastingShare {
  /** The largest share that lasts; `null`: not even leaving it alone does. */
  readonly share: number | null;
  /** Where it may lie, for as many draws as were played of what is not known: 90 %. */
  readonly low: number;
  readonly high: number;
  /** In so many futures it holds if nothing is taken. */
  readonly holdsAlone: number;
  /** Futures that were played of each try. */
  readonly runs: number;
}

const LASTING_RUNS = 2000;
const SHARE_STEPS = 9;

/** As `seekLasting`, at one go. */
export function lastingShare(...asked: Parameters<typeof seekLasting>): LastingShare {
  const search = seekLasting(...asked);
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
  }
}

/**
 * The largest share that can be taken, so that at the end of the years the stand has not fallen below the floor in as many futures as asked, by
 * halving on common runs: more taken never leaves more, so there is one such share. Never called safe. Stops after every try, for who has something else
 * to do meanwhile.
 * @param plan what is done, its share being what is sought.
 * @param runs a multiple of `DRAWN_RUNS`.
 * Cost: runs × years × entries × about 20.
 */
export function* seekLasting(
  prospect: StandProspect,
  plan: StandPlan,
  lasting: Lasting = USUAL_LASTING,
  runs = LASTING_RUNS,
): Generator<void, LastingShare> {
  const known = new Map<number, Held>();
  function* holds(share: number): Generator<void, Held> {
    const before = known.get(share);
    if (before) return before;
    const held = heldUnder(prospect, { ...plan, share }, lasting, runs);
    known.set(share, held);
    yield;
    return held;
  }
  function* largest(confidence: number): Generator<void, number | null> {
    if ((yield* holds(0)).mean < confidence) return null;
    if ((yield* holds(1)).mean >= confidence) return 1;
    let [low, high] = [0, 1];
    for (let i = 0; i < SHARE_STEPS; i++) {
      const middle = (low + high) / 2;
      if ((yield* holds(middle)).mean >= confidence) low = middle;
      else high = middle;
    }
    return low;
  }
  const share = yield* largest(lasting.confidence);
  const { error } = yield* holds(share ?? 0);
  return {
    share,
    low: share === null ? 0 : ((yield* largest(Math.min(1, lasting.confidence + error))) ?? 0),
    high: (yield* largest(lasting.confidence - error)) ?? 0,
    holdsAlone: (yield* holds(0)).mean,
    runs,
  };
}

/** In so many futures a stand holds under a plan, and half the width of the 90 % range of that. */
interface Held {
  readonly mean: number;
  readonly error: number;
}

/** Runs of a slice share what is not known of the stand: how far slices differ says how sure the mean is, not how many runs there were. */
function heldUnder(prospect: StandProspect, plan: StandPlan, { years, floorShare }: Lasting, runs: number): Held {
  const played = emptyPlayed(runs, years);
  const held: number[] = [];
  for (let first = 0; first < runs; first += DRAWN_RUNS) {
    playFuture(prospect, plan, first, played);
    let n = 0;
    for (let r = first; r < first + DRAWN_RUNS; r++)
      if (played.plants[(years - 1) * runs + r]! >= floorShare * played.began[r]!) n++;
    held.push(n / DRAWN_RUNS);
  }
  const mean = held.reduce((s, x) => s + x, 0) / held.length;
  const variance = held.reduce((s, x) => s + (x - mean) ** 2, 0) / Math.max(1, held.length - 1);
  return { mean, error: Z90 * Math.sqrt(variance / held.length) };
}
