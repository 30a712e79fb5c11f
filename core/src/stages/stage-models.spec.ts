import { expect } from 'chai';
import { dayNumber, isoDay, type Figure } from '../measure/index.ts';
import { forecastSeason } from './forecast.ts';
import type { ForecastInput } from './forecast-input.ts';
import { historyOf } from '../learning/history.ts';
import { LearnedStand } from '../learning/stand-learning.ts';
import { GroupLearning } from '../learning/group-learning.ts';
import { seasonFirstDay } from '../measure/season.ts';
import type { StageModel } from './stage-model.ts';
import { climatologyOf, joinDays, type WeatherDay } from '../weather/weather.ts';

const exactly = (value: number, spread = 0): Figure => ({
  value,
  low: value - spread,
  high: value + spread,
  source: 'estimate',
});
const FIRST = dayNumber('2018-01-01');
const LAST = dayNumber('2026-12-31');

/** The same cold winter and warm summer every year: 0 °C until `warmFrom`, 15 °C until 1 October. */
function years({
  warmFrom = '04-01',
  rain = () => 0,
  winterC = 0,
}: { warmFrom?: string; rain?: (iso: string) => number | null; winterC?: number } = {}): WeatherDay[] {
  return Array.from({ length: LAST - FIRST + 1 }, (_, k) => {
    const iso = isoDay(FIRST + k);
    const warm = iso.slice(5) >= warmFrom && iso.slice(5) < '10-01';
    const mean = warm ? 15 : winterC;
    return { day: FIRST + k, minC: mean - 2, maxC: mean + 2, rainMm: rain(iso) };
  });
}
const place = { latitudeDeg: 46, heightM: 0 };
const seen = (model: StageModel, list: readonly WeatherDay[] | null, over: Partial<ForecastInput> = {}) => {
  const weather = list && { series: joinDays(list)!, climatology: climatologyOf(list), heightM: 0 };
  const { reached } = forecastSeason({
    stages: [{ key: 's', bbch: 5, calendar: exactly(200, 0), model }],
    seasonStart: '01-01',
    reference: place,
    site: place,
    season: 2026,
    weather,
    asOf: LAST,
    sightings: [],
    ...over,
  }).stages[0]!;
  return reached.p50 === null ? null : isoDay(reached.p50);
};

describe('chill, then warmth', () => {
  const chill = (chillDays: number): StageModel => ({
    kind: 'chill',
    start: '01-01',
    chillBelowC: exactly(5),
    chillDays: exactly(chillDays),
    baseC: exactly(5),
    sum: exactly(100),
  });
  it('counts warmth only once the rest is over', () => {
    // 10 °C·day a day from 1 April: the hundredth comes on the tenth day.
    expect(seen(chill(30), years())).to.equal('2026-04-10');
    // A hundred and twenty cold days are not had before autumn: the warmth of the summer passes by unheeded.
    expect(seen(chill(120), years())).to.match(/^2027-04-1/);
    expect(seen(chill(300), years())).to.equal(null);
  });
  it('a winter that is never cold enough breaks no rest', () =>
    expect(seen(chill(30), years({ winterC: 8 }))).to.equal(null));
  it('warmth before the last cold day does not count', () => {
    const list = years().map((d) => (isoDay(d.day).slice(5) < '01-20' ? { ...d, minC: 13, maxC: 17 } : d));
    expect(seen(chill(40), list)).to.equal('2026-04-10');
  });
  it('without weather stands on the calendar', () => expect(seen(chill(30), null)).to.equal('2026-07-19'));
});

describe('day length', () => {
  const length = (hours: number): StageModel => ({
    kind: 'dayLength',
    start: '06-21',
    hours: exactly(hours),
    turn: 'shorter',
  });
  it('asks for no weather, and comes on the same day every year', () => {
    const model = length(15);
    const day = seen(model, null)!;
    expect(day.slice(0, 7)).to.equal('2026-07');
    expect(seen(model, years())).to.equal(day);
    expect(seen(model, years({ warmFrom: '06-01' }), { season: 2024 })!.slice(5)).to.be.oneOf([
      day.slice(5),
      isoDay(dayNumber(day) - 1).slice(5),
    ]);
  });
  it('comes on another day further north', () => {
    const north = seen(length(15), null, { site: { latitudeDeg: 58, heightM: 0 } })!;
    expect(north > seen(length(15), null)!).to.equal(true);
  });
  it('stands on the calendar where the day is never so long', () =>
    expect(seen(length(20), null)).to.equal('2026-07-19'));
});

