import { expect } from 'chai';
import { dayNumber, isoDay, type DayNumber, type Figure, type MonthDay } from '../measure/index.ts';
import { forecastSeason } from '../stages/index.ts';
import { climatologyOf, joinDays, type WeatherDay } from '../weather/index.ts';
import { FAMILY, type ClockKey, type Drive } from './family.ts';

const exactly = (value: number): Figure => ({ value, low: value, high: value, source: 'estimate' });
const FIRST = dayNumber('2019-01-01');
const LAST = dayNumber('2026-12-31');
/** A year's wave with spells of some days on it, from deep frost to summer heat; the nights are ten degrees colder than the days. */
const meanOn = (day: DayNumber): number =>
  9 -
  13 * Math.cos((2 * Math.PI * (day - dayNumber('2019-01-20'))) / 365.25) +
  4 * Math.sin(day / 2.7) +
  2 * Math.sin(day / 11);
const HALF_SPAN_C = 5;
const weather: WeatherDay[] = Array.from({ length: LAST - FIRST + 1 }, (_, k) => ({
  day: FIRST + k,
  minC: meanOn(FIRST + k) - HALF_SPAN_C,
  maxC: meanOn(FIRST + k) + HALF_SPAN_C,
  rainMm: null,
}));

/** The mean of something over the moments of a day, whose temperature is one wave: summed up moment by moment, without any closed form. */
function overDay(day: DayNumber, rate: (tempC: number) => number): number {
  const steps = 288;
  let sum = 0;
  for (let i = 0; i < steps; i++) sum += rate(meanOn(day) + HALF_SPAN_C * Math.sin((2 * Math.PI * (i + 0.5)) / steps));
  return sum / steps;
}
const above = (baseC: number) => (day: DayNumber) => overDay(day, (t) => Math.max(0, t - baseC));
const below = (baseC: number) => (day: DayNumber) => overDay(day, (t) => Math.max(0, baseC - t));
/** The share of a full day of growth, by the mean of the day's moments. */
const curve = (middleC: number, perC: number) => (day: DayNumber) =>
  1 / (1 + Math.exp(-perC * (overDay(day, (t) => t) - middleC)));

interface Counted {
  readonly from: MonthDay;
  readonly ofDay: (day: DayNumber) => number;
  /** So many days whose mean is at or below 6 °C come first. */
  readonly coldDays?: number;
}
const COUNTED: Readonly<Partial<Record<ClockKey, Counted>>> = {
  warmAboveMinus5: { from: '01-01', ofDay: above(-5) },
  warmAbove0: { from: '01-01', ofDay: above(0) },
  warmAbove4: { from: '01-01', ofDay: above(4) },
  warmAbove8: { from: '01-01', ofDay: above(8) },
  curveAbout6: { from: '01-01', ofDay: curve(6, 0.4) },
  curveAbout11: { from: '01-01', ofDay: curve(11, 0.3) },
  afterCold: { from: '01-01', ofDay: above(3), coldDays: 25 },
  lateStart: { from: '03-01', ofDay: above(1) },
  coolBelow18: { from: '07-01', ofDay: below(18) },
  coolBelow12: { from: '07-01', ofDay: below(12) },
};
const START: Readonly<Record<Drive, MonthDay>> = { warmth: '01-01', cool: '07-01' };

/** Running sums from the day on which a clock begins to count, by day. */
function summed({ from, ofDay, coldDays = 0 }: Counted, year: number): readonly (readonly [DayNumber, number])[] {
  let cold = 0;
  let sum = 0;
  const out: (readonly [DayNumber, number])[] = [];
  for (let day = dayNumber(`${year}-${from}`); day <= dayNumber(`${year}-12-31`); day++) {
    const isResting = cold < coldDays;
    if (isResting && overDay(day, (t) => t) <= 6) cold++;
    if (!isResting) sum += ofDay(day);
    out.push([day, sum]);
  }
  return out;
}

describe('the clocks that a kind is tried by', () => {
  const place = { latitudeDeg: 46, heightM: 0 };
  const series = { series: joinDays(weather)!, climatology: climatologyOf(weather), heightM: 0 };
  const reachedIn = (drive: Drive, key: ClockKey, sum: number, season: number): string | null => {
    const model = FAMILY[drive].find((f) => f.key === key)!.model!(START[drive], exactly(sum));
    const { reached } = forecastSeason({
      stages: [{ key: 's', bbch: 5, calendar: exactly(150), model }],
      seasonStart: START[drive],
      reference: place,
      site: place,
      season,
      weather: series,
      asOf: LAST,
      sightings: [],
    }).stages[0]!;
    return reached.p50 === null ? null : isoDay(reached.p50);
  };

  for (const drive of ['warmth', 'cool'] as const)
    for (const { key } of FAMILY[drive]) {
      const counted = COUNTED[key];
      if (!counted) continue;
      it(`come on the day that adding up moment by moment says: ${key}`, () => {
        for (const season of [2020, 2023, 2025]) {
          const sums = summed(counted, season);
          // Early, in the middle and late: between what two days in a row come to, so that no rounding decides.
          for (const after of [80, 120, 150]) {
            const at = sums.findIndex(([, sum], i) => i >= after && sum > sums[i - 1]![1] + 0.05);
            const [day, sum] = sums[at]!;
            const wanted = (sum + sums[at - 1]![1]) / 2;
            expect(reachedIn(drive, key, wanted, season), `${season}, ${wanted.toFixed(1)}`).to.equal(isoDay(day));
          }
        }
      });
    }
  it('are all held against it, but for the profile’s own and the calendar, which count nothing', () => {
    const keys = [...FAMILY.warmth, ...FAMILY.cool].map((f) => f.key);
    expect(new Set(keys)).to.deep.equal(new Set([...Object.keys(COUNTED), 'profile', 'calendar']));
  });
});
