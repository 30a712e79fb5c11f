import { expect } from 'chai';
import { lastCallOf, qualityOn, readinessOn, urgencyOf, type Readiness } from './readiness.ts';

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
    expect(fill(79)).to.be.closeTo(1 / 22, 1e-9);
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

describe('what comes first of one section of the day', () => {
  const order = (states: readonly Readiness[]) => states.map(urgencyOf);
  it('is what closes soonest', () => {
    const open = (daysLeft: number): Readiness => ({ state: 'glowing', daysLeft, quality: 1 });
    expect(order([open(2), open(9), { state: 'fading', daysLeft: 1, quality: 0.5 }])).to.deep.equal([2, 9, 1]);
  });
  it('is what opens soonest, and what may never come at the end', () => {
    expect(order([{ state: 'kindling', daysToOpen: 4, fill: 0.8 }])).to.deep.equal([4]);
    const cold = (daysToOpen: number | null): Readiness => ({ state: 'cold', daysToOpen });
    const [near, far, never] = order([cold(30), cold(360), cold(null)]);
    expect([near, far]).to.deep.equal([30, 360]);
    expect(never).to.be.greaterThan(far!);
  });
  it('is what was over last; what is spent stands before what rests, and both behind all that has a day', () => {
    expect(order([readinessOn(window, 125)])).to.deep.equal([5]);
    const [spent, resting] = order([
      { state: 'banked', reason: 'nothingLeft' },
      { state: 'banked', reason: 'resting' },
    ]);
    expect(spent).to.be.below(resting!);
    expect(spent).to.be.greaterThan(urgencyOf({ state: 'glowing', daysLeft: 365, quality: 1 }));
  });
});

describe('the last call', () => {
  it('is the last quarter of a window, at most a week', () => {
    expect(lastCallOf({ opens: 100, closes: 120 })).to.equal(115);
    expect(lastCallOf({ opens: 100, closes: 200 })).to.equal(193);
  });
  it('has the quality of a window that is one day long', () => {
    expect(qualityOn(100, 100, 0.4, 100)).to.equal(1);
  });
});
