import { expect } from 'chai';
import { dayNumber, dayOfYear } from '../measure/index.ts';
import { sightingSeasons } from './season-of-sighting.ts';
import type { StageSpec } from './stage-model.ts';

const stage = (key: string, usually: string): StageSpec => {
  const value = dayOfYear(dayNumber(`2001-${usually}`));
  return {
    key,
    bbch: 1,
    calendar: { value, low: value - 5, high: value + 5, source: 'estimate' },
    model: { kind: 'calendar', direction: 'spring' },
  };
};
const HOME = { latitudeDeg: 50, heightM: 100 };
const seasonOf = (usually: string, day: string, reached: boolean, site = HOME): number =>
  sightingSeasons({ stages: [stage('s', usually)], seasonStart: '01-01', reference: HOME, site })({
    stage: 's',
    day: dayNumber(day),
    reached,
  });

describe('the season of a sighting', () => {
  it('is that of its day, early or late in it', () => {
    expect(seasonOf('04-08', '2026-04-01', true)).to.equal(2026);
    expect(seasonOf('04-08', '2026-09-20', true)).to.equal(2026);
    expect(seasonOf('04-08', '2026-03-01', false)).to.equal(2026);
    expect(seasonOf('04-08', '2026-06-20', false)).to.equal(2026);
  });
  it('is the one before for what comes late in it and is there, or just not yet, when the next has begun', () => {
    expect(seasonOf('12-10', '2023-01-01', true)).to.equal(2022);
    expect(seasonOf('11-01', '2023-04-01', true)).to.equal(2022);
    expect(seasonOf('12-10', '2023-01-20', false)).to.equal(2022);
    expect(seasonOf('11-01', '2023-03-01', false)).to.equal(2023);
  });
  it('is the next for what comes early in it and is there before it has begun, and for what is not yet when this one’s is long over', () => {
    expect(seasonOf('01-20', '2025-12-28', true)).to.equal(2026);
    expect(seasonOf('04-08', '2025-12-20', false)).to.equal(2026);
    expect(seasonOf('04-08', '2025-12-20', true)).to.equal(2025);
  });
  it('keeps what cannot be, months before its time, in its own season, where it is doubted', () => {
    expect(seasonOf('08-25', '2026-04-01', true)).to.equal(2026);
  });
  it('is the one before for what was there long ago rather than half a year too early', () => {
    // Usual about 3 July, seen to be there on 2 January: it is last year’s that is still standing.
    expect(seasonOf('07-03', '2024-01-02', true)).to.equal(2023);
    expect(seasonOf('07-03', '2024-05-02', true)).to.equal(2024);
  });
  it('goes by when the stage comes at the place: half a year later in the south', () => {
    const south = { latitudeDeg: -50, heightM: 100 };
    expect(seasonOf('04-08', '2026-10-08', true, south)).to.equal(2026);
    expect(seasonOf('12-10', '2026-07-05', true, south)).to.equal(2025);
  });
  it('is that of its day for a stage that the plant does not have', () => {
    const of = sightingSeasons({ stages: [], seasonStart: '03-01', reference: HOME, site: HOME });
    expect(of({ stage: 'gone', day: dayNumber('2026-02-20'), reached: true })).to.equal(2025);
  });
});
