import { expect } from 'chai';
import { dayNumber, firstOfYear } from '../measure/index.ts';
import type { StageSpec } from '../stages/stage-model.ts';
import { joinDays } from '../weather/weather.ts';
import { backtest, daysBefore, intervalsOf, onFixedDays, type Trial } from './backtest.ts';
import { rivalsFor } from './rivals.ts';
import { comparable, scoresOf } from './scores.ts';
import type { SeenInterval } from './seen-interval.ts';
import type { SeasonPlace } from '../stages/index.ts';
import type { SeenStand } from '../clocks/index.ts';

const flower: StageSpec = {
  key: 'flower',
  bbch: 6,
  calendar: { value: 121, low: 111, high: 131, source: 'estimate' },
  model: { kind: 'calendar', direction: 'spring' },
};
const place: SeasonPlace = {
  stages: [flower],
  seasonStart: '01-01',
  reference: { latitudeDeg: 46, heightM: 40 },
  site: { latitudeDeg: 46, heightM: 40 },
  weather: null,
};
/** In flower every year by the 20th of May, ten days behind the profile's 1 May and more. */
const YEARS = [2020, 2021, 2022, 2023, 2024, 2025];
const stand: SeenStand = {
  standId: 's',
  plantKey: 'p',
  place,
  sightings: YEARS.flatMap((y) => [
    { stage: 'flower', day: dayNumber(`${y}-05-16`), reached: false },
    { stage: 'flower', day: dayNumber(`${y}-05-20`), reached: true },
  ]),
};
const seen = (after: string, by: string): SeenInterval => ({
  stage: 0,
  season: 2025,
  after: dayNumber(after),
  by: dayNumber(by),
});

