import { expect } from 'chai';
import { firstOfYear } from '../measure/index.ts';
import { asKnownOn, usualBy } from './usual.ts';
import { joinDays, type WeatherDay } from './weather.ts';

const run = (from: number, to: number, meanC: number): WeatherDay[] =>
  Array.from({ length: to - from + 1 }, (_, i) => ({ day: from + i, minC: meanC - 2, maxC: meanC + 2 }));
const year = (y: number, meanC: number): WeatherDay[] => run(firstOfYear(y), firstOfYear(y + 1) - 1, meanC);

describe('the usual year as it was known', () => {
  it('is that of whole years: the warm spring of this one does not make the usual spring', () => {
    const days = [...year(2023, 8), ...year(2024, 10), ...run(firstOfYear(2025), firstOfYear(2025) + 120, 20)];
    expect(usualBy(days, Infinity)!.minC[60]).to.be.closeTo(7, 1e-9);
  });
  it('is that of what there is while no year is whole, and none where that does not reach round', () => {
    const most = run(firstOfYear(2024) + 150, firstOfYear(2025) + 150, 9);
    expect(usualBy(most, Infinity)!.minC[100]).to.be.closeTo(7, 1e-9);
    expect(usualBy(most.slice(0, 100), Infinity)).to.equal(null);
  });
  it('knows neither outlooks nor what comes later', () => {
    const days = [...year(2023, 8), ...year(2024, 20).map((d) => ({ ...d, outlook: true })), ...year(2025, 30)];
    expect(usualBy(days, firstOfYear(2025) + 5)!.minC[200]).to.be.closeTo(6, 1e-9);
  });
  it('of a record is left alone up to its last day, and made anew for a day within it', () => {
    const days = [2020, 2021, 2022, 2023, 2024].flatMap((y) => year(y, y - 2010));
    const weather = { series: joinDays(days)!, climatology: usualBy(days, Infinity), heightM: 0 };
    expect(asKnownOn(weather, firstOfYear(2025))).to.equal(weather);
    const then = asKnownOn(weather, firstOfYear(2023) + 40);
    expect(then.climatology!.minC[100]).to.be.closeTo(11 - 2, 1e-9);
    expect(asKnownOn(weather, firstOfYear(2023) + 90)).to.equal(then);
  });
});
