import { expect } from 'chai';
import { dayNumber } from '../measure/day.ts';
import { packWeather, PACKED_YEARS, unpackWeather } from './packed.ts';
import { joinStations } from './stations.ts';
import { climatologyOf, joinDays, type WeatherDay } from './weather.ts';

const record = (from: string, to: string, shift: number) => {
  const days: WeatherDay[] = [];
  for (let day = dayNumber(from); day <= dayNumber(to); day++) {
    if (day % 97 < 6) continue;
    const mean = 9 + shift - 8 * Math.cos((2 * Math.PI * (day % 365.25)) / 365.25) + 2 * Math.sin(day / 4);
    const tenth = (v: number) => Math.round(v * 10) / 10 + 0;
    days.push({ day, minC: tenth(mean - 4), maxC: tenth(mean + 4), rainMm: day % 5 ? null : 3.2 });
  }
  const climatology = climatologyOf(days);
  return { series: joinDays(days, climatology)!, climatology, heightM: 40 + shift };
};
const [low, high] = [record('2013-01-01', '2026-04-20', 0), record('2016-05-01', '2026-04-18', -2.3)];
const joined = joinStations([
  { weather: low, share: 0.6 },
  { weather: high, share: 0.4 },
]);
const asOf = dayNumber('2026-04-20');
const travelled = (weather: typeof joined) =>
  unpackWeather(JSON.parse(JSON.stringify(packWeather(weather, asOf))) as ReturnType<typeof packWeather>);

describe('a record that travels', () => {
  for (const [name, weather] of [
    ['of one station with gaps', low],
    ['joined of two', joined],
  ] as const)
    it(`comes out as it went in: ${name}`, () => {
      expect(travelled(weather)).to.deep.equal(weather);
    });
  it('keeps a day without rain measured apart from a dry one', () => {
    const { rainMm } = packWeather(low, asOf);
    expect(new Set(rainMm)).to.deep.equal(new Set([null, 320]));
  });
  it('takes no more years along than the climate of a place is told by', () => {
    const later = packWeather(low, dayNumber('2050-01-01'));
    expect(later.firstDay).to.equal(Math.floor(dayNumber('2050-01-01') - PACKED_YEARS * 365.25));
    expect(packWeather(low, asOf).firstDay).to.equal(low.series.firstDay);
  });
});
