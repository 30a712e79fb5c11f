// Profiles that what was seen contradicts: it is the sightings that are believed.
import { expect } from 'chai';
import { about, gatheredOn, inDays, madeWeather, seenBy, stationOf } from '../clocks/made-seasons.ts';
import { firstOfYear, isoDay } from '../measure/index.ts';
import { forecastSeason, type StageSpec } from '../stages/index.ts';
import { momentsAfter, logTail } from './censored.ts';
import { learnFrom } from './group-learning.ts';

const days = madeWeather(2008, 2026);
const weather = stationOf(days);
const TODAY = firstOfYear(2026) + 100;
const stageOf = (sum: number, calendar = 120, baseC = 5, by = 1.2): StageSpec => ({
  key: 'ripe',
  bbch: 8,
  calendar: inDays(calendar, 12),
  model: { kind: 'thermal', start: '01-01', baseC: about(baseC), sum: about(sum, by) },
});
const SEASONS = Array.from({ length: 10 }, (_, k) => 2016 + k);
const expects = (stages: readonly StageSpec[], came: ReadonlyMap<number, number>) => {
  const stand = seenBy(stages, weather, came);
  const group = learnFrom([stand], TODAY);
  const forecast = forecastSeason({
    ...stand.place,
    season: 2026,
    asOf: TODAY,
    sightings: [],
    clocks: group.expects(stand, 2026, TODAY),
  });
  return { ...forecast.stages[0]!.reached, doubtful: group.standOf(stand, { until: TODAY }).doubtful() };
};
/** Ten Julys: seen to come between the 12th and the 18th. */
const JULYS = new Map(SEASONS.map((y) => [y, 195]));
const usualSum = days
  .filter((d) => d.day >= firstOfYear(2022) && d.day < firstOfYear(2022) + 195)
  .reduce((sum, d) => sum + Math.max(0, (d.minC + d.maxC) / 2 - 5), 0);

describe('a profile that ten agreeing seasons contradict', () => {
  for (const [name, factor] of [
    ['four times too large', 4],
    ['five times too small', 0.2],
    ['right', 1],
  ] as const)
    it(`is given up: a sum ${name}, ten times seen about 15 July, is 15 July`, () => {
      const { p10, p50, p90, doubtful } = expects([stageOf(usualSum * factor)], JULYS);
      expect(p50, 'the middle').to.be.within(firstOfYear(2026) + 184, firstOfYear(2026) + 206);
      expect(p10).to.be.above(firstOfYear(2026) + 165);
      expect(p90).to.be.below(firstOfYear(2026) + 230);
      // Nobody is doubted for saying what all say.
      expect(doubtful).to.deep.equal([]);
    });
  it('is given up where only its days were retyped: a copy of a spring plant seen in July', () => {
    const { p50 } = expects([stageOf(120, 196)], JULYS);
    expect(p50! - firstOfYear(2026)).to.be.within(184, 206);
  });
  it('is not given up for one odd season', () => {
    const usual = new Map(SEASONS.slice(0, 5).map((y) => [y, gatheredOn(days, y, 300, (c) => Math.max(0, c - 5))]));
    const before = expects([stageOf(300)], usual).p50!;
    const odd = expects([stageOf(300)], new Map([...usual, [2025, 260]])).p50!;
    expect(Math.abs(odd - before)).to.be.below(5);
  });
  it('is told by what comes before any warmth: four Januaries that were cold', () => {
    const winter = new Map(SEASONS.slice(6).map((y) => [y, 12]));
    const { p50 } = expects([stageOf(60, 75, 9)], winter);
    expect(p50! - firstOfYear(2026), isoDay(p50!)).to.be.below(35);
  });
});

describe('bands with experience', () => {
  it('narrow, in the mean of the seasons, as a stand’s dates are seen again and again', () => {
    const needs = [180, 260, 340, 420];
    const width = (n: number) => {
      const widths = needs.map((need) => {
        const came = SEASONS.slice(SEASONS.length - n).map(
          (y) => [y, gatheredOn(days, y, need, (c) => Math.max(0, c - 4))] as const,
        );
        // What somebody guessed, give or take a half.
        const { p10, p90 } = expects([stageOf(300, 120, 5, 1.5)], new Map(came));
        return p90! - p10!;
      });
      return widths.reduce((a, b) => a + b, 0) / needs.length;
    };
    const [none, three, nine] = [width(0), width(3), width(9)];
    expect(three).to.be.below(none);
    expect(nine).to.be.below(three);
    expect(nine).to.be.below(0.75 * none);
  });
});

describe('tails', () => {
  it('are told apart forty standard deviations out', () => {
    // Mills’ ratio: the probability beyond x is near the density over x. Table value at 10: 7.61985e-24.
    expect(Math.exp(logTail(10))).to.be.closeTo(7.61985e-24, 1e-28);
    expect(logTail(40)).to.be.within(-805.3, -804);
    expect(logTail(41)).to.be.below(logTail(40) - 40);
    const far = momentsAfter(0, 1, { low: 30, high: 31, noise: 0.1 }, 0);
    expect(far.mean).to.be.within(29, 31.2);
    expect(far.variance).to.be.below(0.2);
    const mirrored = momentsAfter(0, 1, { low: -31, high: -30, noise: 0.1 }, 0);
    expect(mirrored.mean).to.be.closeTo(-far.mean, 1e-9);
  });
});
