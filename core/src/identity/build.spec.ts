import { expect } from 'chai';
import { sign, taxon } from './builders.ts';
import type { Habit } from './habit.ts';
import { neverShows } from './reading.ts';

const LEAF = sign('leafShape', 'leaf', 'strap lance oval heart arrow needle hand threeLeaflets feather fineFeather');
const SAP = sign('sap', 'stem', 'clear milk orange');
const GROWTH = sign('growth', 'wholePlant', 'rosette leafyStem bush tree');
const never = (habit: Habit, of: typeof LEAF, states: string) => {
  const known = Object.fromEntries(states.split(' ').map((s) => [s, 0.5]));
  const it = { ...taxon('x', 'deadly', states === '' ? {} : { [of.key]: known }), habit };
  return of.states.filter((state) => neverShows(it, of, state)).join(' ');
};

describe('what a kind of plant never shows', () => {
  it('is a leaf without leaflets where leaves are divided, a leaflet’s own form left out, for it is taken for a leaf', () => {
    expect(never('biennial', LEAF, 'feather fineFeather')).to.equal('strap arrow needle');
  });
  it('is leaflets where leaves are whole; a leaf cut like a hand is taken for them', () => {
    expect(never('herb', LEAF, 'oval lance')).to.equal('arrow threeLeaflets feather fineFeather');
    expect(never('herb', LEAF, 'heart hand')).to.equal('');
    // What its table has, it shows.
    expect(never('herb', LEAF, 'lance feather')).to.equal('arrow');
  });
  it('is milk or colour in a sap that runs clear', () => {
    expect(never('herb', SAP, 'clear')).to.equal('milk orange');
    expect(never('herb', SAP, 'clear orange')).to.equal('milk');
  });
  it('is a rosette of wood, and a tree of what dies back', () => {
    expect(never('shrub', GROWTH, 'bush')).to.equal('rosette');
    expect(never('herb', GROWTH, 'leafyStem')).to.equal('tree');
    expect(never('herb', GROWTH, 'rosette tree')).to.equal('');
  });
});