describe('holding forecasts against what came', () => {
  it('takes stages that were seen from both sides, not too far apart', () => {
    expect(intervalsOf(stand)).to.have.length(6);
    expect(intervalsOf(stand)[0]).to.deep.equal({
      stage: 0,
      season: 2020,
      after: dayNumber('2020-05-16'),
      by: dayNumber('2020-05-20'),
    });
    expect(intervalsOf({ ...stand, sightings: stand.sightings.filter((s) => s.reached) })).to.deep.equal([]);
    const wide = [
      { stage: 'flower', day: dayNumber('2025-04-01'), reached: false },
      { stage: 'flower', day: dayNumber('2025-05-20'), reached: true },
    ];
    expect(intervalsOf({ ...stand, sightings: wide })).to.deep.equal([]);
  });
  it('asks so many days before the middle of what was seen, not before the first sighting', () =>
    expect(daysBefore(14).daysFor(seen('2025-05-10', '2025-05-20'))).to.deep.equal([dayNumber('2025-05-01')]));
  it('tells nobody of a day that is over', () => {
    // The profile says the 1st, the stand comes on the 18th: from three days before on the forecast is overdue.
    const [trial] = backtest([stand], [daysBefore(3)], 2020);
    expect(trial!.forecast.p10).to.be.above(trial!.issued);
  });
  it('forecasts each season from earlier ones only: the first like the profile, later ones like the stand', () => {
    const trials = [...backtest([stand], [daysBefore(28)], 2020)];
    expect(trials.map((t) => t.season)).to.deep.equal(YEARS);
    const p50 = trials.map((t) => t.forecast.p50! - firstOfYear(t.season));
    expect(p50[0]).to.be.closeTo(120, 3);
    expect(p50[5]).to.be.within(132, 140);
    for (let i = 1; i < p50.length; i++) expect(p50[i]! - (i === 4 || i === 0 ? 1 : 0)).to.be.at.least(p50[i - 1]! - 2);
    expect(trials[0]!.rivals).to.deep.equal({ lastYear: null, meanDate: null, degreeDays: null });
  });
  it('does not look ahead: what is seen after the day of issue changes nothing', () => {
    const until2023 = { ...stand, sightings: stand.sightings.filter((s) => s.day < dayNumber('2024-01-01')) };
    const later = {
      ...stand,
      sightings: [...until2023.sightings, { stage: 'flower', day: dayNumber('2024-01-02'), reached: true }],
    };
    const of = (s: SeenStand): readonly Trial[] =>
      [...backtest([s], [daysBefore(14)], 2022)].filter((t) => t.season < 2024);
    expect(of(later)).to.deep.equal(of(until2023));
  });
  it('as if nobody had looked: goes by the others of the kind, forecast and rules alike', () => {
    const other = {
      ...stand,
      standId: 'o',
      sightings: YEARS.flatMap((y) => [
        { stage: 'flower', day: dayNumber(`${y}-05-26`), reached: false },
        { stage: 'flower', day: dayNumber(`${y}-05-30`), reached: true },
      ]),
    };
    const of = (stands: readonly SeenStand[]): readonly Trial[] =>
      [...backtest(stands, [daysBefore(14)], 2025, { unseen: true })].filter((t) => t.standId === 's');
    const [alone] = of([stand]);
    expect(alone!.rivals.meanDate).to.equal(null);
    // Nothing of its own is known: the profile's 1 May.
    expect(alone!.forecast.p50! - firstOfYear(2025)).to.be.closeTo(120, 4);
    const [two] = of([stand, other]);
    expect(two!.forecast.p50!).to.be.above(alone!.forecast.p50!);
    expect(two!.rivals.meanDate! - firstOfYear(2025)).to.be.closeTo(147, 1);
    const strange = { ...other, plantKey: 'q' };
    expect(of([stand, strange])[0]!.rivals.meanDate).to.equal(null);
  });
  it('on fixed days knows of nothing that is to come', () => {
    const days = onFixedDays.daysFor(seen('2025-05-16', '2025-05-20'));
    expect(days).to.deep.equal(['2025-05-15', '2025-05-01', '2025-04-15'].map(dayNumber));
  });
  it('scores what can be compared, and says nothing of nothing', () => {
    const trials = [...backtest([stand], [daysBefore(14)], 2020)];
    expect(comparable(trials)).to.deep.equal([]);
    expect(scoresOf(trials)).to.equal(null);
    const trial = (p10: string, p50: string, p90: string, lastYear: string): Trial => ({
      issue: '',
      standId: 's',
      plantKey: 'p',
      stage: 'flower',
      season: 2025,
      issued: dayNumber('2025-05-06'),
      seen: seen('2025-05-16', '2025-05-20'),
      forecast: { p10: dayNumber(p10), p50: dayNumber(p50), p90: dayNumber(p90) },
      rivals: { lastYear: dayNumber(lastYear), meanDate: dayNumber('2025-05-10'), degreeDays: dayNumber('2025-05-18') },
    });
    const scores = scoresOf([
      trial('2025-05-15', '2025-05-18', '2025-05-24', '2025-05-26'),
      trial('2025-05-19', '2025-05-22', '2025-05-28', '2025-05-20'),
    ])!;
    expect(scores.trials).to.equal(2);
    // Ten days before the middle, one day after it, eight days before: in that order, and none of them is right for lying within.
    expect(scores.degreeDays!).to.be.within(0.5, 3);
    expect(scores.forecast).to.be.above(scores.degreeDays!);
    expect(scores.lastYear).to.be.above(scores.forecast);
    expect(scores.meanDate).to.be.above(scores.lastYear);
    expect(scores.bias).to.be.within(0.5, 3);
    const known = scoresOf([
      { ...trial('2025-05-15', '2025-05-18', '2025-05-24', '2025-05-26'), seen: seen('2025-05-16', '2025-05-17') },
    ])!;
    expect(known).to.deep.equal({
      ...{ trials: 1, forecast: 1, bias: 1, covered: 1, lastYear: 9, meanDate: 7, degreeDays: 1 },
    });
  });
});

describe('the simple rules', () => {
  it('say last year’s date, the mean of all, and what a plain sum of warmth says', () => {
    const first = firstOfYear(2023);
    // The same base and sum in years of different warmth: the plain fit finds them.
    const means = [9, 11, 10];
    const series = joinDays(
      Array.from({ length: 1096 }, (_, i) => {
        const c = means[Math.min(2, Math.floor(i / 365.4))]!;
        return { day: first + i, minC: c, maxC: c };
      }),
    )!;
    const climatology = { minC: new Float64Array(366).fill(10), maxC: new Float64Array(366).fill(10) };
    const warm: SeasonPlace = { ...place, weather: { series, climatology, heightM: 40 } };
    // 600 degree days above 4 °C: day 120 at 9 °C, day 86 at 11 °C, day 100 at 10 °C.
    const past = [
      { season: 2023, day: firstOfYear(2023) + 119 },
      { season: 2024, day: firstOfYear(2024) + 85 },
    ];
    const rivals = rivalsFor(warm, 2025, past, { issued: firstOfYear(2025) + 60, notYet: firstOfYear(2025) });
    expect(rivals.lastYear! - firstOfYear(2025)).to.equal(85);
    expect(rivals.meanDate! - firstOfYear(2025)).to.equal(102);
    expect(rivals.degreeDays! - firstOfYear(2025)).to.be.closeTo(99, 2);
    const late = rivalsFor(warm, 2025, past, { issued: firstOfYear(2025) + 95, notYet: firstOfYear(2025) + 95 });
    expect(late.lastYear! - firstOfYear(2025)).to.equal(96);
  });
});
