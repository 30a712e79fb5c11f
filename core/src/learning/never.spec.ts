import { expect } from 'chai';
import type { SeenStand } from '../clocks/index.ts';
import { dayNumber, type Figure } from '../measure/index.ts';
import { forecastSeason, type StageSighting } from '../stages/index.ts';
import { learnFrom } from './group-learning.ts';

const days = (value: number): Figure => ({ value, low: value - 8, high: value + 8, source: 'estimate' });
const calendar = (key: string, day: number) => ({
  key,
  bbch: 6,
  calendar: days(day),
  model: { kind: 'calendar', direction: 'none' } as const,
});
const site = { latitudeDeg: 46, heightM: 100 };
const place = {
  stages: [calendar('leaf', 110), calendar('fruit', 200), calendar('fall', 300)],
  seasonStart: '01-01' as const,
  reference: site,
  site,
  weather: null,
};
const SEASONS = [2020, 2021, 2022, 2023, 2024, 2025];
const TODAY = dayNumber('2026-03-01');
const stand = (sightings: readonly StageSighting[]): SeenStand => ({ standId: 's', plantKey: 'p', place, sightings });
const on = (year: number, monthDay: string, stage: string, reached: boolean): StageSighting => ({
  stage,
  day: dayNumber(`${year}-${monthDay}`),
  reached,
});
/** Somebody came in October, saw that nothing had ripened, and that the leaves hung. */
const barren = (year: number) => on(year, '10-10', 'fruit', false);
const bore = (year: number) => [on(year, '07-14', 'fruit', false), on(year, '07-24', 'fruit', true)];

function forecast(sightings: readonly StageSighting[], now: readonly StageSighting[] = []) {
  const seen = stand([...sightings, ...now]);
  const asOf = now.at(-1)?.day ?? TODAY;
  const made = forecastSeason({
    ...place,
    season: 2026,
    asOf,
    sightings: now,
    clocks: learnFrom([seen], asOf).expects(seen, 2026, asOf),
  });
  const share = (key: string): number => {
    const { dates } = made.stages.find((s) => s.key === key)!;
    return (
      made.weight.reduce((sum, w, j) => sum + (Number.isFinite(dates[j]!) ? 0 : w), 0) /
      made.weight.reduce((a, b) => a + b, 0)
    );
  };
  return { of: (key: string) => made.stages.find((s) => s.key === key)!.reached, never: share };
}

describe('what was looked for in vain', () => {
  it('in six seasons has no day in the seventh, and holds up nothing behind it', () => {
    const { of, never } = forecast(SEASONS.map(barren));
    expect(of('fruit').p50).to.equal(null);
    expect(never('fruit')).to.be.within(0.6, 0.85);
    expect(of('leaf').p50).not.to.equal(null);
    expect(never('fall')).to.equal(0);
  });
  it('in one season is chance, and in a few of many makes it less sure by as much', () => {
    expect(forecast([barren(2025), ...bore(2024)]).never('fruit')).to.equal(0);
    const { of, never } = forecast([barren(2021), barren(2023), ...[2020, 2022, 2024, 2025].flatMap(bore)]);
    expect(never('fruit')).to.be.within(0.17, 0.33);
    expect(of('fruit').p50).not.to.equal(null);
  });
  it('too early is not in vain: who came in August only knows nothing of September', () => {
    const early = SEASONS.map((year) => on(year, '08-20', 'fruit', false));
    expect(forecast(early).never('fruit')).to.equal(0);
  });
  it('and is seen this year has come', () => {
    const { of, never } = forecast(SEASONS.map(barren), [on(2026, '07-18', 'fruit', true)]);
    expect(never('fruit')).to.equal(0);
    expect(of('fruit').p50).to.be.at.most(dayNumber('2026-07-18'));
  });
});
