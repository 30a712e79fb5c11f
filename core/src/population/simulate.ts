import { ALL_BITS, fillBits, fillState } from '../random/index.ts';
import { growthOfMatrix } from './analysis.ts';
import { isCounted, projectionMatrix, type Rates } from './life-history.ts';
import { takingFactors, type StandPlan } from './plan.ts';
import { addNumber, addScaled, chooseWhere, divideBy, scaleRow, strike } from './rows.ts';
import { fastRows } from './fast-rows.ts';
import { plainRows, type SliceRows } from './slice-rows.ts';
import { singlePlants, stepSingly, type SinglePlants } from './single-plants.ts';
import { tableOf, type Table } from './year-tables.ts';
import type { YearClasses } from './years.ts';

/**
 * Density dependence. `limit`: what is above what the place carries dies, below it nothing is felt (ceiling model). `gradual`: the more stand there,
 * the fewer come after them, so that the mean stand comes to rest at what the place carries (Beverton, R. J. H. & Holt, S. J. 1957, on the whole
 * vector of stages); a stand that does not grow by itself is not held back.
 */
export const CROWDINGS = ['limit', 'gradual'] as const;
export type Crowding = (typeof CROWDINGS)[number];

/** A stand and what is done to it, ready to be played. */
export interface StandModel {
  readonly rates: Rates;
  readonly years: YearClasses;
  /** Plants by stage at the beginning. */
  readonly start: readonly number[];
  /** Most plants that the place carries, of those that are counted; `Infinity` where nothing holds them back. */
  readonly capacity: number;
  /** How a place that fills up holds them back; left out: `limit`. */
  readonly crowding?: Crowding;
  readonly plan: StandPlan;
  /** A bad stroke (a mown verge, a flood): how likely a year, and which share of the counted plants it takes. */
  readonly stroke: { readonly chance: number; readonly share: number } | null;
  /** Every plant has its own luck: for stands of so few that it decides. Left out: it does not. */
  readonly singly?: boolean;
}

/** Plants at the beginning of every run; plants at the end of each year and what was touched in it, [year × runs + run]. Counted ones. */
export interface Played {
  readonly runs: number;
  readonly years: number;
  readonly began: Float64Array;
  readonly plants: Float64Array;
  readonly touched: Float64Array;
}

/** Runs that are played together: enough for the loops to run long, few enough for their plants to stay in the nearest memory. */
export const SLICE = 250;

export const emptyPlayed = (runs: number, years: number): Played => ({
  runs,
  years,
  began: new Float64Array(runs),
  plants: new Float64Array(runs * years),
  touched: new Float64Array(runs * years),
});

export interface CompiledStand {
  readonly model: StandModel;
  readonly counted: readonly number[];
  readonly plain: Table;
  readonly taken: Table;
  readonly touched: Float64Array;
  /** What each plant that stands takes of next year's growth; `null` where places have a limit instead. */
  readonly crowding: CrowdingFactors | null;
  /** By the plain loops: plant by plant there are no others. */
  readonly inPlain: boolean;
}

/**
 * Prepares a stand for `playSlice`.
 * @param inPlain by the plain loops, where others could be had
 * @throws RangeError as `takingFactors`, or for a beginning of another number of stages.
 */
export function compileStand(model: StandModel, inPlain = model.singly ?? false): CompiledStand {
  const { rates, start } = model;
  if (start.length !== rates.stages.length || start.some((n) => !(n >= 0)))
    throw new RangeError('a stand begins with a number from 0 up of each stage');
  const factors = takingFactors(rates, model.plan);
  const { share, everyYears, fromCount } = model.plan;
  const taken = tableOf(model, factors);
  // Where nothing is ever taken, or every year whatever there is, all years are of one kind.
  const alike = share === 0 || (everyYears === 1 && fromCount === 0);
  return {
    model,
    counted: rates.stages.flatMap((s, i) => (isCounted(s) ? [i] : [])),
    plain: alike ? taken : tableOf(model, takingFactors(rates, { ...model.plan, share: 0 })),
    taken,
    touched: factors.touched,
    crowding: crowdingOf(model, factors),
    inPlain,
  };
}

interface CrowdingFactors {
  /** By so much a plant divides the growth. */
  readonly each: number;
  /** Counted plants that still stand when they have been taken from, by stage. */
  readonly standing: readonly number[];
}

function crowdingOf(
  { rates, capacity, crowding }: StandModel,
  { stays, back }: ReturnType<typeof takingFactors>,
): CrowdingFactors | null {
  if (crowding !== 'gradual' || capacity === Infinity) return null;
  const growth = growthOfMatrix(projectionMatrix(rates)) - 1;
  return {
    each: Math.max(0, growth) / capacity,
    standing: rates.stages.map((s, i) => (isCounted(s) ? stays[i]! + back[i]! : 0)),
  };
}

/** The projection matrix of the mean year with what a plan does before it, [to][from]. @throws RangeError as `takingFactors` */
export function matrixUnder(rates: Rates, plan: StandPlan): readonly (readonly number[])[] {
  const one = (x: number): Float64Array => Float64Array.of(x);
  const years: YearClasses = {
    count: 1,
    survival: rates.survival.map(one),
    births: rates.births.map((b) => one(b.number)),
  };
  const { sources } = tableOf({ rates, years, plan }, takingFactors(rates, plan));
  return sources.map((of) => rates.stages.map((_, from) => of.find((s) => s.from === from)?.value[0] ?? 0));
}

/**
 * Plays some runs of a stand over all years: every run has its own good and bad years, and where the stand is small every plant its own luck. The same
 * seed and first run give the same.
 * @param first run of the slice; @param begins the run of all that `into` begins with; @param most runs of it, if there is room for as many.
 * Cost: runs × years × entries of the matrix.
 */
