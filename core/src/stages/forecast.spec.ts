import { effectsOfProfile } from './scales.ts';
import { expect } from 'chai';
import { dayNumber, isoDay, yearOf } from '../measure/index.ts';
import { degreeDays } from '../weather/degree-days.ts';
import { forecastSeason, type SeasonForecast } from './forecast.ts';
import type { ForecastInput } from './forecast-input.ts';
import { seasonFirstDay } from '../measure/season.ts';
import type { StageSpec } from './stage-model.ts';
import { climatologyOf, joinDays, type WeatherDay } from '../weather/weather.ts';
import { forecastWindow, openOn } from '../windows/window.ts';

const figure = (value: number, spread = 0) => ({
  value,
  low: value * (1 - spread),
  high: value * (1 + spread),
  source: 'estimate',
});
const days = (value: number, spread: number) => ({
  value,
  low: value - spread,
  high: value + spread,
  source: 'estimate',
});
const place = { latitudeDeg: 46, heightM: 0 };

/** Made-up weather: a yearly wave, warmer or colder by year, the same every time. */
function weather(from: string, to: string, departure: (year: number) => number = () => 0): WeatherDay[] {
  const out: WeatherDay[] = [];
  for (let day = dayNumber(from); day <= dayNumber(to); day++) {
    const mean = 10 - 8 * Math.cos((2 * Math.PI * (day - dayNumber('2000-01-20'))) / 365.25) + departure(yearOf(day));
    const wobble = 2 * Math.sin(day * 0.7) + Math.sin(day * 0.13);
    out.push({ day, minC: mean + wobble - 4, maxC: mean + wobble + 4 });
  }
  return out;
}
const stationOf = (list: WeatherDay[]) => ({ series: joinDays(list)!, climatology: climatologyOf(list), heightM: 0 });
const spreadYears = (year: number) => ((year * 7) % 5) * 0.6 - 1.2;

const stages: readonly StageSpec[] = [
  {
    key: 'leaf',
    bbch: 1,
    calendar: days(100, 10),
    model: { kind: 'thermal', start: '01-01', baseC: figure(5), sum: figure(100, 0.1) },
  },
  {
    key: 'flower',
    bbch: 6,
    calendar: days(140, 8),
    model: { kind: 'thermal', start: '01-01', baseC: figure(5), sum: figure(300, 0.1) },
  },
  {
    key: 'fruit',
    bbch: 8,
    calendar: days(220, 10),
    model: { kind: 'afterWarmth', stage: 'flower', baseC: figure(5), sum: figure(700, 0.1) },
  },
  { key: 'ripe', bbch: 8, calendar: days(230, 10), model: { kind: 'after', stage: 'fruit', days: days(10, 2) } },
  {
    key: 'leaffall',
    bbch: 9,
    calendar: days(305, 8),
    model: { kind: 'cooling', start: '08-15', baseC: figure(12), sum: figure(120, 0.1) },
  },
  {
    key: 'frost',
    bbch: 9,
    calendar: days(320, 15),
    model: { kind: 'firstFrost', start: '08-15', thresholdC: figure(-1) },
  },
];
const asked = (over: Partial<ForecastInput> = {}): ForecastInput => ({
  stages,
  seasonStart: '01-01',
  reference: place,
  site: place,
  season: 2026,
  weather: stationOf(weather('2014-01-01', '2026-04-10', spreadYears)),
  asOf: dayNumber('2026-04-10'),
  sightings: [],
  ...over,
});
const p50 = (f: SeasonForecast, key: string) => f.stages.find((s) => s.key === key)!.reached.p50!;
const width = (f: SeasonForecast, key: string) => {
  const { p10, p90 } = f.stages.find((s) => s.key === key)!.reached;
  return p90! - p10!;
};

