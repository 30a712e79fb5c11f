// How something dries, and when it will be dry, from what it weighed.
import type { Figure } from '../measure/index.ts';

export interface Weighing {
  /** Since it was hung or laid out. */
  readonly hours: number;
  readonly massG: number;
}

/** What is known before anything was weighed, as intervals that hold it nine times of ten. */
export interface DryingPrior {
  /** Of the fresh mass so much is left at the end, 0–1. */
  readonly finalShare: Figure;
  /** Until 95 % of the water that goes has gone, hours. */
  readonly dryHours: Figure;
}

interface Range {
  readonly p10: number;
  readonly p50: number;
  readonly p90: number;
}
export interface Drying {
  /** Hours from the beginning until it is dry: until 95 % of the water that goes has gone. */
  readonly dryHours: Range;
  /** What it will weigh then, g. */
  readonly finalG: Range;
  /** What it weighs so many hours after the beginning, g. */
  readonly massG: (hours: number) => Range;
}

/** A kitchen scale and a hand: so much of what is weighed, and never less than a gram. Estimates. */
const [ERROR_SHARE, LEAST_ERROR_G] = [0.02, 1];
/** Of the water that goes so much has gone where it is called dry. */
const DRY_SHARE = 0.95;
const POINTS = 31;
const STARTS = [-2, -1, 0, 1, 2];
/** Half of an interval that holds nine of ten, in standard deviations. */
const NINE_OF_TEN = 1.645;

interface Guess {
  readonly zShare: number;
  readonly zHours: number;
  readonly startG: number;
  readonly share: number;
  readonly rate: number;
  readonly weight: number;
}

/**
 * The course of drying: mass falls exponentially to what is left, m(t) = m₀ (s + (1 − s) e^(−kt)) (Lewis, W. K. 1921, The rate of drying of solid materials,
 * Journal of Industrial & Engineering Chemistry 13). The three are weighed on a grid: priors by what it is and how it hangs, log-normal errors of the scale.
 * With one weighing the prior speaks; with some, they do.
 * @param weighings the first at the beginning; hours of 0 or more, masses above 0.
 * @returns `null` where nothing was weighed.
 * @throws RangeError for masses of 0 or less, hours below 0, or a prior beyond its bounds.
 * Cost: weighings × 9,610.
 */
export function fitDrying(weighings: readonly Weighing[], prior: DryingPrior): Drying | null {
  const [first] = weighings;
  if (!first) return null;
  if (weighings.some((w) => !(w.massG > 0) || !(w.hours >= 0)))
    throw new RangeError('it weighs more than nothing, after 0 hours or more');
  const { finalShare, dryHours } = prior;
  if (!(finalShare.low > 0 && finalShare.high < 1) || !(dryHours.low > 0))
    throw new RangeError('a share lies between 0 and 1, and hours are above 0');
  const about = likely(weighed(weighings, gridOf(first.massG, prior)));
  // What is weighed often is known more closely than a grid over all that might have been: a second one lies where the first found something.
  const guesses = likely(weighed(weighings, gridOf(first.massG, prior, about)));
  const range = (of: (g: Guess) => number): Range =>
    quantiles(guesses.map((g) => ({ value: of(g), weight: g.weight })));
  return {
    dryHours: range((g) => -Math.log(1 - DRY_SHARE) / g.rate),
    finalG: range((g) => g.startG * (g.share + (1 - DRY_SHARE) * (1 - g.share))),
    massG: (hours) => range((g) => massAt(g, hours)),
  };
}

const massAt = ({ startG, share, rate }: Guess, hours: number): number =>
  startG * (share + (1 - share) * Math.exp(-rate * hours));
const errorOf = (massG: number): number => Math.max(LEAST_ERROR_G, ERROR_SHARE * massG);

/** From so many standard deviations below to so many above. */
type Span = readonly [number, number];
const WHOLE: Span = [-3.5, 3.5];
const pointsOf = ([from, to]: Span): readonly number[] =>
  Array.from({ length: POINTS }, (_, i) => from + ((to - from) * i) / (POINTS - 1));
const spanOf = (values: readonly number[]): Span => {
  const [from, to] = [Math.min(...values), Math.max(...values)];
  const step = (WHOLE[1] - WHOLE[0]) / (POINTS - 1);
  return [from - step, to + step];
};

/** All that might be, or what lies about some of it. */
function gridOf(firstG: number, { finalShare, dryHours }: DryingPrior, about: readonly Guess[] = []): readonly Guess[] {
  const logit = (x: number): number => Math.log(x / (1 - x));
  const sdShare = (logit(finalShare.high) - logit(finalShare.low)) / 2 / NINE_OF_TEN;
  const sdHours = Math.log(dryHours.high / dryHours.low) / 2 / NINE_OF_TEN;
  const spans =
    about.length > 0 ? [spanOf(about.map((g) => g.zShare)), spanOf(about.map((g) => g.zHours))] : [WHOLE, WHOLE];
  const [shares, hours] = spans.map(pointsOf);
  return STARTS.flatMap((start) =>
    shares!.flatMap((zShare) =>
      hours!.map((zHours): Guess => ({
        zShare,
        zHours,
        startG: Math.max(0.1, firstG + start * errorOf(firstG)),
        share: 1 / (1 + Math.exp(-(logit(finalShare.value) + zShare * sdShare))),
        rate: -Math.log(1 - DRY_SHARE) / (dryHours.value * Math.exp(zHours * sdHours)),
        weight: Math.exp(-0.5 * (zShare ** 2 + zHours ** 2)),
      })),
    ),
  );
}

/** Those that count at all. */
const likely = (guesses: readonly Guess[]): readonly Guess[] => guesses.filter((g) => g.weight > NEGLIGIBLE);
const NEGLIGIBLE = 1e-4;

/** Each guess by how well it foretells what was weighed. */
function weighed(weighings: readonly Weighing[], guesses: readonly Guess[]): readonly Guess[] {
  const logs = guesses.map(
    (g) =>
      Math.log(g.weight) -
      weighings.reduce((sum, w) => sum + 0.5 * ((w.massG - massAt(g, w.hours)) / errorOf(w.massG)) ** 2, 0),
  );
  const most = logs.reduce((a, b) => Math.max(a, b), -Infinity);
  return guesses.map((g, i) => ({ ...g, weight: Math.exp(logs[i]! - most) }));
}

function quantiles(values: readonly { readonly value: number; readonly weight: number }[]): Range {
  const sorted = [...values].sort((a, b) => a.value - b.value);
  const all = sorted.reduce((sum, v) => sum + v.weight, 0);
  const at = (share: number): number => {
    let sum = 0;
    for (const { value, weight } of sorted) {
      sum += weight;
      if (sum >= share * all) return value;
    }
    return sorted.at(-1)!.value;
  };
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
}
