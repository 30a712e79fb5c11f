import { expect } from 'chai';
import { oddDays } from './station-health.ts';
import { climatologyOf, joinDays, type WeatherDay } from './weather.ts';

const days = (...means: readonly number[]): WeatherDay[] =>
  means.map((mean, i) => ({ day: 20_000 + i, minC: mean - 4, maxC: mean + 4 }));
const oddOf = (list: WeatherDay[], usual = 10) => {
  const climatology = { minC: new Float64Array(366).fill(usual - 4), maxC: new Float64Array(366).fill(usual + 4) };
  return oddDays(joinDays(list)!, climatology).map((o) => [o.day - 20_000, o.why]);
};

describe('odd days of a station', () => {
  it('are none in ordinary weather', () => expect(oddOf(days(8, 11, 9, 14, 6))).to.deep.equal([]));
  it('lie far from the usual, such as a reading in the wrong unit', () =>
    expect(oddOf(days(10, 50, 11))).to.deep.equal([
      [1, 'farFromUsual'],
      [2, 'leap'],
    ]));
  it('are those on which the thermometer stood still', () =>
    expect(oddOf(days(9, 12, 12, 12, 12, 12, 12, 8))).to.deep.equal([
      [5, 'stuck'],
      [6, 'stuck'],
    ]));
  it('are looked for only among what was measured', () => {
    const gap = [...days(10, 10, 10), { day: 20_010, minC: 6, maxC: 14 }];
    expect(oddOf(gap)).to.deep.equal([]);
    expect(oddOf([{ day: 20_000, minC: 40, maxC: 48, outlook: true }])).to.deep.equal([]);
  });
  it('need no climatology to see a leap', () => {
    const list = days(10, 35);
    expect(oddDays(joinDays(list)!, climatologyOf(list)).map((o) => o.why)).to.deep.equal(['leap']);
  });
});