export function playSlice(
  stand: CompiledStand,
  seed: number,
  { first, begins = 0, most = SLICE }: { readonly first: number; readonly begins?: number; readonly most?: number },
  into: Played,
): void {
  const begin = first - begins;
  const slice = openSlice(stand, Math.min(most, into.runs - begin));
  fillState(slice.state, seed + first);
  fillState(slice.singly.state, seed + first + OF_SINGLE_PLANTS);
  slice.sum(slice.now);
  into.began.set(slice.total, begin);
  for (let year = 0; year < into.years; year++) {
    const at = year * into.runs + begin;
    playYear(stand, slice, year, into.touched, at);
    into.plants.set(slice.total, at);
  }
}

/** Puts runs that were played elsewhere among all of them. @param first of them */
export function placeRuns(into: Played, part: Played, first: number): void {
  into.began.set(part.began, first);
  for (let year = 0; year < part.years; year++) {
    const [from, to] = [year * part.runs, year * into.runs + first];
    into.plants.set(part.plants.subarray(from, from + part.runs), to);
    into.touched.set(part.touched.subarray(from, from + part.runs), to);
  }
}

/** So far the chance of single plants lies from that of the years. */
const OF_SINGLE_PLANTS = 0x5bd1e995;

/** Runs of a slice as they stand. */
interface Slice extends SliceRows {
  readonly count: number;
  readonly stages: number;
  /** Where the rows of this year and of the next begin; they change places. */
  now: number;
  next: number;
  readonly other: number;
  readonly strokes: Int32Array;
  readonly state: Uint32Array;
  /** Where single plants have luck of their own; see `stepSingly`. */
  readonly singly: SinglePlants;
}

function openSlice({ model: { start }, counted, plain, taken, inPlain }: CompiledStand, count: number): Slice {
  const stages = start.length;
  const fast = inPlain ? null : fastRows(count, stages, counted, [plain.sources, taken.sources]);
  const slice = fast ?? plainRows(count, stages, counted);
  start.forEach((n, s) => slice.rows.fill(n, s * count, (s + 1) * count));
  return {
    ...slice,
    count,
    stages,
    now: 0,
    next: stages * count,
    other: 2 * stages * count,
    strokes: new Int32Array(count),
    state: new Uint32Array(4),
    singly: singlePlants(count),
  };
}

function playYear(stand: CompiledStand, slice: Slice, year: number, touched: Float64Array, at: number): void {
  const { model, counted, plain, taken, crowding } = stand;
  const { rates, years, capacity, plan, stroke } = model;
  const { rows, strokes, count, state } = slice;
  slice.draw(years.count - 1, state);
  const takes = plan.share > 0 && year % plan.everyYears === 0;
  if (crowding) feelCrowding(slice, { crowding, counted, fromCount: takes ? plan.fromCount : Infinity });
  step(takes && plan.fromCount === 0 ? taken : plain, slice, slice.next);
  if (takes) {
    if (plan.fromCount > 0) takeWhereEnough(taken, slice, plan.fromCount);
    noteTouched(stand, slice, touched.subarray(at, at + count));
  }
  if (crowding) for (let s = 0; s < slice.stages; s++) scaleRow(rows, slice.next + s * count, slice.left);
  if (plan.planted && year < plan.planted.years)
    addNumber(rows, slice.next + rates.stages.indexOf(plan.planted.stage) * count, plan.planted.number, count);
  if (stroke) {
    fillBits(strokes, count, ALL_BITS, state);
    for (const s of counted) strike(rows, slice.next + s * count, strokes, stroke, count);
  }
  slice.sum(slice.next);
  if (capacity < Infinity && !crowding) slice.hold(slice.next, capacity);
  [slice.now, slice.next] = [slice.next, slice.now];
}

function step({ sources, fates }: Table, slice: Slice, target: number): void {
  const { rows, stages, count } = slice;
  if (fates) {
    rows.fill(0, target, target + stages * count);
    stepSingly(fates, slice, target);
  } else slice.step(sources, slice.now, target);
}
/** Those runs take that have enough plants. */
function takeWhereEnough(taken: Table, slice: Slice, fromCount: number): void {
  const { rows, next, other, total, stages, count } = slice;
  step(taken, slice, other);
  for (let s = 0; s < stages; s++) chooseWhere(rows, next + s * count, other + s * count, total, fromCount, count);
}

/** How much of the growth to come there is room for, by those that stand once they have been taken from. */
function feelCrowding(
  { rows, now, left, total, count }: Slice,
  {
    crowding: { each, standing },
    counted,
    fromCount,
  }: { readonly crowding: CrowdingFactors; readonly counted: readonly number[]; readonly fromCount: number },
): void {
  left.fill(0);
  for (const s of counted) addScaled(left, rows, now + s * count, standing[s]!, count);
  divideBy(left, { total, fromCount, each });
}

function noteTouched({ touched, model }: CompiledStand, { rows, now, total }: Slice, out: Float64Array): void {
  const { fromCount } = model.plan;
  for (const [s, share] of touched.entries()) {
    const row = now + s * out.length;
    if (share > 0) for (let r = 0; r < out.length; r++) out[r] = out[r]! + share * rows[row + r]!;
  }
  if (fromCount > 0) for (let r = 0; r < out.length; r++) if (total[r]! < fromCount) out[r] = 0;
}

/** Plays all runs at once. @throws as `compileStand` */
export function playAll(
  model: StandModel,
  { seed, runs, years }: { readonly seed: number; readonly runs: number; readonly years: number },
): Played {
  const stand = compileStand(model);
  const played = emptyPlayed(runs, years);
  for (let first = 0; first < runs; first += SLICE) playSlice(stand, seed, { first }, played);
  return played;
}
