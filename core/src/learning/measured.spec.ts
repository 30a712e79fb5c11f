import { expect } from 'chai';
import { dayNumber } from '../measure/index.ts';
import { climatologyOf, joinDays, type WeatherDay } from '../weather/weather.ts';
import { measuredAt } from './measured.ts';

const figure = (value: number) => ({ value, low: value, high: value, source: 'estimate' });
/** Every day has ten degrees over a base of five, from 2023 to 20 April 2026. */
const days: WeatherDay[] = [];
for (let day = dayNumber('2023-01-01'); day <= dayNumber('2026-04-20'); day++) days.push({ day, minC: 15, maxC: 15 });
const place = {
  stages: [],
  seasonStart: '01-01',
  reference: { latitudeDeg: 46, heightM: 0 },
  site: { latitudeDeg: 46, heightM: 0 },
  weather: { series: joinDays(days)!, climatology: climatologyOf(days), heightM: 0 },
};
const spec = { start: '02-01', baseC: figure(5) };
const on = (iso: string, ...lengthsCm: number[]) => ({ day: dayNumber(iso), lengthsCm });
const until = dayNumber('2026-04-20');

describe('lengths on the warmth that was gathered', () => {
  it('count it from the start of growth, each in its own season', () => {
    const told = measuredAt(place, spec, [on('2025-02-10', 4), on('2026-03-01', 12, 14)], until);
    expect(told).to.deep.equal([
      { season: 2025, sum: 100, lengthsCm: [4] },
      { season: 2026, sum: 290, lengthsCm: [12, 14] },
    ]);
  });
  it('are nothing yet before it, nor after the day that is known', () => {
    expect(measuredAt(place, spec, [on('2026-01-20', 1)], until)[0]!.sum).to.equal(0);
    expect(measuredAt(place, spec, [on('2026-04-21', 30)], until)).to.deep.equal([]);
  });
  it('say nothing where no weather is known', () =>
    expect(measuredAt({ ...place, weather: null }, spec, [on('2026-03-01', 12)], until)).to.deep.equal([]));
});
