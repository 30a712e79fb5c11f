import { expect } from 'chai';
import { dayNumber, isoDay, yearOf, type DayNumber } from '../measure/index.ts';
import { ANOMALY_FADING_DAYS, buildEnsemble, extremesOn, type Ensemble } from './ensemble.ts';
import { cumulateCold, cumulateFrosts, cumulateWarmth } from './sums.ts';
import { siteClimate } from './site-climate.ts';
import { climatologyOf, joinDays, type WeatherDay } from '../weather/weather.ts';

/** A year of one temperature, another for each year: what continues the season is then plain to see. */
function years(from: number, to: string, ofDay: (day: DayNumber) => number): WeatherDay[] {
  const out: WeatherDay[] = [];
  for (let day = dayNumber(`${from}-01-01`); day <= dayNumber(to); day++)
    out.push({ day, minC: ofDay(day) - 3, maxC: ofDay(day) + 3 });
  return out;
}
const byYear = (day: DayNumber): number => ({ 2023: 8, 2024: 10, 2025: 12 })[yearOf(day)] ?? 10;
const built = (days: readonly WeatherDay[], over: { readonly asOf?: string; readonly heightM?: number } = {}) =>
  buildEnsemble({
    series: joinDays(days)!,
    climatology: climatologyOf(days)!,
    season: 2026,
    seasonStart: '01-01',
    latitudeDeg: 46,
    asOf: dayNumber(over.asOf ?? '2026-04-10'),
    site: siteClimate(0, { latitudeDeg: 46, heightM: over.heightM ?? 0 }),
  });

const lowest = (ensemble: Ensemble, i: number): readonly number[] =>
  ensemble.station.years.map((_, m) => extremesOn(ensemble, m, i)[0]);

describe('a season continued by past ones', () => {
  const days = years(2023, '2026-04-10', byYear);
  const ensemble = built(days)!;

  it('has a member for each past season, newest first', () => {
    expect(ensemble.station.years).to.deep.equal([2025, 2024, 2023]);
    expect(isoDay(ensemble.station.firstDay)).to.equal('2026-01-01');
    expect(ensemble.station.knownDays).to.equal(100);
  });
  it('shares the days that are known, and goes each member’s own way after them', () => {
    for (const i of [0, 50, 99]) expect(lowest(ensemble, i)).to.deep.equal([7, 7, 7]);
    const far = lowest(ensemble, 300);
    expect(far[0]! - far[1]!).to.be.closeTo(2, 1e-9);
    expect(far[1]! - far[2]!).to.be.closeTo(2, 1e-9);
  });
  it('has none for a year that nobody measured, though its days have been filled', () => {
    const holes = [
      ...years(2000, '2001-12-31', () => 9),
      ...years(2021, '2021-12-31', () => 11),
      ...years(2026, '2026-04-10', () => 10),
    ];
    expect(built(holes)!.station.years).to.deep.equal([2021, 2001, 2000]);
  });
  it('knows a filled day of this season no better than one to come', () => {
    const gap = (day: DayNumber): boolean => day >= dayNumber('2026-02-10') && day <= dayNumber('2026-03-20');
    const open = built(days.filter((d) => !gap(d.day)))!;
    expect(open.station).to.include({ knownDays: 100, sharedDays: 40 });
    for (const i of [0, 39, 85]) expect(new Set(lowest(open, i)).size, `day ${i}`).to.equal(1);
    expect(new Set(lowest(open, 60)).size).to.equal(3);
    // Sums tell them apart from the first filled day on, and not before.
    const at = (i: number): number => new Set(cumulateWarmth(open, 0, Infinity, 0).map((s) => s[i]!.toFixed(6))).size;
    expect([at(39), at(60), at(95)]).to.deep.equal([1, 3, 3]);
  });
  it('knows nothing after the day it looks from', () => {
    const early = built(days, { asOf: '2026-02-01' })!;
    expect(early.station.knownDays).to.equal(32);
    expect(new Set(lowest(early, 60)).size).to.equal(3);
  });
  it('shifts every day from the station to the patch', () => {
    const shifted = built(days, { heightM: 200 })!;
    for (const i of [10, 200])
      expect(extremesOn(shifted, 1, i)[1] - extremesOn(ensemble, 1, i)[1]).to.be.closeTo(-1.3, 1e-9);
  });
  it('carries this year’s anomaly on, fading by e in three weeks', () => {
    const warm = years(2023, '2026-04-10', (day) => (day > dayNumber('2026-03-20') ? 14 : 10));
    const anomalous = built(warm)!;
    const over = (daysAhead: number): number => extremesOn(anomalous, 1, 99 + daysAhead)[0] - 7;
    expect(over(1)).to.be.greaterThan(2);
    expect(over(1 + ANOMALY_FADING_DAYS) / over(1)).to.be.closeTo(Math.exp(-1), 0.12);
    expect(over(150)).to.be.closeTo(0, 0.05);
  });
  it('leaves out a past season that has not enough days, and is none without any', () => {
    const climatology = climatologyOf(days)!;
    const asked = {
      climatology,
      season: 2026,
      seasonStart: '01-01',
      latitudeDeg: 46,
      asOf: dayNumber('2026-04-10'),
      site: siteClimate(0, { latitudeDeg: 46, heightM: 0 }),
    };
    const late = joinDays(days.filter((d) => d.day >= dayNumber('2023-09-01')))!;
    expect(buildEnsemble({ ...asked, series: late })!.station.years).to.deep.equal([2025, 2024]);
    const alone = joinDays(days.filter((d) => yearOf(d.day) === 2026))!;
    expect(buildEnsemble({ ...asked, series: alone })).to.equal(null);
  });
});

describe('sums over the members', () => {
  const days = years(2023, '2026-04-10', byYear);
  const ensemble = built(days)!;

  it('are one sum over the shared days, then each member’s own', () => {
    const sums = cumulateWarmth(ensemble, 0, 40, 0);
    expect(sums.map((s) => s[99])).to.deep.equal([1000, 1000, 1000].map((v) => sums[0]![99] ?? v));
    expect(sums[0]![99]).to.be.closeTo(1000, 1e-6);
    expect(sums[0]![300]!).to.be.greaterThan(sums[1]![300]!);
  });
  it('count nothing before their start', () => {
    const [sum] = cumulateWarmth(ensemble, 0, 40, 50);
    expect(sum![49]).to.equal(0);
    expect(sum![50]).to.be.closeTo(10, 1e-9);
  });
  it('never fall', () => {
    for (const sum of [...cumulateWarmth(ensemble, 5, 30, 0), ...cumulateCold(ensemble, 9, 200)])
      for (let i = 1; i < sum.length; i++) expect(sum[i]).to.be.at.least(sum[i - 1]!);
  });
  it('count nights of frost one by one', () => {
    const frosty = years(2023, '2026-04-10', (day) => (day % 10 === 0 ? 2 : 10));
    const [count] = cumulateFrosts(built(frosty)!, 0, 0);
    // Of the first hundred days of the year ten are such.
    expect(count![99]).to.equal(10);
  });
});
