import { expect } from 'chai';
import { dayNumber } from '../measure/index.ts';
import { forecastSeason, type ForecastInput } from './forecast.ts';
import { fitGrowth } from './growth.ts';
import { packSeason, unpackSeason } from './packed.ts';
import { climatologyOf, joinDays, type WeatherDay } from './weather.ts';

const figure = (value: number, low: number, high: number) => ({ value, low, high, source: 'estimate' });
const tenth = (value: number): number => Math.round(value * 10) / 10;
const days: WeatherDay[] = [];
for (let day = dayNumber('2013-01-01'); day <= dayNumber('2026-04-20'); day++) {
  const mean = 9 - 8 * Math.cos((2 * Math.PI * (day % 365.25)) / 365.25) + 2 * Math.sin(day / 4);
  days.push({ day, minC: tenth(mean - 4), maxC: tenth(mean + 4), rainMm: day % 5 ? null : 3.2 });
}
const growth = {
  start: '01-01',
  baseC: figure(5, 5, 5),
  finalCm: figure(120, 90, 160),
  halfSum: figure(280, 220, 360),
  scaleSum: figure(90, 70, 115),
};
const input: ForecastInput = {
  stages: [
    {
      key: 'leaf',
      bbch: 1,
      calendar: figure(100, 90, 110),
      model: { kind: 'thermal', start: '01-01', baseC: figure(5, 5, 5), sum: figure(120, 90, 160) },
    },
    {
      key: 'flower',
      bbch: 6,
      calendar: figure(140, 132, 148),
      model: { kind: 'after', stage: 'leaf', days: figure(40, 32, 48) },
    },
  ],
  seasonStart: '01-01',
  reference: { latitudeDeg: 50, heightM: 100 },
  site: { latitudeDeg: 46, heightM: 200, slopeDeg: 12, aspectDeg: 180, canopy: 'halfShade' },
  season: 2026,
  weather: { series: joinDays(days)!, climatology: climatologyOf(days), heightM: 40 },
  asOf: dayNumber('2026-04-20'),
  sightings: [{ stage: 'leaf', day: dayNumber('2026-04-10'), reached: false }],
  effects: { mean: Float64Array.from([0.2, 0.1]), covariance: Float64Array.from([0.5, 0.2, 0.2, 0.6]) },
  stretch: 1.1,
  parts: [{ part: 'leaf', measured: { spec: growth, fit: fitGrowth(growth, [], 2026), lengthsCm: [20] }, cut: null }],
};

describe('a season that travels', () => {
  it('gives the same dates where it arrives, as text', () => {
    const arrived = unpackSeason(JSON.parse(JSON.stringify(packSeason(input))) as ReturnType<typeof packSeason>);
    const [here, there] = [forecastSeason(input), forecastSeason(arrived)];
    expect(there.stages).to.deep.equal(here.stages);
    expect([...there.marks]).to.deep.equal([...here.marks]);
  });
  it('keeps gaps in the rain as gaps, and travels without weather as well', () => {
    const { weather } = packSeason(input);
    expect(weather!.rainMm!.filter((r) => r !== null).every((r) => r === 320)).to.equal(true);
    expect(unpackSeason(packSeason({ ...input, weather: null })).weather).to.equal(null);
  });
  it('takes no more past years along than a forecast goes by', () => {
    const long = { ...input, asOf: dayNumber('2040-01-01') };
    expect(packSeason(long).weather!.firstDay).to.equal(dayNumber('2025-01-01') - 1);
    expect(packSeason(input).weather!.minC.length * 12).to.be.below(100_000);
  });
});