describe('rain', () => {
  const flush: StageModel = {
    kind: 'rain',
    start: '06-01',
    rainMm: exactly(30),
    overDays: 5,
    fromC: 8,
    toC: 20,
    days: exactly(7, 0),
  };
  const on =
    (...days: readonly string[]) =>
    (iso: string) =>
      days.includes(iso.slice(5)) ? 15 : 0;
  it('brings it on so many days after enough has fallen within the days', () => {
    expect(seen(flush, years({ rain: on('07-10', '07-12') }))).to.equal('2026-07-19');
    // Two falls six days apart are not one.
    expect(seen(flush, years({ rain: on('07-10', '07-16', '08-20', '08-21') }))).to.equal('2026-08-28');
  });
  it('does not count before its time of year, nor in the cold', () => {
    expect(seen(flush, years({ rain: on('05-30', '05-31') }))).to.equal(null);
    expect(seen(flush, years({ rain: on('11-10', '11-11') }))).to.equal(null);
  });
  it('stands on the calendar where nobody measures rain', () => {
    expect(seen(flush, years({ rain: () => null }))).to.equal('2026-07-19');
    expect(seen(flush, null)).to.equal('2026-07-19');
  });
  it('is foreseen from the rain of the years before', () => {
    const list = years({ rain: on('07-10', '07-12') }).filter((d) => d.day <= dayNumber('2026-03-01'));
    expect(seen(flush, list, { asOf: dayNumber('2026-03-01') })).to.equal('2026-07-19');
  });
});

describe('learning of what rain and rest bring', () => {
  const weatherOf = (list: readonly WeatherDay[]) => ({
    series: joinDays(list)!,
    climatology: climatologyOf(list),
    heightM: 0,
  });
  const shiftLearned = (model: StageModel, list: readonly WeatherDay[], usual: string, lateDays: number): number => {
    const stand = {
      standId: 's',
      plantKey: 'p',
      place: {
        stages: [{ key: 's', bbch: 5, calendar: exactly(200, 10), model }],
        seasonStart: '01-01',
        reference: place,
        site: place,
        weather: weatherOf(list),
      },
      sightings: [2021, 2022, 2023, 2024, 2025].flatMap((y) => [
        { stage: 's', day: dayNumber(`${y}-${usual}`) + lateDays - 1, reached: false },
        { stage: 's', day: dayNumber(`${y}-${usual}`) + lateDays + 1, reached: true },
      ]),
    };
    const history = historyOf(stand, { until: LAST });
    const learned = new LearnedStand(history, GroupLearning.from([]).beforehand(history), (y) =>
      seasonFirstDay(y, '01-01', 46),
    );
    return learned.effects(2026).mean[0]!;
  };
  it('a fungus that comes some days later after rain than its profile says is learned to', () => {
    const model: StageModel = {
      kind: 'rain',
      start: '06-01',
      rainMm: exactly(20),
      overDays: 5,
      fromC: 8,
      toC: 20,
      days: exactly(8, 4),
    };
    const rain = (iso: string): number => (iso.endsWith('07-10') || iso.endsWith('07-11') ? 12 : 0);
    expect(shiftLearned(model, years({ rain }), '07-19', 3)).to.be.above(0.5);
    expect(Math.abs(shiftLearned(model, years({ rain }), '07-19', 0))).to.be.below(0.35);
  });
  it('a bud that needs more warmth after its rest is learned to', () => {
    const model: StageModel = {
      kind: 'chill',
      start: '01-01',
      chillBelowC: exactly(5),
      chillDays: exactly(30),
      baseC: exactly(5),
      sum: exactly(100, 25),
    };
    expect(shiftLearned(model, years(), '04-10', 3)).to.be.above(0.5);
  });
});
