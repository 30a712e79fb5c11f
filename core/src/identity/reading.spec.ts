import { expect } from 'chai';
import { saw, sign, taxon } from './builders.ts';
import { chanceOf } from './reading.ts';
import type { IdentityTaxon } from './sign.ts';
import type { Habit } from './habit.ts';

const ANYBODY = { phase: null, wanted: null };
const EDGE = sign('leafEdge', 'leaf', 'smooth toothed');
const chance = (
  t: IdentityTaxon,
  s: Parameters<typeof chanceOf>[1],
  said: string,
  looked: Parameters<typeof chanceOf>[3] = ANYBODY,
) => chanceOf(t, s, saw(said), looked);
const built = (habit: Habit, shows: Parameters<typeof taxon>[2] = {}): IdentityTaxon => ({
  ...taxon('x', 'none', shows),
  habit,
});

describe('what somebody says of a taxon that they look at', () => {
  it('is what it shows, misread now and then by what the look costs', () => {
    const t = taxon('x', 'none', { leafEdge: { smooth: 0.5 } });
    const half = (price: 'glance' | 'cut' | 'loupe' | 'overnight') => chance(t, { ...EDGE, price }, 'leafEdge.smooth');
    // Shown by half, it is said of half, however often it is misread.
    for (const price of ['glance', 'cut', 'loupe', 'overnight'] as const) expect(half(price)).to.be.closeTo(0.5, 1e-12);
    const none = (price: 'glance' | 'cut' | 'loupe' | 'overnight') => chance(t, { ...EDGE, price }, 'leafEdge.toothed');
    expect(none('glance')).to.be.closeTo(0.03 + 0.03 * 0.94, 1e-12);
    expect(none('cut')).to.be.closeTo(0.04 + 0.03 * 0.92, 1e-12);
    expect(none('loupe')).to.be.closeTo(0.05 + 0.03 * 0.9, 1e-12);
    // Over night nothing is overlooked: only the misreading is left.
    expect(none('overnight')).to.be.closeTo(0.01, 1e-12);
  });
  it('goes wrong twice only if both looks do, and varies as much as before; fingers smell at the second look too', () => {
    const t = taxon('x', 'none', { leafEdge: { smooth: 1 }, smell: { none: 1 } });
    const twice = (s: typeof EDGE, said: string) => chanceOf(t, s, { ...saw(said), again: true }, ANYBODY);
    expect(twice(EDGE, 'leafEdge.toothed')).to.be.closeTo(0.0009 + 0.03 * (1 - 0.0018), 1e-12);
    expect(twice(EDGE, 'leafEdge.smooth')).to.be.closeTo(0.0009 + 0.97 * (1 - 0.0018), 1e-12);
    const smell = sign('smell', 'smell', 'garlic none');
    expect(twice(smell, 'smell.garlic')).to.equal(chance(t, smell, 'smell.garlic'));
  });
  it('is never nothing and never certain, present or not', () => {
    const t = taxon('x', 'none', { leafEdge: { smooth: 1 } });
    for (const said of ['leafEdge.smooth', 'leafEdge.toothed', '!leafEdge.smooth', '!leafEdge.toothed'])
      expect(chance(t, EDGE, said), said).to.be.within(0.01, 0.99);
    expect(chance(t, EDGE, '!leafEdge.smooth')).to.be.closeTo(1 - chance(t, EDGE, 'leafEdge.smooth')!, 1e-12);
  });
  it('misreads colours more, smells most, and the smell of what was just picked in three of ten', () => {
    const colour = sign('flowerColour', 'flower', 'white yellow');
    const smell = sign('smell', 'smell', 'garlic none');
    const t = taxon('x', 'none', { flowerColour: { white: 1 }, smell: { none: 1 } });
    expect(chance(t, colour, 'flowerColour.yellow')).to.be.closeTo(0.05 + 0.03 * 0.9, 1e-12);
    expect(chance(t, smell, 'smell.garlic')).to.be.closeTo(0.1 + 0.03 * 0.8, 1e-12);
    const ramsons = taxon('ramsons', 'none', { smell: { garlic: 1 } });
    const picking = { phase: null, wanted: ramsons };
    expect(chance(t, smell, 'smell.garlic', picking)).to.be.closeTo(0.3 + 0.03 * 0.4, 1e-12);
    // That it smells of nothing no finger says falsely.
    expect(chance(t, smell, 'smell.none', picking)).to.be.closeTo(0.1 + 0.97 * 0.8, 1e-12);
  });
  it('tells nothing where the table says nothing, in that phase or at all', () => {
    const t: IdentityTaxon = {
      ...taxon('x', 'none', {}),
      shows: [{ sign: 'leafEdge', states: { smooth: 1 }, when: ['leaf'] }],
    };
    expect(chance(t, EDGE, 'leafEdge.smooth', { phase: 'flower', wanted: null })).to.equal(null);
    expect(chance(t, EDGE, '!leafEdge.smooth', { phase: 'flower', wanted: null })).to.equal(null);
    expect(chance(taxon('y', 'none', {}), EDGE, 'leafEdge.smooth')).to.equal(null);
  });
  it('knows without a table what a plant or fungus is not built to show', () => {
    const misread = 0.03;
    const of = (habit: Habit, key: string, organ: string, state: string) =>
      chance(built(habit), sign(key, organ, state), `${key}.${state}`);
    expect(of('conifer', 'leafEdge', 'leaf', 'toothed')).to.be.closeTo(misread, 1e-12);
    expect(of('conifer', 'leafShape', 'leaf', 'oval')).to.be.closeTo(misread, 1e-12);
    expect(of('conifer', 'leafShape', 'leaf', 'needle')).to.equal(null);
    expect(of('conifer', 'leafBase', 'leafStalk', 'wedge')).to.be.closeTo(misread, 1e-12);
    for (const habit of ['fern', 'conifer'] as const)
      expect(of(habit, 'flowerForm', 'flower', 'star')).to.be.closeTo(misread, 1e-12);
    expect(of('herb', 'needles', 'leaf', 'pairs')).to.be.closeTo(misread, 1e-12);
    expect(of('tree', 'crozier', 'bud', 'furry')).to.be.closeTo(misread, 1e-12);
    expect(of('herb', 'bark', 'bark', 'smooth')).to.be.closeTo(misread, 1e-12);
    expect(of('shrub', 'bark', 'bark', 'smooth')).to.equal(null);
    for (const [habit, key, organ, state] of [
      ['fungus', 'leafEdge', 'leaf', 'smooth'],
      ['herb', 'stipe', 'stipe', 'ring'],
      ['herb', 'growth', 'wholePlant', 'cap'],
      ['fungus', 'growth', 'wholePlant', 'tree'],
    ] as const)
      expect(of(habit, key, organ, state), `${habit} ${key}`).to.be.closeTo(0.002, 1e-12);
    // What anything may have is known of none by its build.
    expect(of('fungus', 'smell', 'smell', 'garlic')).to.equal(null);
    expect(of('fungus', 'growth', 'wholePlant', 'cap')).to.equal(null);
  });
});
