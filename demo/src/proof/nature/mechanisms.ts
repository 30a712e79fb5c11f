// How plants of nobody's catalogue behave. None of these is a form that the forecaster knows.
import { firstOfYear } from '@emberfield/core/measure';
import { usualMeanC, type TrueDay } from '@emberfield/core/truth';

/** A year of a place from 1 November before it on: mean temperature, °C, and rain, mm, by day; index 61 is New Year's day. */
export interface YearAtPlace {
  readonly meanC: readonly number[];
  readonly rainMm: readonly number[];
}
/** Index of New Year's day. */
export const NEW_YEAR = 61;
const DAYS = NEW_YEAR + 420;

/** The year as it went, the usual temperature where the record has ended. */
export function yearAtPlace(weather: readonly TrueDay[], year: number, shiftC: number): YearAtPlace {
  const first = firstOfYear(year) - NEW_YEAR;
  const days = Array.from({ length: DAYS }, (_, i) => weather[first + i - weather[0]!.day]);
  return {
    meanC: days.map((d, i) => (d ? (d.minC + d.maxC) / 2 : usualMeanC(((i - NEW_YEAR + 365) % 365) + 1)) + shiftC),
    rainMm: days.map((d) => d?.rainMm ?? 0),
  };
}

/** Hours of light on a day of the year at 46°, by the declination alone. */
function hoursOfLight(dayOfYear: number): number {
  const declination = -0.409 * Math.cos((2 * Math.PI * (dayOfYear + 10)) / 365);
  const cosine = -Math.tan((46 * Math.PI) / 180) * Math.tan(declination);
  return (24 / Math.PI) * Math.acos(Math.max(-1, Math.min(1, cosine)));
}

const sigmoid = (meanC: number, middleC: number, perC: number): number => 1 / (1 + Math.exp(-perC * (meanC - middleC)));

/**
 * What has been gathered by the end of every day of the year; a stage comes where its need is met. `need` is what the same gives
 * in the usual year by its usual day, times what is of stand and season.
 */
type Gathering = (year: YearAtPlace) => readonly number[];

function gather(from: number, daily: (i: number) => number): readonly number[] {
  let sum = 0;
  return Array.from({ length: DAYS }, (_, i) => (sum += i < from ? 0 : Math.max(0, daily(i))));
}

/** Air temperature as the ground follows it. */
function soilOf(meanC: readonly number[], days: number): readonly number[] {
  let soil = meanC[0]!;
  return meanC.map((c) => (soil += (c - soil) / days));
}

const MECHANISMS = {
  /** Warmth counts more on long days. */
  photothermal: ({ meanC }) =>
    gather(NEW_YEAR, (i) => Math.max(0, meanC[i]! - 1) * ((hoursOfLight(i - NEW_YEAR + 1) - 7) / 8)),
  /** Every cold day lowers what is needed, while warm ones are counted already. */
  chillAndForcing: ({ meanC }) => {
    let cold = 0;
    let sum = 0;
    return meanC.map((c, i) => {
      if (c <= 6.5) cold++;
      if (i >= NEW_YEAR) sum += sigmoid(c, 10, 0.3);
      return sum * Math.exp(0.007 * Math.min(cold, 90));
    });
  },
  /** Slow growth that takes little warmth, then growth that takes much. */
  twoPhases: ({ meanC }) => {
    let sum = 0;
    return meanC.map((c, i) => {
      if (i >= NEW_YEAR + 20) sum += sum < 22 ? sigmoid(c, 5, 0.45) : 1.6 * sigmoid(c, 13, 0.35);
      return sum;
    });
  },
  /** What sprouts from the ground goes by the ground. */
  soilWarmth: ({ meanC }) => {
    const soil = soilOf(meanC, 16);
    return gather(NEW_YEAR + 15, (i) => soil[i]! + 1);
  },
  /** Not before days are long enough, then by warmth that is soon too much to count. */
  gatedAndCapped: ({ meanC }) => gather(NEW_YEAR + 66, (i) => Math.min(15, meanC[i]!) + 1),
  /** Nearly any day counts. */
  slow: ({ meanC }) => gather(NEW_YEAR - 10, (i) => meanC[i]! + 4),
  /** The cool of autumn, and more so the shorter the days. */
  coolAndDark: ({ meanC }) =>
    gather(NEW_YEAR + 225, (i) => Math.max(0, 17 - meanC[i]!) * Math.max(0, 14.5 - hoursOfLight(i - NEW_YEAR + 1))),
  /** Wet ground, and then so many days, fewer while it is mild. */
  rain: ({ meanC, rainMm }) => {
    let wet = 0;
    let sum = 0;
    let begun = false;
    return meanC.map((c, i) => {
      wet = Math.max(0, Math.min(60, wet + rainMm[i]! - Math.max(0.5, 0.16 * c)));
      begun ||= i >= NEW_YEAR + 215 && wet >= 12 && c < 18;
      if (begun) sum += 0.4 + 0.6 * sigmoid(c, 7, 0.4);
      return sum;
    });
  },
} as const satisfies Readonly<Record<string, Gathering>>;
export type Mechanism = keyof typeof MECHANISMS;

const gathered = new WeakMap<YearAtPlace, Map<Mechanism, readonly number[]>>();
/** Index of the day in the year on which a need is met; `null` where it is not. */
export function dayOfNeed(mechanism: Mechanism, year: YearAtPlace, need: number): number | null {
  const made = gathered.get(year) ?? new Map<Mechanism, readonly number[]>();
  gathered.set(year, made);
  const sums = made.get(mechanism) ?? MECHANISMS[mechanism](year);
  made.set(mechanism, sums);
  const at = sums.findIndex((v) => v >= need);
  return at < 0 ? null : at - NEW_YEAR;
}

/** What has been gathered by a day of the year, 1 on New Year's day. */
export const gatheredBy = (mechanism: Mechanism, year: YearAtPlace, dayOfYear: number): number =>
  MECHANISMS[mechanism](year)[NEW_YEAR + dayOfYear - 1]!;
