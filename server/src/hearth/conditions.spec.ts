import { expect } from 'chai';
import { climatologyOf, joinDays, type WeatherDay } from '@emberfield/core/weather';
import { dayNumber } from '@emberfield/core/measure';
import { conditionsOn } from './operations/conditions.ts';
import { sharesFor, type PlaceWeather } from '../weather/index.ts';

const place = { latitudeDeg: 46, longitudeDeg: -30 };
const last = dayNumber('2026-05-15');
const days: WeatherDay[] = Array.from({ length: 800 }, (_, i) => ({
  day: last - 799 + i,
  minC: 5,
  maxC: 15,
  rainMm: i === 799 ? 3.2 : null,
})).filter((d) => d.day !== last - 2);
const outlook: WeatherDay[] = [{ day: last + 1, minC: 9, maxC: 20, outlook: true }];
const all = [...days, ...outlook];
const known = {
  stations: [{ station: { name: 'Harbour' }, share: 1 }],
  weather: { series: joinDays(all)!, climatology: climatologyOf(all), heightM: 0 },
} as unknown as PlaceWeather;

describe('the day’s conditions', () => {
  it('say where the figures come from: measured, a gap filled, an outlook, the usual', () => {
    const source = (day: number) => conditionsOn(known, place, day, 'UTC').source;
    expect([last, last - 2, last + 1, last + 40].map(source)).to.deep.equal(['measured', 'filled', 'outlook', 'usual']);
    expect(conditionsOn(known, place, last, 'UTC')).to.include({
      minC: 5,
      maxC: 15,
      rainMm: 3.2,
      stationName: 'Harbour',
      stationLastDay: '2026-05-15',
    });
  });
  it('claim nothing without weather', () => {
    expect(conditionsOn(null, place, last, 'UTC')).to.include({
      source: 'none',
      minC: null,
      lead: null,
      stationName: null,
    });
  });
  it('give the light of the place in the group’s zone', () => {
    // 46° north on 15 May: about 14 h 50 min between sunrise and sunset, noon at 14:00 UTC thirty degrees west.
    const minutes = (clock: string | null) => Number(clock!.slice(0, 2)) * 60 + Number(clock!.slice(3));
    const { sunrise, sunset } = conditionsOn(null, place, last, 'UTC');
    expect(minutes(sunset) - minutes(sunrise)).to.be.within(870, 920);
    expect((minutes(sunset) + minutes(sunrise)) / 2).to.be.within(825, 850);
    const azores = conditionsOn(null, place, last, 'Etc/GMT+2');
    expect(minutes(sunrise) - minutes(azores.sunrise)).to.equal(120);
  });
  it('say null, not nonsense, where the sun does not rise', () => {
    expect(conditionsOn(null, { latitudeDeg: 80, longitudeDeg: 0 }, dayNumber('2026-12-21'), 'UTC')).to.include({
      sunrise: null,
      sunset: null,
    });
  });
});

describe('the stations of a place', () => {
  const station = (name: string, latitudeDeg: number, heightM: number) =>
    ({ name, latitudeDeg, longitudeDeg: -30, heightM }) as Parameters<typeof sharesFor>[0][number];
  const spot = { ...place, heightM: 0 };
  const shares = (...stations: ReturnType<typeof station>[]) =>
    sharesFor(stations, spot).map(({ station: { name }, share }) => [name, share]);

  it('are weighed by the way to them, a height difference of 100 m counting like 10 km', () => {
    expect(shares(station('far', 46.5, 0), station('near', 46.05, 20))).to.deep.equal([['near', 1]]);
    expect(shares(station('near but high', 46.05, 600), station('far', 46.3, 0))[0]).to.deep.equal(['far', 0.75]);
    expect(shares(station('east', 46.1, 0), station('west', 45.9, 0))).to.deep.equal([
      ['east', 0.5],
      ['west', 0.5],
    ]);
    expect(shares()).to.deep.equal([]);
  });
  it('are three at most, and their shares are one', () => {
    const told = shares(...[1, 2, 3, 4].map((n) => station(`${n}`, 46 + n / 1000, 0)));
    expect(told.map(([name]) => name)).to.deep.equal(['1', '2', '3']);
    expect(told.reduce((sum, [, share]) => sum + Number(share), 0)).to.be.closeTo(1, 1e-12);
  });
});
