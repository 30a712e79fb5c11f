import { expect } from 'chai';
import { sign, taxon } from './builders.ts';
import type { Habit } from './habit.ts';
import { neverShows } from './reading.ts';

const LEAF = sign('leafShape', 'leaf', 'strap lance oval heart arrow needle hand threeLeaflets feather fineFeather');
const SAP = sign('sap', 'stem', 'clear milk orange');
const GROWTH = sign('growth', 'wholePlant', 'rosette leafyStem climber bush tree fern');
const VEINS = sign('leafVeins', 'leaf', 'net parallel arched');
const never = (habit: Habit, of: typeof LEAF, states: string) => {
  const known = Object.fromEntries(states.split(' ').map((s) => [s, 0.5]));
  const it = { ...taxon('x', 'deadly', states === '' ? {} : { [of.key]: known }), habit };
  return of.states.filter((state) => neverShows(it, of, state)).join(' ');
};

describe('what a kind of plant never shows', () => {
  it('is a leaf without leaflets where leaves are divided, a leaflet’s own form left out, for it is taken for a leaf', () => {
    expect(never('biennial', LEAF, 'feather fineFeather')).to.equal('strap arrow needle');
    expect(never('tree', LEAF, 'hand')).to.equal('strap arrow needle');
  });
  it('is leaflets where leaves are whole; a leaf cut like a hand is taken for them', () => {
    expect(never('herb', LEAF, 'oval lance')).to.equal('arrow needle threeLeaflets feather fineFeather');
    expect(never('herb', LEAF, 'heart hand')).to.equal('needle');
    // What its table has, it shows.
    expect(never('herb', LEAF, 'lance feather')).to.equal('arrow needle');
  });
  it('is milk or colour in a sap that runs clear', () => {
    expect(never('herb', SAP, 'clear')).to.equal('milk orange');
    expect(never('herb', SAP, 'clear orange')).to.equal('milk');
  });
  it('is a net of veins where they run side by side, and the other way round; arched ones are taken for either', () => {
    expect(never('bulb', VEINS, 'parallel arched')).to.equal('net');
    expect(never('herb', VEINS, 'net')).to.equal('parallel');
    expect(never('herb', VEINS, 'net arched')).to.equal('');
  });
  it('is a rosette of wood, a tree of what dies back, a tree that climbs, a fern of what is none', () => {
    expect(never('shrub', GROWTH, 'bush')).to.equal('rosette fern');
    expect(never('tree', GROWTH, 'bush tree')).to.equal('rosette climber fern');
    expect(never('herb', GROWTH, 'leafyStem')).to.equal('tree fern');
    expect(never('herb', GROWTH, 'rosette tree')).to.equal('fern');
    expect(never('fern', GROWTH, 'leafyStem')).to.equal('tree');
  });
});