describe('forecast of a season', () => {
  it('finds the very day when the weather is known and the threshold has no spread', () => {
    const list = weather('2014-01-01', '2026-12-31', spreadYears);
    const exact = [
      { ...stages[1]!, model: { kind: 'thermal' as const, start: '01-01', baseC: figure(5), sum: figure(300) } },
    ];
    let sum = 0;
    const expected = list
      .filter((d) => yearOf(d.day) === 2026)
      .find((d) => (sum += degreeDays(d.minC, d.maxC, 5)) >= 300)!.day;
    const f = forecastSeason(asked({ stages: exact, weather: stationOf(list), asOf: dayNumber('2026-12-31') }));
    expect(f.stages[0]!.reached).to.deep.equal({ p10: expected, p50: expected, p90: expected });
  });
  it('gives the stages in order, each with a range round its middle', () => {
    const f = forecastSeason(asked());
    expect(f).to.include({ basis: 'weather', yearCount: 12 });
    f.stages.reduce((before, { reached }) => {
      expect(reached.p10!).to.be.at.most(reached.p50!);
      expect(reached.p50!).to.be.at.most(reached.p90!);
      expect(reached.p50!).to.be.at.least(before);
      return reached.p50!;
    }, 0);
  });
  it('comes earlier in a warm spring and later up the hill', () => {
    const warm = asked({
      weather: stationOf(weather('2014-01-01', '2026-04-10', (y) => (y === 2026 ? 2 : spreadYears(y)))),
    });
    const high = asked({ site: { latitudeDeg: 46, heightM: 400 } });
    const plain = p50(forecastSeason(asked()), 'flower');
    expect(p50(forecastSeason(warm), 'flower')).to.be.below(plain - 3);
    expect(p50(forecastSeason(high), 'flower')).to.be.above(plain + 5);
  });
  it('narrows as the season goes on', () => {
    const all = weather('2014-01-01', '2026-05-10', spreadYears);
    const early = forecastSeason(asked({ weather: stationOf(all), asOf: dayNumber('2026-02-01') }));
    const late = forecastSeason(asked({ weather: stationOf(all), asOf: dayNumber('2026-05-10') }));
    expect(width(late, 'flower')).to.be.below(width(early, 'flower'));
  });
  it('keeps a stage within what was seen, and moves the later ones the same way', () => {
    const plain = forecastSeason(asked());
    const day = p50(plain, 'leaf') - 6;
    const seen = forecastSeason(
      asked({
        sightings: [
          { stage: 'leaf', day, reached: true },
          { stage: 'leaf', day: day - 3, reached: false },
        ],
      }),
    );
    const leaf = seen.stages[0]!;
    expect(leaf.reached.p10).to.be.at.least(day - 2);
    expect(leaf.reached.p90).to.be.at.most(day);
    expect(leaf.seen).to.deep.equal({ after: day - 3, by: day });
    expect(p50(seen, 'flower')).to.be.below(p50(plain, 'flower'));
  });
  it('learns from "not yet" as well', () => {
    const plain = forecastSeason(asked());
    const day = p50(plain, 'flower') + 6;
    const seen = forecastSeason(asked({ sightings: [{ stage: 'flower', day, reached: false }] }));
    expect(seen.stages[1]!.reached.p10).to.be.at.least(day + 1);
    expect(p50(seen, 'fruit')).to.be.above(p50(plain, 'fruit'));
  });
  it('by several clocks gives each its share of the draws: what divides them is in the band', () => {
    const later = stages.map((s) => ({
      ...s,
      ...('sum' in s.model ? { model: { ...s.model, sum: figure(1.5 * s.model.sum.value, 0.1) } } : {}),
    }));
    const effects = effectsOfProfile(stages.map((s) => s.calendar.value));
    const by = (share: number) =>
      forecastSeason(
        asked({
          clocks: [
            { stages, effects, weights: stages.map(() => 1 - share) },
            { stages: later, effects, weights: stages.map(() => share) },
          ],
        }),
      );
    const [early, half, late] = [by(0), by(0.5), by(1)];
    expect(p50(early, 'flower')).to.equal(p50(forecastSeason(asked()), 'flower'));
    expect(p50(late, 'flower')).to.be.above(p50(early, 'flower') + 8);
    expect(p50(half, 'flower')).to.be.within(p50(early, 'flower'), p50(late, 'flower'));
    expect(width(half, 'flower')).to.be.above(Math.max(width(early, 'flower'), width(late, 'flower')));
    // A quarter of the draws tells itself at the late end and leaves the early one.
    const quarter = by(0.25).stages[1]!.reached;
    expect(Math.abs(quarter.p10! - early.stages[1]!.reached.p10!)).to.be.below(4);
    expect(quarter.p90!).to.be.above(early.stages[1]!.reached.p90!);
  });
  it('does not take what is overdue for certain tomorrow: the later it is, the wider it lies', () => {
    const plain = forecastSeason(asked()).stages[1]!.reached;
    const overdue = (late: number) =>
      forecastSeason(asked({ sightings: [{ stage: 'flower', day: plain.p90! + late, reached: false }] })).stages[1]!
        .reached;
    const [ten, thirty] = [overdue(10), overdue(30)];
    expect(ten.p10!).to.be.above(plain.p90! + 10);
    expect(ten.p90! - ten.p10!).to.be.above(5);
    expect(thirty.p90! - thirty.p10!).to.be.above(ten.p90! - ten.p10!);
  });
  it('knows nothing of what comes after the day it is asked on: neither the season’s weather nor in its usual year', () => {
    const [past, hot] = [0, 20].map((moreC) => {
      const list = weather('2014-01-01', '2030-12-31', spreadYears).map((d) =>
        d.day > dayNumber('2026-04-10') ? { ...d, minC: d.minC + moreC, maxC: d.maxC + moreC } : d,
      );
      return forecastSeason(asked({ weather: stationOf(list) })).stages.map((s) => s.reached);
    });
    expect(hot).to.deep.equal(past);
  });
  it('lets a stage seen stand for those before it, and drops a "not yet" that contradicts it', () => {
    const day = dayNumber('2026-04-08');
    const f = forecastSeason(
      asked({
        sightings: [
          { stage: 'flower', day, reached: true },
          { stage: 'leaf', day: day + 1, reached: false },
        ],
      }),
    );
    expect(f.stages[0]!.seen).to.deep.equal({ after: null, by: day });
    expect(f.stages[0]!.reached.p90).to.be.at.most(day);
  });
  it('falls back on the calendar moved by Hopkins’ law where there is no weather', () => {
    const f = forecastSeason(asked({ weather: null, site: { latitudeDeg: 48, heightM: 122 } }));
    expect(f).to.include({ basis: 'calendar', yearCount: 0 });
    expect(isoDay(p50(f, 'flower'))).to.be.oneOf(['2026-05-31', '2026-06-01', '2026-06-02']);
    expect(isoDay(p50(f, 'leaffall'))).to.be.oneOf(['2026-10-19', '2026-10-20', '2026-10-21']);
    expect(width(f, 'flower')).to.be.within(13, 18);
  });
  it('says so when the record is too short to continue a year', () => {
    expect(forecastSeason(asked({ weather: stationOf(weather('2026-01-01', '2026-04-10')) })).basis).to.equal(
      'calendar',
    );
  });
  it('turns the year round in the south', () => {
    const f = forecastSeason(asked({ weather: null, site: { latitudeDeg: -46, heightM: 0 }, season: 2025 }));
    expect(isoDay(f.firstDay)).to.equal('2025-07-02');
    expect(isoDay(p50(f, 'flower'))).to.be.oneOf(['2025-11-17', '2025-11-18', '2025-11-19']);
  });
  it('reaches nothing where it never gets warm enough, and says null, not a day', () => {
    const cold = asked({ weather: stationOf(weather('2014-01-01', '2026-04-10', () => -14)) });
    expect(forecastSeason(cold).stages[1]!.reached).to.deep.equal({ p10: null, p50: null, p90: null });
  });
  it('takes the ten-day outlook into account', () => {
    const measured = weather('2014-01-01', '2026-04-30', spreadYears);
    const outlook = Array.from({ length: 10 }, (_, i) => ({
      day: dayNumber('2026-05-01') + i,
      minC: 14,
      maxC: 28,
      outlook: true,
    }));
    const at = { asOf: dayNumber('2026-04-30') };
    const plain = forecastSeason(asked({ ...at, weather: stationOf(measured) }));
    const hot = forecastSeason(asked({ ...at, weather: stationOf([...measured, ...outlook]) }));
    expect(p50(hot, 'flower')).to.be.below(p50(plain, 'flower'));
  });
  it('is the same for the same question', () => {
    expect(forecastSeason(asked())).to.deep.equal(forecastSeason(asked()));
  });
  it('refuses a stage that hangs on a later one', () => {
    const loop: StageSpec = {
      key: 'x',
      bbch: 1,
      calendar: days(50, 5),
      model: { kind: 'after', stage: 'flower', days: days(3, 1) },
    };
    expect(() => forecastSeason(asked({ stages: [loop, ...stages] }))).to.throw(RangeError);
  });
  it('holds the truth about eight times in ten when the model is right', () => {
    let held = 0,
      asked10 = 0;
    for (let year = 2020; year <= 2026; year++)
      for (const offset of [-1.1, -0.5, 0, 0.5, 1.1]) {
        const list = weather('2008-01-01', `${year}-12-31`, (y) => (y === year ? offset : spreadYears(y)));
        const truth = (() => {
          let sum = 0;
          return list.filter((d) => yearOf(d.day) === year).find((d) => (sum += degreeDays(d.minC, d.maxC, 5)) >= 300)!
            .day;
        })();
        const f = forecastSeason(
          asked({ season: year, asOf: seasonFirstDay(year, '01-01', 46) + 90, weather: stationOf(list) }),
        );
        const { p10, p90 } = f.stages[1]!.reached;
        asked10++;
        if (truth >= p10! && truth <= p90!) held++;
      }
    expect(held / asked10).to.be.within(0.7, 1);
  });
});

