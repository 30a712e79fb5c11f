import { expect } from 'chai';
import { climatologyOf, joinDays } from '../weather/weather.ts';
import { qualityOn, readinessOn } from './readiness.ts';
import { warmthLead } from '../weather/warmth-lead.ts';
import { dayNumber } from '../measure/index.ts';

const range = (p50: number | null) => ({ p10: p50, p50, p90: p50 });
const window = { opens: range(100), closes: range(120), peakShare: 0.4 };

describe('readiness', () => {
  it('goes from cold through kindling, glowing and fading to ash', () => {
    const states = [50, 79, 99, 100, 114, 115, 120, 121].map((d) => readinessOn(window, d).state);
    expect(states).to.deep.equal(['cold', 'kindling', 'kindling', 'glowing', 'glowing', 'fading', 'fading', 'ash']);
  });
  it('fills the kindling as the day nears', () => {
    const fill = (day: number) => (readinessOn(window, day) as { fill: number }).fill;
    expect(fill(80)).to.be.below(fill(90));
    expect(fill(99)).to.be.within(0.9, 1);
  });
  it('glows widest at the peak', () => {
    expect(qualityOn(100, 120, 0.4, 108)).to.equal(1);
    expect(qualityOn(100, 120, 0.4, 100)).to.equal(0.5);
    expect(qualityOn(100, 120, 0.4, 120)).to.equal(0.5);
    expect(qualityOn(100, Infinity, 0.4, 130)).to.equal(1);
  });
  it('is banked while it rests, and when nothing is left of an open window', () => {
    expect(readinessOn(window, 10, 'resting').state).to.equal('banked');
    expect(readinessOn(window, 110, 'nothingLeft')).to.deep.equal({ state: 'banked', reason: 'nothingLeft' });
    expect(readinessOn(window, 130, 'nothingLeft').state).to.equal('ash');
    expect(readinessOn(window, 10, 'nothingLeft').state).to.equal('cold');
  });
  it('stays cold when the window may never come', () => {
    expect(readinessOn({ ...window, opens: range(null) }, 100)).to.deep.equal({ state: 'cold', daysToOpen: null });
  });
});

describe('the lead of the year', () => {
  const day = (n: number, shift: number) => {
    const mean = 10 - 8 * Math.cos((2 * Math.PI * (n - dayNumber('2000-01-20'))) / 365.25) + shift;
    return { day: n, minC: mean - 3, maxC: mean + 3 };
  };
  const record = (shift: number) => [
    ...Array.from({ length: 1096 }, (_, i) => day(dayNumber('2023-01-01') + i, 0)),
    ...Array.from({ length: 135 }, (_, i) => day(dayNumber('2026-01-01') + i, shift)),
  ];
  const lead = (shift: number) => {
    const list = record(shift);
    return warmthLead(joinDays(list)!, climatologyOf(list.slice(0, 1096))!, dayNumber('2026-05-15'))!.daysAhead;
  };
  it('is near nothing in a usual year, ahead in a warm one, behind in a cold one', () => {
    expect(lead(0)).to.be.within(-1, 1);
    expect(lead(1.5)).to.be.within(5, 20);
    expect(lead(-1.5)).to.be.within(-20, -5);
  });
  it('says nothing in the cold half of the year, when a mild week would count for a month', () => {
    const on = (iso: string) => {
      const list = record(0.5).filter((d) => d.day <= dayNumber(iso));
      return warmthLead(joinDays(list)!, climatologyOf(list.slice(0, 1096))!, dayNumber(iso));
    };
    expect(on('2026-01-20')).to.equal(null);
    expect(on('2026-05-15')).not.to.equal(null);
  });
  it('says nothing without the start of the year', () => {
    const list = record(0).slice(1200);
    expect(warmthLead(joinDays(list)!, climatologyOf(record(0))!, dayNumber('2026-05-15'))).to.equal(null);
  });
});
