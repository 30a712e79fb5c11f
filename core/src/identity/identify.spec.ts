import { expect } from 'chai';
import fc from 'fast-check';
import { saw, sign, taxon } from './builders.ts';
import { distribution, identify } from './identify.ts';
import type { IdentityTaxon } from './sign.ts';

const SMELL = sign('smell', 'smell', 'garlic none');
const EDGE = sign('edge', 'leaf', 'smooth toothed lobed');
const PRINT = sign('print', 'sporePrint', 'white rust', { price: 'overnight' });
const WOOD = sign('host', 'ground', 'dead living', { ofPlace: true });
const ALL = [SMELL, EDGE, PRINT, WOOD];

describe('identify', () => {
  it('weighs by Bayes, as on a table worked by hand', () => {
    // Shown: a 0.9 and 0.5, b 0.3 and 0.5, c 0.6 and 1. All alike before: 0.45, 0.15, 0.6 of 1.2.
    const taxa = [
      taxon('a', 'none', { smell: { garlic: 0.9, none: 0.1 }, edge: { smooth: 0.5, toothed: 0.5 } }),
      taxon('b', 'none', { smell: { garlic: 0.3, none: 0.7 }, edge: { smooth: 0.5, lobed: 0.5 } }),
      taxon('c', 'none', { smell: { garlic: 0.6, none: 0.4 }, edge: { smooth: 1 } }),
    ];
    const { standings } = identify(taxa, ALL, [saw('smell.garlic'), saw('edge.smooth')]);
    expect(standings.map((s) => s.key)).to.deep.equal(['c', 'a', 'b']);
    expect(standings.map((s) => s.weight)).to.deep.equal([0.5, 0.375, 0.125]);
  });
  it('keeps a taxon whose table says nothing of a sign, at even chances, and says that it does not know', () => {
    const taxa = [taxon('a', 'none', { smell: { garlic: 1 } }), taxon('b', 'deadly', { edge: { smooth: 1 } })];
    const { standings, open } = identify(taxa, ALL, [saw('smell.garlic')]);
    expect(standings.find((s) => s.key === 'b')).to.include({ ruledOut: false, unknown: 1 });
    expect(standings.find((s) => s.key === 'b')!.weight).to.be.closeTo(0.5 / 1.5, 1e-12);
    expect(open).to.deep.equal(['b']);
  });
  it('holds everything possible, alike, before anything was seen', () => {
    const taxa = ['a', 'b', 'c', 'd'].map((k) => taxon(k, 'none', { edge: { smooth: 1 } }));
    expect(identify(taxa, ALL, []).standings.map((s) => s.weight)).to.deep.equal([0.25, 0.25, 0.25, 0.25]);
  });
  it('answers an empty list with nothing left and nothing to check', () => {
    expect(identify([], ALL, [saw('smell.garlic')])).to.deep.equal({ standings: [], next: [], open: [] });
  });
  it('gives no weight to what is ruled out, even when nothing is left', () => {
    const { standings, next } = identify([taxon('a', 'none', { smell: { none: 1 } })], ALL, [saw('smell.garlic')]);
    expect(standings[0]).to.include({ ruledOut: true, weight: 0 });
    expect(next).to.deep.equal([]);
  });
  it('asks first for the sign that parts the dangerous, and for a glance before a night under a glass', () => {
    const good = taxon('good', 'none', { edge: { smooth: 1 }, smell: { none: 1 }, print: { white: 1 } });
    const deadly = taxon('deadly', 'deadly', { edge: { toothed: 1 }, smell: { none: 1 }, print: { rust: 1 } });
    const dull = taxon('dull', 'none', { edge: { smooth: 1 }, smell: { garlic: 1 }, print: { white: 1 } });
    const { next } = identify([good, deadly, dull], ALL, []);
    expect(next.map((n) => n.sign)).to.deep.equal(['edge', 'smell', 'print']);
    expect(next[0]!.worth).to.be.above(next[2]!.worth);
  });
  it('values a look by the doubt it takes away, in bits, danger weighing more, over its price', () => {
    const rows = (edge: string, print: string, severity: 'none' | 'deadly' = 'none') =>
      taxon(edge + print, severity, { edge: { [edge]: 1 }, print: { [print]: 1 } });
    // Two alike: one bit of doubt, and a sign that parts them, misread once in fifty, takes nearly all of it away.
    const worthOf = (taxa: IdentityTaxon[]) =>
      Object.fromEntries(identify(taxa, ALL, []).next.map((n) => [n.sign, n.worth]));
    const two = worthOf([rows('smooth', 'white'), rows('toothed', 'rust')]);
    // Of the edge's three states one is neither's: it is misread alike for both.
    const misread = 0.02 / 3;
    const [p, q] = [(1 + misread) / 2, misread];
    const h = (x: number) => -x * Math.log2(x) - (1 - x) * Math.log2(1 - x);
    expect(two['edge']).to.be.closeTo(1 - (2 * p * h(1 / (1 + misread)) + q), 1e-9);
    const overnight = 1 - (1 + 0.01) * h(1 / 1.01);
    expect(two['print']).to.be.closeTo(overnight / 4, 1e-9);
    // A deadly one beside a harmless one: twelve of thirteen parts of the doubt's weight are its own, so there is less to learn.
    const deadly = worthOf([rows('smooth', 'white'), rows('toothed', 'white', 'deadly')]);
    expect(deadly['edge']).to.be.closeTo(h(1 / 13) - expectedAfter(1 / 13, misread), 1e-9);
    // A sign that all show alike is worth no look.
    expect(deadly).not.to.have.property('print');
    function expectedAfter(first: number, wrong: number): number {
      const [x, y] = [first, 1 - first];
      const [seenFirst, seenSecond, neither] = [x + y * wrong, y + x * wrong, wrong];
      return seenFirst * h(x / seenFirst) + seenSecond * h(y / seenSecond) + neither * h(x);
    }
  });
  it('says how many a look would tell apart from the first that it says anything of', () => {
    const silent = taxon('silent', 'none', { smell: { garlic: 1 } });
    const taxa = [
      silent,
      taxon('a', 'none', { edge: { smooth: 1 } }),
      taxon('b', 'none', { edge: { toothed: 1 } }),
      taxon('c', 'none', { edge: { smooth: 0.1, toothed: 0.9 } }),
      taxon('d', 'none', { edge: { smooth: 0.2, toothed: 0.8 } }),
      taxon('e', 'none', { edge: { smooth: 1 } }),
    ];
    const edge = identify(taxa, ALL, []).next.find((n) => n.sign === 'edge')!;
    expect(edge.tells).to.equal(2);
    // A sign that only one of those left is described by is no question.
    expect(identify(taxa, ALL, []).next.map((n) => n.sign)).to.deep.equal(['edge']);
  });
  it('lets go what the vocabulary does not know, and weighs what is absent by the chance of not showing it', () => {
    const taxa = [
      taxon('a', 'none', { edge: { smooth: 0.25, toothed: 0.75 } }),
      taxon('b', 'none', { edge: { smooth: 0.75, toothed: 0.25 } }),
      taxon('c', 'none', { smell: { garlic: 1 } }),
    ];
    const weights = (...seen: string[]) =>
      Object.fromEntries(identify(taxa, ALL, seen.map(saw)).standings.map((s) => [s.key, s.weight]));
    expect(weights('edge.frilled', 'horn.long')).to.deep.equal({ a: 1 / 3, b: 1 / 3, c: 1 / 3 });
    expect(identify(taxa, ALL, [saw('horn.long')]).standings[0]).to.include({ unknown: 0 });
    // Not smooth: a 0.75, b 0.25, and of the third nobody knows: one of three states, two in three.
    const absent = weights('!edge.smooth');
    const total = 0.75 + 0.25 + 2 / 3;
    expect(absent['a']).to.be.closeTo(0.75 / total, 1e-12);
    expect(absent['c']).to.be.closeTo(2 / 3 / total, 1e-12);
    const { standings } = identify(taxa, ALL, [saw('!edge.smooth')]);
    expect(standings.map((s) => s.unknown)).to.deep.equal([0, 1, 0]);
  });
  it('puts those ruled out last however many they are, and asks nothing about one alone', () => {
    const taxa = [
      taxon('out', 'none', { smell: { none: 1 }, edge: { smooth: 1 } }),
      taxon('gone', 'none', { smell: { none: 1 }, edge: { toothed: 1 } }),
      taxon('left', 'none', { smell: { garlic: 0.5, none: 0.5 }, edge: { lobed: 1 } }),
    ];
    const { standings, next } = identify(taxa, ALL, [saw('smell.garlic')]);
    expect(standings.map((s) => [s.key, s.ruledOut, s.weight])).to.deep.equal([
      ['left', false, 1],
      ['out', true, 0],
      ['gone', true, 0],
    ]);
    expect(next).to.deep.equal([]);
  });
  it('reads a phase’s own table where there is one, and the whole year’s where there is none', () => {
    const leafy = sign('edge', 'leaf', 'smooth toothed lobed');
    const plant: IdentityTaxon = {
      ...taxon('a', 'none', { edge: { smooth: 1 } }),
      shows: [
        { sign: 'edge', states: { smooth: 1 }, when: ['leaf'] },
        { sign: 'edge', states: { lobed: 3, toothed: 1 }, when: ['fruit'] },
      ],
    };
    expect(distribution(plant, leafy, 'leaf')).to.deep.equal([1, 0, 0]);
    expect(distribution(plant, leafy, 'fruit')).to.deep.equal([0, 0.25, 0.75]);
    expect(distribution(plant, leafy, 'flower')).to.deep.equal(distribution(plant, leafy, null));
    expect(distribution(plant, SMELL, null)).to.equal(null);
  });
  it('does not ask again for what was seen, nor for the place, nor for what the phase does not show', () => {
    const a = taxon('a', 'none', { edge: { smooth: 1 }, host: { dead: 1 }, smell: { garlic: 1 } });
    const b = taxon('b', 'none', { edge: { toothed: 1 }, host: { living: 1 }, smell: { none: 1 } });
    const asked = (seen: string[], phase: 'rest' | 'leaf' | null) =>
      identify([a, b], ALL, seen.map(saw), phase).next.map((n) => n.sign);
    expect(asked([], null)).to.have.members(['edge', 'smell']);
    expect(asked(['!edge.lobed'], null)).to.have.members(['edge', 'smell']);
    expect(asked([], 'rest')).to.deep.equal([]);
  });
  it('names as open whatever dangerous one is not ruled out, a nuisance not among them', () => {
    const taxa = (['deadly', 'poisonous', 'harmful', 'nuisance', 'none'] as const).map((s) => taxon(s, s, {}));
    expect(identify(taxa, ALL, []).open).to.have.members(['deadly', 'poisonous', 'harmful']);
  });
  it('weights of what is left sum to 1, whatever was seen', () => {
    const frequency = fc.constantFrom(0, 0.05, 0.3, 0.6, 1);
    const row = fc.record({ garlic: frequency, none: frequency });
    const edges = fc.record({ smooth: frequency, toothed: frequency, lobed: frequency });
    const seen = fc.subarray(['smell.garlic', 'smell.none', 'edge.smooth', 'edge.toothed', '!edge.lobed']);
    fc.assert(
      fc.property(fc.array(fc.tuple(row, edges), { minLength: 1, maxLength: 6 }), seen, (rows, said) => {
        const taxa = rows.map(([smell, edge], i) => taxon(`t${i}`, 'none', { smell, edge }));
        const { standings } = identify(taxa, ALL, said.map(saw));
        const left = standings.filter((s) => !s.ruledOut);
        const total = left.reduce((sum, s) => sum + s.weight, 0);
        return left.length === 0 ? total === 0 : Math.abs(total - 1) < 1e-9;
      }),
    );
  });
});
