import type { CountEstimate } from '../counting/index.ts';
import { Z90 } from '../measure/index.ts';
import { analyseMatrix } from './analysis.ts';
import { chanceOf, type Chance } from '../random/index.ts';
import { calibrate, drawCalibrated, type Calibration } from './drawn-rates.ts';
import { isCounted, projectionMatrix, type LifeHistory, type LifeStage, type Rates } from './life-history.ts';
import type { StandPlan } from './plan.ts';
import { FAN, selectQuantiles } from './quantiles.ts';
import { compileStand, playSlice, type Played, type StandModel } from './simulate.ts';
import type { Growth } from './trend.ts';
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

/** Where nobody said how many a place carries, it is taken to carry so many times what stands there now. An estimate. */
const USUAL_ROOM = 2;
/** No more of a stand is reckoned to have been killed in a year. */
export const MOST_KILLED = 0.9;

/**
 * What the future of a stand hangs on, by what its counts say.
 * @param counted growth from its counts, takes included; `null`: it was counted but once. @param killedShare of it that takes killed a year, 0 to `MOST_KILLED`
 */
export function prospectOf(
  history: LifeHistory,
  {
    plants,
    counted,
    killedShare,
    seed,
  }: {
    readonly plants: CountEstimate;
    readonly counted: Growth | null;
    readonly killedShare: number;
    readonly seed: number;
  },
): StandProspect {
  // What takes killed is put back: what is asked is how it grows by itself.
  const alone = counted && { ...counted, meanLog: counted.meanLog - Math.log(1 - killedShare) };
  const capacity = USUAL_ROOM * plants.value;
  return { calibration: calibrate(history, alone), plants, capacity, stroke: null, seed };
}

/** Runs that share what is drawn of what is not known: few, so that it is drawn often. */
export const DRAWN_RUNS = 50;

/** Seeds of the slices lie as far apart, so that what is drawn in one is not that of another. */
const SEED_STEP = 7919;

/**
 * Plays one slice of runs of a stand under a plan. Every slice draws anew what is not known: rates that fit the figures and the counts, and how many
 * plants there are; its runs share these and differ by their years. The same slice draws the same under every plan, so that plans are compared on
 * equal fortunes.
 * @param first run of the slice, a multiple of `DRAWN_RUNS` @param begins run of all that `into` begins with
 */
export function playFuture(prospect: StandProspect, plan: StandPlan, first: number, into: Played, begins = 0): void {
  const { capacity, crowding = 'limit', stroke, plants, seed } = prospect;
  const singly = plants.value <= FEW_PLANTS;
  const stand = compileStand({ ...drawOf(prospect, first), capacity, crowding, stroke, plan, singly });
  playSlice(stand, seed, { first, begins, most: DRAWN_RUNS }, into);
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
export const FEW_PLANTS = 100;

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
