import { expect } from 'chai';
import { dayNumber, isoDay, type Figure } from '../measure/index.ts';
import type { ForecastInput } from '../stages/forecast-input.ts';
import { worthOfLook } from './look-worth.ts';
import type { WindowSpec } from '../windows/window.ts';

const days = (value: number, spread: number): Figure => ({
  value,
  low: value - spread,
  high: value + spread,
  source: 'estimate',
});
const calendar = (key: string, day: number, spread = 10) => ({
  key,
  bbch: 6,
  calendar: days(day, spread),
  model: { kind: 'calendar', direction: 'spring' } as const,
});
const place = { latitudeDeg: 50, heightM: 100 };
const today = dayNumber('2026-05-01');
const input = (over: Partial<ForecastInput> = {}): ForecastInput => ({
  stages: [calendar('bud', 130), calendar('flower', 145), calendar('fruit', 220)],
  seasonStart: '01-01',
  reference: place,
  site: place,
  season: 2026,
  weather: null,
  asOf: today,
  sightings: [],
  ...over,
});
const window = (opens: string): WindowSpec => ({
  part: 'flower',
  use: 'any',
  opens: { stage: opens, offsetDays: 0 },
  closes: { stage: 'fruit', offsetDays: 0 },
  peakShare: 0.5,
});
const within = { from: today, to: today + 60 };

describe('what a look is worth', () => {
  it('is asked of the next stage, on the day on which it is as likely there as not', () => {
    const worth = worthOfLook(input(), [window('bud')], within)!;
    expect(worth.stage).to.equal('bud');
    expect(isoDay(worth.day)).to.match(/^2026-05-(09|10|11)$/);
  });
  it('narrows the window that opens with it most, and those behind it less', () => {
    const worth = worthOfLook(input(), [window('bud'), window('flower')], within)!;
    const [bud, flower] = worth.narrowed;
    expect(bud!.days).to.be.above(flower!.days);
    expect(flower!.days).to.be.above(0);
  });
  it('is nothing for what is known already', () => {
    const sightings = [
      { stage: 'bud', day: dayNumber('2026-04-28'), reached: false },
      { stage: 'bud', day: dayNumber('2026-04-30'), reached: true },
    ];
    const worth = worthOfLook(input({ sightings }), [window('bud')], within)!;
    expect(worth.stage).to.equal('flower');
    expect(worth.narrowed).to.deep.equal([]);
  });
  it('is none where nothing is due in time', () =>
    expect(worthOfLook(input(), [window('bud')], { from: today, to: today + 3 })).to.equal(null));
});
