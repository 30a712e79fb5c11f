import { expect } from 'chai';
import { dayNumber } from '../measure/index.ts';
import { qualityOn } from './readiness.ts';
import { forecastSeason } from '../stages/forecast.ts';
import type { PartGrowth } from '../stages/forecast-input.ts';
import { fitGrowth } from '../growth/growth.ts';
import { climatologyOf, joinDays, type WeatherDay } from '../weather/weather.ts';
import type { StageSpec } from '../stages/stage-model.ts';
import { expectedQualityOn, forecastRegrowth, forecastWindow, openOn, type WindowSpec } from './window.ts';

const about = (value: number, spread: number) => ({
  value,
  low: value - spread,
  high: value + spread,
  source: 'estimate',
});
const stages: readonly StageSpec[] = [
  { key: 'leaf', bbch: 1, calendar: about(100, 10), model: { kind: 'calendar', direction: 'spring' } },
  { key: 'flower', bbch: 6, calendar: about(140, 8), model: { kind: 'calendar', direction: 'spring' } },
];
const forecast = forecastSeason({
  stages,
  seasonStart: '01-01',
  reference: { latitudeDeg: 46, heightM: 0 },
  site: { latitudeDeg: 46, heightM: 0 },
  season: 2026,
  weather: null,
  asOf: dayNumber('2026-01-01'),
  sightings: [],
});
const spec = (over: Partial<WindowSpec> = {}): WindowSpec => ({
  part: 'leaf',
  use: 'fresh',
  opens: { stage: 'leaf', offsetDays: 0 },
  closes: { stage: 'flower', offsetDays: 0 },
  peakShare: 0.3,
  ...over,
});

describe('the chance that a window is open', () => {
  const window = forecastWindow(spec(), forecast);
  const on = (iso: string) => openOn(window, dayNumber(iso));

  it('is nothing in winter, sure in the middle, even at the middle day of opening', () => {
    expect(on('2026-01-15')).to.equal(0);
    expect(on('2026-04-30')).to.be.greaterThan(0.97);
    // Day 100 is 10 April: half of the years are open by then.
    expect(on('2026-04-10')).to.be.closeTo(0.5, 0.08);
    expect(on('2026-09-01')).to.equal(0);
  });
  it('rises to the opening and falls from the closing', () => {
    const rising = ['2026-03-20', '2026-04-01', '2026-04-10', '2026-04-20'].map(on);
    const falling = ['2026-05-10', '2026-05-20', '2026-05-30', '2026-06-10'].map(on);
    expect([...rising].sort((a, b) => a - b)).to.deep.equal(rising);
    expect([...falling].sort((a, b) => b - a)).to.deep.equal(falling);
  });
  it('is 0 outside the season it belongs to', () => {
    expect(on('2025-04-30')).to.equal(0);
    expect(on('2029-04-30')).to.equal(0);
  });
});

describe('the edges of a window', () => {
  it('move by their days from the stage', () => {
    const later = forecastWindow(spec({ opens: { stage: 'leaf', offsetDays: 7 } }), forecast);
    expect(later.opens.p50! - forecastWindow(spec(), forecast).opens.p50!).to.equal(7);
  });
  it('have the days of stages from which look-alikes can be told apart, where such are asked for', () => {
    expect(forecastWindow(spec(), forecast).apart).to.deep.equal([]);
    const { apart, closes } = forecastWindow(spec(), forecast, { apartStages: ['flower'] });
    expect(apart.map((a) => [a.stage, a.day.p50])).to.deep.equal([['flower', closes.p50]]);
  });
});

describe('quality within a window', () => {
  it('is half at both ends and whole at its peak', () => {
    expect([0, 30, 100].map((d) => qualityOn(0, 100, 0.3, d))).to.deep.equal([0.5, 1, 0.5]);
    expect(qualityOn(0, 100, 0.3, 15)).to.be.closeTo(0.75, 1e-9);
    expect(qualityOn(0, 100, 0.3, 65)).to.be.closeTo(0.75, 1e-9);
  });
  it('may begin at its best, or end there', () => {
    expect(qualityOn(0, 100, 0, 0)).to.equal(1);
    expect(qualityOn(0, 100, 1, 100)).to.equal(1);
  });
  it('is whole where no end is in sight', () => expect(qualityOn(0, Infinity, 0.5, 50)).to.equal(1));
});

