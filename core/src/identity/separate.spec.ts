import { expect } from 'chai';
import { sign, taxon } from './builders.ts';
import { separableFrom, separatorsIn } from './separate.ts';
import { phaseOfBbch, PHASES } from './sign.ts';

const LEAF = sign('leaf', 'leaf', 'lance arrow', { when: ['leaf'] });
const FLOWER = sign('flower', 'flower', 'star sheath', { when: ['flower'] });
const SIGNS = [LEAF, FLOWER];
const wanted = taxon('wanted', 'none', { leaf: { lance: 1 }, flower: { star: 1 } });
const twin = taxon('twin', 'poisonous', { leaf: { lance: 0.5, arrow: 0.5 }, flower: { sheath: 1 } });
const phases = [
  { phase: 'leaf' as const, day: 100 },
  { phase: 'flower' as const, day: 130 },
];

describe('separating two taxa', () => {
  it('measures how seldom they agree: half of the twin’s leaves look alike, no flower does', () => {
    expect(separatorsIn(wanted, twin, SIGNS, 'leaf')).to.deep.equal([{ sign: 'leaf', separation: 0.5 }]);
    expect(separatorsIn(wanted, twin, SIGNS, 'flower')).to.deep.equal([{ sign: 'flower', separation: 1 }]);
  });
  it('says from when: in leaf not yet, in flower', () => {
    expect(separableFrom(wanted, twin, SIGNS, { phases, today: 110 })).to.deep.equal({ day: 130, sign: 'flower' });
    expect(separableFrom(wanted, twin, SIGNS, { phases, today: 135 })).to.deep.equal({ day: 135, sign: 'flower' });
  });
  it('says never where no dated phase brings a sign', () => {
    expect(separableFrom(wanted, twin, SIGNS, { phases: phases.slice(0, 1), today: 110 })).to.equal(null);
    expect(separableFrom(wanted, twin, SIGNS, { phases: [], today: 110 })).to.equal(null);
  });
  it('does not take it for a sign that the other is usually not that far: seasons rule nothing out', () => {
    const early = taxon('early', 'deadly', { leaf: { lance: 1 } });
    expect(separatorsIn(wanted, early, SIGNS, 'flower')).to.deep.equal([]);
  });
});

describe('phases', () => {
  it('follow the BBCH principal stages', () => {
    expect([0, 1, 3, 4, 5, 6, 7, 8, 9].map(phaseOfBbch)).to.deep.equal(
      [0, 1, 1, 1, 2, 2, 3, 3, 0].map((i) => PHASES[i]),
    );
  });
});
