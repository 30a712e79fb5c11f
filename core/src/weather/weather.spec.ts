import { expect } from 'chai';
import { dayNumber } from '../measure/index.ts';
import { climatologyOf, DAY_MARK, joinDays, lastMeasuredDay, type WeatherDay } from './weather.ts';

const start = dayNumber('2024-01-01');
const year = (from: string, count: number, shift = 0): WeatherDay[] =>
  Array.from({ length: count }, (_, i) => {
    const mean = 10 - 8 * Math.cos((2 * Math.PI * i) / 365.25) + shift;
    return { day: dayNumber(from) + i, minC: mean - 4, maxC: mean + 4 };
  });

describe('weather series', () => {
  it('bridges a gap of up to three days with a line and marks it', () => {
    const series = joinDays([
      { day: start, minC: 0, maxC: 8 },
      { day: start + 4, minC: 4, maxC: 16 },
    ])!;
    expect([...series.minC]).to.deep.equal([0, 1, 2, 3, 4]);
    expect([...series.maxC]).to.deep.equal([8, 10, 12, 14, 16]);
    expect([...series.mark]).to.deep.equal([0, 1, 1, 1, 0]);
  });
  it('fills a longer gap with the climatology of the day and marks it', () => {
    const days = [...year('2022-01-01', 365), ...year('2023-01-01', 365)];
    const holed = days.filter((d) => d.day < dayNumber('2023-07-01') || d.day > dayNumber('2023-07-10'));
    const series = joinDays(holed)!;
    const i = dayNumber('2023-07-05') - series.firstDay;
    expect(series.mark[i]).to.equal(DAY_MARK.climatology);
    expect((series.minC[i]! + series.maxC[i]!) / 2).to.be.closeTo(18, 0.3);
  });
  it('has no climatology from half a year, and says so', () => {
    expect(climatologyOf(year('2024-01-01', 180))).to.equal(null);
  });
  it('averages the years of a climatology', () => {
    const c = climatologyOf([...year('2021-01-01', 365, -1), ...year('2022-01-01', 365, 1)])!;
    expect((c.minC[181]! + c.maxC[181]!) / 2).to.be.closeTo(18, 0.2);
  });
  it('takes the measured day over an outlook of the same day, in whatever order they come', () => {
    const outlook = { day: start, minC: 5, maxC: 6, outlook: true };
    const measured = { day: start, minC: 1, maxC: 2 };
    for (const days of [
      [outlook, measured],
      [measured, outlook],
    ])
      expect(joinDays(days)!.minC[0]).to.equal(1);
  });
  it('knows the last day that was measured', () => {
    const days = [
      { day: start, minC: 0, maxC: 5 },
      { day: start + 1, minC: 0, maxC: 5, outlook: true },
    ];
    expect(lastMeasuredDay(joinDays(days)!)).to.equal(start);
    expect(lastMeasuredDay(joinDays([days[1]!])!)).to.equal(null);
  });
  it('answers no days with null and refuses impossible ones', () => {
    expect(joinDays([])).to.equal(null);
    expect(() => joinDays([{ day: start, minC: 5, maxC: 1 }])).to.throw(RangeError);
    expect(() => joinDays([{ day: start, minC: NaN, maxC: 1 }])).to.throw(RangeError);
  });
});
