import { expect } from 'chai';
import { dayNumber } from '../measure/index.ts';
import { readSite } from '../climate/site-readings.ts';
import { joinStations, type StationWeather } from './stations.ts';
import { climatologyOf, DAY_MARK, joinDays, type WeatherDay } from './weather.ts';

const wave = (day: number): number =>
  10 - 8 * Math.cos((2 * Math.PI * (day % 365.25)) / 365.25) + 3 * Math.sin(day / 5);
function station(
  from: string,
  to: string,
  { offC = 0, heightM = 0, rainMm = null as number | null } = {},
): StationWeather {
  const days: WeatherDay[] = [];
  for (let day = dayNumber(from); day <= dayNumber(to); day++)
    days.push({ day, minC: wave(day) - 4 + offC, maxC: wave(day) + 4 + offC, rainMm });
  const climatology = climatologyOf(days);
  return { series: joinDays(days, climatology)!, climatology, heightM };
}
const at = ({ series }: StationWeather, iso: string): { min: number; max: number; mark: number } => {
  const i = dayNumber(iso) - series.firstDay;
  return { min: series.minC[i]!, max: series.maxC[i]!, mark: series.mark[i]! };
};

describe('several stations', () => {
  const long = station('2010-01-01', '2026-05-15');

  it('one alone is left as it is', () => expect(joinStations([{ weather: long, share: 0.3 }])).to.equal(long));

  it('lies between two by their shares, at the height between them', () => {
    const warm = station('2010-01-01', '2026-05-15', { offC: 2 });
    const joined = joinStations([
      { weather: long, share: 3 },
      { weather: { ...warm, heightM: 400 }, share: 1 },
    ]);
    expect(joined.heightM).to.equal(100);
    // 400 m up it reads 2 °C more: brought down to 100 m it reads 1.95 °C more than that, and the other 0.65 °C less.
    expect(at(joined, '2020-06-01').min - at(long, '2020-06-01').min).to.be.closeTo(0.75 * -0.65 + 0.25 * 3.95, 0.005);
  });
  it('leaves no step where a warmer neighbour begins', () => {
    const late = station('2019-01-01', '2026-05-15', { offC: 4 });
    const joined = joinStations([
      { weather: long, share: 1 },
      { weather: late, share: 1 },
    ]);
    for (const iso of ['2018-06-01', '2020-06-01'])
      expect(at(joined, iso).max - at(long, iso).max, iso).to.be.closeTo(2, 0.25);
  });
  it('reckons a short record’s usual year by its difference to the long one, not by its one odd year', () => {
    const short = station('2025-01-01', '2026-05-15', { offC: 1 });
    const joined = joinStations([
      { weather: long, share: 1 },
      { weather: short, share: 1 },
    ]);
    const k = 180;
    expect(joined.climatology!.maxC[k]! - long.climatology!.maxC[k]!).to.be.closeTo(0.5, 1e-6);
  });
  it('takes the usual where nobody measured, and says so', () => {
    const gap = (weather: StationWeather, from: string, to: string): StationWeather => {
      const mark = weather.series.mark.slice();
      mark.fill(
        DAY_MARK.climatology,
        dayNumber(from) - weather.series.firstDay,
        dayNumber(to) - weather.series.firstDay,
      );
      return { ...weather, series: { ...weather.series, mark } };
    };
    const joined = joinStations([
      { weather: gap(long, '2021-03-01', '2021-03-20'), share: 1 },
      { weather: gap(station('2010-01-01', '2026-05-15'), '2021-03-10', '2021-03-30'), share: 1 },
    ]);
    expect(at(joined, '2021-03-05').mark).to.equal(DAY_MARK.measured);
    expect(at(joined, '2021-03-15').mark).to.equal(DAY_MARK.climatology);
    expect(at(joined, '2021-03-15').min).to.be.closeTo(joined.climatology!.minC[73]!, 0.2);
    expect(at(joined, '2021-03-25').mark).to.equal(DAY_MARK.measured);
  });
  it('takes the rain of those that measure it', () => {
    const joined = joinStations([
      { weather: long, share: 1 },
      { weather: station('2015-01-01', '2026-05-15', { rainMm: 6 }), share: 1 },
      { weather: station('2015-01-01', '2026-05-15', { rainMm: 3 }), share: 2 },
    ]);
    const { rainMm, firstDay } = joined.series;
    expect(rainMm![dayNumber('2020-01-01') - firstDay]).to.be.closeTo(4, 1e-9);
    expect(rainMm![dayNumber('2012-01-01') - firstDay]).to.be.NaN;
  });
});

describe('a thermometer at a place', () => {
  const weather = station('2015-01-01', '2026-05-15');
  const site = { latitudeDeg: 46, heightM: 0 };
  const readings = (days: number, min: number, max: number) =>
    joinDays(
      Array.from({ length: days }, (_, i) => dayNumber('2026-04-01') + i).map((day) => ({
        day,
        minC: wave(day) - 4 + min,
        maxC: wave(day) + 4 + max,
      })),
    )!;

  it('says how much colder its nights are, the more surely the longer it hangs', () => {
    const [week, month] = [7, 40].map((n) => readSite(readings(n, -3, 1), weather, site)!);
    expect(week!.days).to.equal(7);
    expect(week!.minC).to.be.within(-3, -1).and.above(month!.minC);
    expect(month!.minC).to.be.closeTo(-3, 0.5);
    expect(month!.maxC).to.be.closeTo(1, 0.2);
  });
  it('takes height and shade as given: only what is left over is the place’s own', () => {
    const high = readSite(readings(30, -1.3, -1.3), weather, { ...site, heightM: 200 })!;
    expect(high.minC).to.be.closeTo(0, 1e-9);
  });
  it('says nothing of two days, nor of days that the stations did not measure, and no place is ten degrees off', () => {
    expect(readSite(readings(2, -3, 0), weather, site)).to.equal(null);
    const before = joinDays([{ day: dayNumber('2001-01-01'), minC: 0, maxC: 1 }])!;
    expect(readSite(before, weather, site)).to.equal(null);
    expect(readSite(readings(40, 0, 20), weather, site)!.maxC).to.equal(5);
  });
});
