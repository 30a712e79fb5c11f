import { expect } from 'chai';
import { dayNumber, dayOfYear, isoDay } from '../measure/index.ts';
import { usualStageDays, usualStageOn } from './usual-year.ts';
import type { StageSpec } from './stage-model.ts';

const stage = (
  key: string,
  bbch: number,
  day: number,
  direction: 'spring' | 'autumn' | 'none' = 'spring',
): StageSpec => ({
  key,
  bbch,
  calendar: { value: day, low: day - 5, high: day + 5, source: 'estimate' },
  model: { kind: 'calendar', direction },
});
const HOME = { latitudeDeg: 50, heightM: 100 };
const year = (site = HOME) => ({
  stages: [stage('leaf', 1, 90), stage('flower', 6, 120), stage('gone', 9, 280, 'autumn')],
  seasonStart: '01-01',
  reference: HOME,
  site,
});

describe('the usual year', () => {
  it('has the profile’s own days at its reference place', () => {
    expect(usualStageDays(year(), 2026).map(dayOfYear)).to.deep.equal([90, 120, 280]);
  });
  it('comes 4 days later a degree poleward and 122 m upward, and ends as much earlier', () => {
    const days = usualStageDays(year({ latitudeDeg: 51, heightM: 222 }), 2026).map(dayOfYear);
    expect(days).to.deep.equal([98, 128, 272]);
  });
  it('falls half a year later in the south', () => {
    const south = usualStageDays(year({ latitudeDeg: -50, heightM: 100 }), 2026);
    expect(isoDay(south[0]!).slice(0, 7)).to.equal('2026-09');
  });
  it('never runs backwards, however high the place', () => {
    const days = usualStageDays(year({ latitudeDeg: 60, heightM: 2000 }), 2026);
    expect([...days].sort((a, b) => a - b)).to.deep.equal(days);
  });
  it('tells the stage of a day; in January still the last one of the season before', () => {
    expect(usualStageOn(year(), dayNumber('2026-04-20'), 2026)).to.equal(0);
    expect(usualStageOn(year(), dayNumber('2026-05-20'), 2026)).to.equal(1);
    expect(usualStageOn(year(), dayNumber('2026-01-20'), 2026)).to.equal(2);
  });
});
