// How many put back make up for those that were killed, and when a stand is back.
import { chanceOf } from '../random/index.ts';
import {
  analyseMatrix,
  drawCalibrated,
  projectionMatrix,
  rangeOf,
  type Calibration,
  type LifeStage,
  type Range,
  type Rates,
} from '../population/index.ts';
import { shareAt, type Survival } from './survival.ts';

/** Draws of all that is not known: 5 and 95 in a hundred are the fourth from either end. */
const DRAWS = 61;
/** Nobody waits longer. */
const MOST_YEARS = 60;

/** One draw of how a stand lives. */
export interface Life {
  readonly rates: Rates;
  readonly lambda: number;
  readonly matrix: readonly (readonly number[])[];
  readonly value: readonly number[];
  readonly stableStages: readonly number[];
  /** A chance of its own, for what is drawn beside the rates. */
  readonly chance: number;
}

/** Draws of how a stand lives, that fit its figures and its counts: the same for the same seed. */
export function livesOf(calibration: Calibration, seed: number): readonly Life[] {
  const chance = chanceOf(seed);
  return Array.from({ length: DRAWS }, (_, i) => {
    const rates = drawCalibrated(calibration, chance);
    const matrix = projectionMatrix(rates);
    const { lambda, reproductiveValue, stableStages } = analyseMatrix(matrix);
    // Chances evenly spread, so that few draws hold the whole range; in an order that has nothing to do with the rates.
    return {
      rates,
      matrix,
      lambda,
      value: reproductiveValue,
      stableStages,
      chance: (((i * 23) % DRAWS) + 0.5) / DRAWS,
    };
  });
}

const placeOf = ({ stages }: Rates, stage: LifeStage): number => {
  const at = stages.indexOf(stage);
  if (at < 0) throw new RangeError(`the life has no stage "${stage}"`);
  return at;
};

/** The mean over some stages, each counting as it stands in the long run. */
export function meanOver(
  { rates, stableStages }: Pick<Life, 'rates' | 'stableStages'>,
  of: readonly LifeStage[],
  x: readonly number[],
): number {
  const places = of.map((s) => placeOf(rates, s));
  const standing = places.reduce((sum, i) => sum + stableStages[i]!, 0);
  return places.reduce((sum, i) => sum + stableStages[i]! * x[i]!, 0) / standing;
}

/**
 * How many to put back for each plant killed, so that the stand to come is as large as it would have been: what a killed plant was worth for it, over
 * what one put back is worth: v(killed) λ / (p v(put back)), p being the share that lives through its first year, at whose end it is worth v.
 * @param killed stages of those that were killed, as they stand in the long run; @param into stage of one put back a year on.
 * Source: reproductive value of Fisher (1930); Caswell, H. (2001), Matrix Population Models, 2nd ed., section 4.6.
 */
export function putBackPerKilled(
  lives: readonly Life[],
  {
    killed,
    into,
    survival,
  }: { readonly killed: readonly LifeStage[]; readonly into: LifeStage; readonly survival: Survival },
): Range {
  return rangeOf(
    lives.map((life) => {
      const lost = meanOver(life, killed, life.value) * life.lambda;
      return lost / (shareAt(survival, life.chance) * life.value[placeOf(life.rates, into)]!);
    }),
  );
}

/** What was taken from a stand, and what was put in. */
interface SetBack {
  /** Plants of the stages that are taken from, before. */
  readonly grown: number;
  /** Of them. */
  readonly killed: number;
  readonly from: readonly LifeStage[];
  readonly putIn: readonly PutIn[];
}

/** Plants put in together: so many, in this stage a year on. */
export interface PutIn {
  readonly number: number;
  readonly into: LifeStage;
  readonly survival: Survival;
}

/** Years until as many grown plants stand as before; `null` where the draw never comes to it. */
export interface YearsBack {
  readonly value: number | null;
  readonly low: number | null;
  readonly high: number | null;
}

/**
 * When a stand is back: the years until as many plants of the stages that are taken from stand as before so many of them were killed, by the mean of
 * good and bad years, with what was put in.
 */
export function yearsUntilBack(lives: readonly Life[], { grown, killed, from, putIn }: SetBack): YearsBack {
  const { value, low, high } = rangeOf(lives.map((life) => yearsIn(life, { grown, killed, from, putIn })));
  const orNever = (years: number): number | null => (years > MOST_YEARS ? null : years);
  return { value: orNever(value), low: orNever(low), high: orNever(high) };
}

type Matrix = Life['matrix'];
/** A year on, by the mean of good and bad years. */
const yearOn = (matrix: Matrix, stand: readonly number[]): number[] =>
  matrix.map((row) => row.reduce((sum, a, j) => sum + a * stand[j]!, 0));

function yearsIn({ rates, matrix, stableStages, chance }: Life, { grown, killed, from, putIn }: SetBack): number {
  const places = from.map((s) => placeOf(rates, s));
  const standing = places.reduce((sum, i) => sum + stableStages[i]!, 0);
  const left = Math.max(0, 1 - killed / grown);
  let stand = stableStages.map((x, i) => ((x * grown) / standing) * (places.includes(i) ? left : 1));
  for (let years = 0; years <= MOST_YEARS; years++) {
    const now = places.reduce((sum, i) => sum + stand[i]!, 0);
    if (now >= grown * (1 - 1e-9)) return years;
    stand = yearOn(matrix, stand);
    if (years > 0) continue;
    for (const { number, into, survival } of putIn) stand[placeOf(rates, into)]! += number * shareAt(survival, chance);
  }
  return MOST_YEARS + 1;
}

/**
 * How many to put in now so that a stand has so many grown plants in so many years; 0 where it comes to that by itself.
 * @param years from 1 up.
 */
export function putInToReach(
  lives: readonly Life[],
  {
    grown,
    target,
    years,
    from,
    into,
    survival,
  }: Omit<PutIn, 'number'> & {
    readonly grown: number;
    readonly target: number;
    readonly years: number;
    readonly from: readonly LifeStage[];
  },
): Range {
  if (!(years >= 1)) throw new RangeError('what is put in now stands in a year at the earliest');
  const after = (life: Life, start: readonly number[], steps: number): number => {
    let stand = [...start];
    for (let i = 0; i < steps; i++) stand = yearOn(life.matrix, stand);
    return from.reduce((sum, s) => sum + stand[placeOf(life.rates, s)]!, 0);
  };
  return rangeOf(
    lives.map((life) => {
      const standing = from.reduce((sum, s) => sum + life.stableStages[placeOf(life.rates, s)]!, 0);
      const missing =
        target -
        after(
          life,
          life.stableStages.map((x) => (x * grown) / standing),
          years,
        );
      const one = life.rates.stages.map((s) => (s === into ? 1 : 0));
      const each = shareAt(survival, life.chance) * after(life, one, years - 1);
      return missing <= 0 ? 0 : missing / each;
    }),
  );
}