describe('a window by what is measured, cut, and said of it', () => {
  const figureOf = (value: number, low: number, high: number) => ({ value, low, high, source: 'estimate' });
  const growth = {
    start: '04-01',
    baseC: figureOf(5, 5, 5),
    finalCm: figureOf(120, 90, 160),
    halfSum: figureOf(280, 220, 360),
    scaleSum: figureOf(90, 70, 115),
  };
  const days: WeatherDay[] = [];
  for (let day = dayNumber('2016-01-01'); day <= dayNumber('2026-04-20'); day++)
    days.push({ day, minC: 6, maxC: 14 + ((day * 7) % 3) });
  const weather = { series: joinDays(days)!, climatology: climatologyOf(days), heightM: 0 };
  const sized = spec({
    opens: { stage: 'leaf', offsetDays: 0, lengthCm: 25 },
    closes: { stage: 'flower', offsetDays: 0, lengthCm: 60 },
  });
  const forecastWith = (parts: readonly PartGrowth[], over = {}) =>
    forecastSeason({
      stages,
      seasonStart: '01-01',
      reference: { latitudeDeg: 46, heightM: 0 },
      site: { latitudeDeg: 46, heightM: 0 },
      season: 2026,
      weather,
      asOf: dayNumber('2026-04-20'),
      sightings: [],
      parts,
      ...over,
    });
  const forecastWithStages = (part: PartGrowth) => {
    const made = forecastWith([part]);
    return { ...forecastWindow(sized, made), first: made.stages[0]!.reached.p50! };
  };
  const measuredAs = (lengthCm: number): PartGrowth => ({
    part: 'leaf',
    measured: {
      spec: growth,
      // Some 5.7 °C·day a day over 5 °C: 30 days make some 170.
      fit: fitGrowth(growth, [{ season: 2026, sum: 170, lengthsCm: [lengthCm, lengthCm, lengthCm] }], 2026),
      lengthsCm: [25, 60],
    },
    cut: null,
  });

  it('opens and closes at its lengths, the later the shorter it was found', () => {
    const [long, short] = [36, 18].map((cm) => forecastWindow(sized, forecastWith([measuredAs(cm)])));
    expect(long!.bySize && short!.bySize).to.equal(true);
    expect(long!.opens.p50).to.be.below(short!.opens.p50!);
    expect(long!.closes.p50).to.be.below(short!.closes.p50!).and.above(long!.opens.p50!);
  });
  it('never opens before the stage that comes before its own, however long it was found', () => {
    const giant = forecastWithStages(measuredAs(400));
    expect(giant.opens.p50).to.be.at.least(giant.first);
  });
  it('goes by its stages where nothing was measured or there is no weather', () => {
    const plain = forecastWindow(sized, forecastWith([]));
    expect(plain.bySize).to.equal(false);
    expect(plain.opens).to.deep.equal(forecastWindow(spec(), forecastWith([])).opens);
    expect(forecastWindow(sized, forecastWith([measuredAs(20)], { weather: null })).bySize).to.equal(false);
  });
  it('comes again after a cut, and not before', () => {
    const regrowth = {
      baseC: figureOf(5, 5, 5),
      opensSum: figureOf(150, 130, 175),
      closesSum: figureOf(300, 260, 350),
      until: { stage: 'flower', offsetDays: 100 },
    };
    const cut = dayNumber('2026-04-10');
    const again = forecastRegrowth(
      spec({ regrowth }),
      forecastWith([{ part: 'leaf', measured: null, cut: { day: cut, regrowth } }]),
    )!;
    expect(again.again).to.equal(true);
    // Some 5.7 °C·day a day.
    expect(again.opens.p50! - cut).to.be.closeTo(26, 5);
    expect(again.closes.p50! - cut).to.be.closeTo(53, 8);
    expect(openOn(again, cut)).to.equal(0);
    expect(forecastRegrowth(spec({ regrowth }), forecastWith([]))).to.equal(null);
  });
  it('that has not come again by its end comes no more', () => {
    const regrowth = {
      baseC: figureOf(5, 5, 5),
      opensSum: figureOf(900, 800, 1000),
      closesSum: figureOf(950, 850, 1050),
      until: { stage: 'leaf', offsetDays: 10 },
    };
    const late = { part: 'leaf', measured: null, cut: { day: dayNumber('2026-04-10'), regrowth } };
    expect(forecastRegrowth(spec({ regrowth }), forecastWith([late]))!.opens.p50).to.equal(null);
  });
  it('moves by what its takes said, and is less sure of it', () => {
    const plain = forecastWindow(spec(), forecast);
    const moved = forecastWindow(spec(), forecast, {
      shifts: { opens: { meanDays: 0, sdDays: 0 }, closes: { meanDays: -6, sdDays: 3 } },
    });
    expect(moved.opens).to.deep.equal(plain.opens);
    expect(moved.closes.p50).to.be.closeTo(plain.closes.p50! - 6, 1);
    expect(moved.closes.p90! - moved.closes.p10!).to.be.at.least(plain.closes.p90! - plain.closes.p10!);
  });
  it('expects the mean quality of all the windows that it may be, day by day', () => {
    for (const peakShare of [0, 0.3, 1]) {
      const window = forecastWindow(spec({ peakShare }), forecast);
      const [opens, closes] = forecast.stages.map((s) => s.dates);
      for (let i = 0; i < window.quality.length; i += 7) {
        const day = window.firstDay + i;
        let [good, open] = [0, 0];
        opens!.forEach((o, j) => {
          const [from, to] = [forecast.firstDay + o, forecast.firstDay + Math.max(o, closes![j]!)];
          if (day < from || day > to) return;
          open += forecast.weight[j]!;
          good += forecast.weight[j]! * qualityOn(from, to, peakShare, day);
        });
        expect(expectedQualityOn(window, day), `${peakShare} ${i}`).to.be.closeTo(good / open, 0.0051);
      }
    }
  });
  it('expects its quality over all that may come: best about its peak, never outside', () => {
    const plain = forecastWindow(spec(), forecast);
    const on = (iso: string) => expectedQualityOn(plain, dayNumber(iso));
    expect(on('2026-04-25')).to.be.above(on('2026-04-12')).and.above(on('2026-05-16'));
    expect(on('2026-04-25')).to.be.within(0.8, 1);
    expect(on('2026-01-10')).to.equal(0);
  });
});
