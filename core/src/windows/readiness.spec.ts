import { expect } from 'chai';
import { qualityOn, readinessOn } from './readiness.ts';

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
