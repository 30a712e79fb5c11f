import { expect } from 'chai';
import fc from 'fast-check';
import { dayNumber, isoDay } from '../measure/index.ts';
import { frozenSpans, groundOn, soilTemperature } from './soil.ts';
import { climatologyOf, joinDays, type WeatherDay } from '../weather/weather.ts';

describe('the soil’s temperature', () => {
  it('goes a quarter of the way to the air each day', () =>
    expect([...soilTemperature([10, 10, -2], { startC: 2, leafArea: 0 })]).to.deep.equal([4, 5.5, 3.625]));
  it('under leaves warms more slowly, and cools as fast', () => {
    const [bare, shaded] = [0, 4].map((leafArea) => soilTemperature([12, 12, 12], { startC: 0, leafArea })[2]!);
    expect(shaded).to.be.below(bare! / 2);
    expect(soilTemperature([-8], { startC: 0, leafArea: 4 })[0]).to.equal(-2);
  });
  it('stays between the coldest and the warmest that it has met', () =>
    fc.assert(
      fc.property(fc.array(fc.double({ min: -30, max: 40, noNaN: true }), { minLength: 1 }), (air) => {
        for (const t of soilTemperature(air, { startC: air[0]!, leafArea: 1 }))
          expect(t).to.be.within(Math.min(...air) - 1e-9, Math.max(...air) + 1e-9);
      }),
    ));
  it('of no days is nothing', () => expect(soilTemperature([], { startC: 5, leafArea: 0 })).to.have.length(0));
});

/** Winters of −5 °C from 1 December to 20 February, or as cold as given, else 8 °C. */
function weather(winterC: number, until = '2026-05-15') {
  const days: WeatherDay[] = [];
  for (let day = dayNumber('2018-01-01'); day <= dayNumber(until); day++) {
    const md = isoDay(day).slice(5);
    const mean = md >= '12-01' || md <= '02-20' ? winterC : 8;
    days.push({ day, minC: mean - 3, maxC: mean + 3 });
  }
  return { series: joinDays(days)!, climatology: climatologyOf(days), heightM: 0 };
}
const site = { latitudeDeg: 46, heightM: 0 };
const spansOn = (iso: string, winterC = -5, over = {}) =>
  frozenSpans({
    weather: weather(winterC),
    site,
    leafArea: 0,
    day: dayNumber(iso),
    asOf: dayNumber('2026-05-15'),
    ...over,
  });

describe('frozen ground', () => {
  const said = (iso: string, winterC = -5) => spansOn(iso, winterC)!.map((s) => [isoDay(s.from), isoDay(s.to)]);
  it('comes some days after the frost and goes some days after the thaw', () => {
    // 8 °C falls to 0 on the fourth day of −5 °C (8 − 13 · (1 − 0.75⁴) = −0.9), and rises above 0 on the second of 8 °C.
    expect(said('2026-01-10')[0]).to.deep.equal(['2025-12-04', '2026-02-21']);
  });
  it('is foreseen for the winter to come', () => {
    const next = said('2026-05-15').at(-1)!;
    expect(next[0]).to.match(/^2026-12-0/);
  });
  it('does not come where winters are mild, nor is it told without weather', () => {
    expect(spansOn('2026-01-10', 3)).to.deep.equal([]);
    expect(frozenSpans({ weather: null, site, leafArea: 0, day: 0, asOf: 0 })).to.equal(null);
  });
  it('comes to high ground where the valley stays open', () => {
    expect(spansOn('2026-01-10', 2)).to.deep.equal([]);
    expect(spansOn('2026-01-10', 2, { site: { latitudeDeg: 46, heightM: 900 } })).not.to.deep.equal([]);
  });
  it('lies in the middle of the year in the south', () => {
    const days: WeatherDay[] = [];
    for (let day = dayNumber('2018-01-01'); day <= dayNumber('2026-05-15'); day++) {
      const md = isoDay(day).slice(5);
      const mean = md >= '06-01' && md <= '08-20' ? -5 : 8;
      days.push({ day, minC: mean - 3, maxC: mean + 3 });
    }
    const south = { series: joinDays(days)!, climatology: climatologyOf(days), heightM: 0 };
    const spans = frozenSpans({
      weather: south,
      site: { latitudeDeg: -46, heightM: 0 },
      leafArea: 0,
      day: dayNumber('2026-05-15'),
      asOf: dayNumber('2026-05-15'),
    })!;
    expect(isoDay(spans[0]!.from).slice(0, 7)).to.equal('2026-06');
  });
});

describe('the ground on a day', () => {
  const spans = [{ from: 100, to: 150 }];
  it('is frozen within a span, with the day it opens; before it open, with the day it freezes', () => {
    expect(groundOn(spans, [], 120)).to.deep.equal({ frozen: true, openFrom: 151, frozenFrom: null });
    expect(groundOn(spans, [], 90)).to.deep.equal({ frozen: false, openFrom: null, frozenFrom: 100 });
    expect(groundOn(spans, [], 160)).to.deep.equal({ frozen: false, openFrom: null, frozenFrom: null });
  });
  it('is what somebody found last, for a week', () => {
    const words = [
      { day: 118, frozen: true },
      { day: 119, frozen: false },
    ];
    expect(groundOn(spans, words, 120)?.frozen).to.equal(false);
    expect(groundOn(spans, words, 127)?.frozen).to.equal(true);
    expect(groundOn(spans, words, 118)?.frozen).to.equal(true);
    expect(groundOn(null, [{ day: 90, frozen: true }], 92)).to.deep.equal({
      frozen: true,
      openFrom: null,
      frozenFrom: null,
    });
  });
  it('is not known where nobody can tell', () => expect(groundOn(null, [], 92)).to.equal(null));
});
