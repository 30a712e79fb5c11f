import { expect } from 'chai';
import { dayNumber } from '../measure/index.ts';
import { qualityOn } from './readiness.ts';
import { forecastSeason } from './forecast.ts';
import type { StageSpec } from './stage-model.ts';
import { forecastWindow, openOn, type WindowSpec } from './window.ts';

const about = (value: number, spread: number) => ({
  value,
  low: value - spread,
  high: value + spread,
  source: 'estimate',
});
const stages: readonly StageSpec[] = [
  { key: 'leaf', bbch: 1, calendar: about(100, 10), model: { kind: 'calendar', direction: 'spring' } },
  { key: 'flower', bbch: 6, calendar: about(140, 8), model: { kind: 'calendar', direction: 'spring' } },
];
const forecast = forecastSeason({
  stages,
  seasonStart: '01-01',
  reference: { latitudeDeg: 46, heightM: 0 },
  site: { latitudeDeg: 46, heightM: 0 },
  season: 2026,
  weather: null,
  asOf: dayNumber('2026-01-01'),
  sightings: [],
});
const spec = (over: Partial<WindowSpec> = {}): WindowSpec => ({
  part: 'leaf',
  use: 'fresh',
  opens: { stage: 'leaf', offsetDays: 0 },
  closes: { stage: 'flower', offsetDays: 0 },
  peakShare: 0.3,
  ...over,
});

describe('the chance that a window is open', () => {
  const window = forecastWindow(spec(), forecast);
  const on = (iso: string) => openOn(window, dayNumber(iso));

  it('is nothing in winter, sure in the middle, even at the middle day of opening', () => {
    expect(on('2026-01-15')).to.equal(0);
    expect(on('2026-04-30')).to.be.greaterThan(0.97);
    // Day 100 is 10 April: half of the years are open by then.
    expect(on('2026-04-10')).to.be.closeTo(0.5, 0.08);
    expect(on('2026-09-01')).to.equal(0);
  });
  it('rises to the opening and falls from the closing', () => {
    const rising = ['2026-03-20', '2026-04-01', '2026-04-10', '2026-04-20'].map(on);
    const falling = ['2026-05-10', '2026-05-20', '2026-05-30', '2026-06-10'].map(on);
    expect([...rising].sort((a, b) => a - b)).to.deep.equal(rising);
    expect([...falling].sort((a, b) => b - a)).to.deep.equal(falling);
  });
  it('is 0 outside the season it belongs to', () => {
    expect(on('2025-04-30')).to.equal(0);
    expect(on('2029-04-30')).to.equal(0);
  });
});

describe('the edges of a window', () => {
  it('move by their days from the stage', () => {
    const later = forecastWindow(spec({ opens: { stage: 'leaf', offsetDays: 7 } }), forecast);
    expect(later.opens.p50! - forecastWindow(spec(), forecast).opens.p50!).to.equal(7);
  });
  it('have the day from which look-alikes can be told apart, where there is one', () => {
    expect(forecastWindow(spec(), forecast).separable).to.equal(null);
    const { separable, closes } = forecastWindow(spec({ separableFrom: 'flower' }), forecast);
    expect(separable!.p50).to.equal(closes.p50);
  });
});

describe('quality within a window', () => {
  it('is half at both ends and whole at its peak', () => {
    expect([0, 30, 100].map((d) => qualityOn(0, 100, 0.3, d))).to.deep.equal([0.5, 1, 0.5]);
    expect(qualityOn(0, 100, 0.3, 15)).to.be.closeTo(0.75, 1e-9);
    expect(qualityOn(0, 100, 0.3, 65)).to.be.closeTo(0.75, 1e-9);
  });
  it('may begin at its best, or end there', () => {
    expect(qualityOn(0, 100, 0, 0)).to.equal(1);
    expect(qualityOn(0, 100, 1, 100)).to.equal(1);
  });
  it('is whole where no end is in sight', () => expect(qualityOn(0, Infinity, 0.5, 50)).to.equal(1));
});
