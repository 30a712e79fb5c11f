import type { ProfileStage } from '@emberfield/contract';
import { about, en, estimate, fixed, warmth } from './figures.ts';

// Stages as a field book writes them: a name, a growth stage, the usual day and how far off it may be.

export type Range = readonly [value: number, low: number, high: number];

/** Usual warm-sum over 5 °C by day of the year in the lowland of the catalogue, °C·day; between them straight lines. */
const USUAL_SUM: readonly (readonly [day: number, sum: number])[] = [
  [1, 0.5],
  [40, 5],
  [60, 12],
  [78, 30],
  [98, 75],
  [116, 152],
  [128, 230],
  [140, 328],
  [148, 402],
  [158, 510],
  [172, 672],
  [183, 810],
  [205, 1110],
  [240, 1545],
  [255, 1700],
  [290, 1900],
];
/** The same in the mountains of the catalogue, where snow lies into April: some 480 when the meadows flower. */
const USUAL_SUM_IN_MOUNTAINS: typeof USUAL_SUM = [
  [60, 0.5],
  [95, 8],
  [110, 28],
  [122, 60],
  [135, 108],
  [150, 188],
  [165, 285],
  [178, 385],
  [190, 480],
  [205, 610],
  [240, 900],
];
/** Usual warm-sum by a day of the year, °C·day over 5 °C since New Year. */
export function usualSum(day: number, sums = USUAL_SUM): number {
  const next = sums.findIndex(([d]) => d >= day);
  if (next <= 0) return sums.at(next === 0 ? 0 : -1)![1];
  const [[d0, s0], [d1, s1]] = [sums[next - 1]!, sums[next]!];
  return Math.round((s0 + ((s1 - s0) * (day - d0)) / (d1 - d0)) * 10) / 10;
}

/** A stage that warmth brings on, about a day of the year give or take. */
export const spring = (key: string, name: string, bbch: number, day: number, spread: number): ProfileStage => ({
  key,
  name: en(name),
  bbch,
  calendar: about(day, spread),
  model: warmth(usualSum(day), usualSum(day - spread), usualSum(day + spread)),
});
/** The same in a mountain meadow. */
export const mountainSpring = (key: string, name: string, bbch: number, day: number, spread: number): ProfileStage => ({
  key,
  name: en(name),
  bbch,
  calendar: about(day, spread),
  model: warmth(
    ...([day, day - spread, day + spread].map((d) => usualSum(d, USUAL_SUM_IN_MOUNTAINS)) as [number, number, number]),
    // Nothing gathers there before: the snow lies.
    { start: '02-15' },
  ),
});
/** A stage of the falling year, or one that no warm-sum explains: by the calendar, moved as autumn moves. */
export const autumn = (key: string, name: string, bbch: number, day: number, spread: number): ProfileStage => ({
  key,
  name: en(name),
  bbch,
  calendar: about(day, spread),
  model: { kind: 'calendar', direction: 'autumn' },
});

/** A stage that rain brings on in its time of year: so many days after so much of it within ten days. */
export const flush = (
  key: string,
  name: string,
  bbch: number,
  { day, spread, start, rainMm, daysAfter }: FlushWritten,
): ProfileStage => ({
  key,
  name: en(name),
  bbch,
  calendar: about(day, spread),
  model: {
    kind: 'rain',
    start,
    rainMm: estimate(...rainMm),
    overDays: 10,
    fromC: 8,
    toC: 22,
    days: estimate(...daysAfter),
  },
});
interface FlushWritten {
  readonly day: number;
  readonly spread: number;
  readonly start: string;
  readonly rainMm: Range;
  readonly daysAfter: Range;
}
/** A stage that waits until the days have shortened to so large a share of the place's longest after midsummer. */
export const shortening = (
  key: string,
  name: string,
  bbch: number,
  { day, spread, ofLongest }: { readonly day: number; readonly spread: number; readonly ofLongest: Range },
): ProfileStage => ({
  key,
  name: en(name),
  bbch,
  calendar: about(day, spread),
  model: { kind: 'dayLength', start: '06-21', share: estimate(...ofLongest), turn: 'shorter' },
});
/** A stage of a woody plant that rests until it has been cold for some weeks after New Year, and then waits for warmth. */
export const afterRest = (key: string, name: string, bbch: number, day: number, spread: number): ProfileStage => ({
  key,
  name: en(name),
  bbch,
  calendar: about(day, spread),
  model: {
    kind: 'chill',
    start: '01-01',
    chillBelowC: fixed(7),
    chillDays: estimate(20, 12, 35),
    baseC: fixed(5),
    sum: estimate(usualSum(day) - usualSum(RESTED_DAY), usualSum(day - spread), usualSum(day + spread)),
  },
});
/** By this day of the year the rest is usually over in the lowland. */
const RESTED_DAY = 24;