describe('windows', () => {
  const spec = {
    part: 'flower',
    use: 'eaten',
    opens: { stage: 'flower', offsetDays: -2 },
    closes: { stage: 'flower', offsetDays: 12 },
    peakShare: 0.4,
    separableFrom: 'leaf',
  };
  it('open and close with their stages', () => {
    const f = forecastSeason(asked());
    const w = forecastWindow(spec, f, { apartStages: ['leaf'] });
    expect(w.opens.p50).to.equal(p50(f, 'flower') - 2);
    expect(w.closes.p50).to.equal(p50(f, 'flower') + 12);
    expect(w.apart.map((a) => [a.stage, a.day.p50])).to.deep.equal([['leaf', p50(f, 'leaf')]]);
    expect(openOn(w, w.opens.p50! + 7)).to.be.above(0.85);
    expect(openOn(w, w.opens.p50!)).to.be.within(0.4, 0.75);
    expect(openOn(w, f.firstDay)).to.equal(0);
    expect(openOn(w, f.firstDay - 100)).to.equal(0);
  });
  it('never close before they open', () => {
    const w = forecastWindow({ ...spec, closes: { stage: 'leaf', offsetDays: 0 } }, forecastSeason(asked()));
    expect(w.closes).to.deep.equal(w.opens);
  });
  it('refuse a stage that is not there', () => {
    expect(() =>
      forecastWindow({ ...spec, opens: { stage: 'nothing', offsetDays: 0 } }, forecastSeason(asked())),
    ).to.throw(RangeError);
  });
});
