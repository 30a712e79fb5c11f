import { expect } from 'chai';
import fc from 'fast-check';
import { saw, sign, taxon } from './builders.ts';
import { distribution } from './distribution.ts';
import { identify } from './identify.ts';
import type { IdentityTaxon, SeenSign } from './sign.ts';
import { weigh } from './weigh.ts';

const SMELL = sign('smell', 'smell', 'garlic none');
const EDGE = sign('edge', 'leaf', 'smooth toothed lobed');
const ROOT = sign('root', 'root', 'bulb taproot');
const PRINT = sign('print', 'sporePrint', 'white rust', { price: 'overnight' });
const WOOD = sign('host', 'ground', 'dead living', { ofPlace: true });
const ALL = [SMELL, EDGE, ROOT, PRINT, WOOD];
const SIGNS = new Map(ALL.map((s) => [s.key, s]));
/** Said of what is shown so often, misread 3 times in 100 (a smell 10 times). */
const glance = (shown: number): number => 0.03 + shown * 0.94;
const smelt = (shown: number): number => 0.1 + shown * 0.8;

describe('identify', () => {
  it('weighs by Bayes with misreadings inside, as on a table worked by hand', () => {
    const taxa = [
      taxon('a', 'none', { smell: { garlic: 0.9, none: 0.1 }, edge: { smooth: 0.5, toothed: 0.5 } }),
      taxon('b', 'none', { smell: { garlic: 0.3, none: 0.7 }, edge: { smooth: 0.5, lobed: 0.5 } }),
      taxon('c', 'none', { smell: { garlic: 0.6, none: 0.4 }, edge: { smooth: 0.9 } }),
    ];
    const { standings } = identify(taxa, ALL, [saw('smell.garlic'), saw('edge.smooth')]);
    const [a, b, c] = [smelt(0.9) * glance(0.5), smelt(0.3) * glance(0.5), smelt(0.6) * glance(0.9)];
    expect(standings.map((s) => s.key)).to.deep.equal(['c', 'a', 'b']);
    for (const [i, belief] of [c, a, b].entries())
      expect(standings[i]!.weight).to.be.closeTo(belief / (a + b + c), 1e-12);
  });
  it('keeps a taxon whose table says nothing of a sign, at even chances, and says that it does not know', () => {
    const taxa = [taxon('a', 'none', { smell: { garlic: 1 } }), taxon('b', 'deadly', { edge: { smooth: 1 } })];
    const { standings, open } = identify(taxa, ALL, [saw('smell.garlic')]);
    expect(standings.find((s) => s.key === 'b')).to.include({ ruledOut: false, unknown: 1 });
    expect(standings.find((s) => s.key === 'b')!.weight).to.be.closeTo(0.5 / (0.5 + smelt(0.97)), 1e-12);
    expect(open).to.deep.equal(['b']);
  });
  it('holds everything possible, alike, before anything was seen', () => {
    const taxa = ['a', 'b', 'c', 'd'].map((k) => taxon(k, 'none', { edge: { smooth: 1 } }));
    expect(identify(taxa, ALL, []).standings.map((s) => s.weight)).to.deep.equal([0.25, 0.25, 0.25, 0.25]);
  });
  it('answers an empty list with nothing left and nothing to check', () => {
    expect(identify([], ALL, [saw('smell.garlic')])).to.deep.equal({
      standings: [],
      next: [],
      against: null,
      open: [],
    });
  });
  it('rules out against the likeliest by two organs, says which that is, and gives what is out no weight', () => {
    const fits = taxon('fits', 'none', { edge: { smooth: 1 }, root: { bulb: 1 } });
    const out = taxon('out', 'deadly', { edge: { toothed: 1 }, root: { taproot: 1 } });
    const seen = [saw('edge.smooth'), saw('root.bulb'), saw('smell.garlic')];
    const { standings, against } = identify([out, fits], ALL, seen);
    expect(against).to.equal('fits');
    expect(standings.map((s) => [s.key, s.ruledOut])).to.deep.equal([
      ['fits', false],
      ['out', true],
    ]);
    expect(standings[1]!.weight).to.equal(0);
    expect(identify([out, fits], ALL, seen.slice(0, 1)).standings.some((s) => s.ruledOut)).to.equal(false);
  });
  it('holds the others against what is looked for, until something else fits so much better', () => {
    const wanted = taxon('wanted', 'none', { edge: { smooth: 0.6, toothed: 0.3 }, root: { bulb: 0.6, taproot: 0.3 } });
    const better = taxon('better', 'none', { edge: { smooth: 1 }, root: { bulb: 1 } });
    const twin = taxon('twin', 'deadly', { edge: { toothed: 1 }, root: { taproot: 1 } });
    const out = (seen: readonly string[], key: string | null) =>
      identify([wanted, better, twin], ALL, seen.map(saw), { phase: null, wanted: key })
        .standings.filter((s) => s.ruledOut)
        .map((s) => s.key);
    expect(out(['edge.smooth', 'root.bulb'], 'wanted')).to.deep.equal(['twin']);
    // Against the wanted one this says too little; against what fits best it says enough.
    const weaker = taxon('weaker', 'deadly', {
      edge: { toothed: 0.9, smooth: 0.1 },
      root: { taproot: 0.9, bulb: 0.1 },
    });
    const held = (key: string | null) =>
      identify([wanted, better, weaker], ALL, [saw('edge.smooth'), saw('root.bulb')], {
        phase: null,
        wanted: key,
      }).standings.find((s) => s.key === 'weaker')!.ruledOut;
    expect([held('wanted'), held(null)]).to.deep.equal([false, true]);
    // What is looked for fails itself.
    const lost = taxon('lost', 'none', { edge: { lobed: 1 }, root: { taproot: 1 } });
    const { standings } = identify([lost, better, weaker], ALL, [saw('edge.smooth'), saw('root.bulb')], {
      phase: null,
      wanted: 'lost',
    });
    expect(standings.filter((s) => s.ruledOut).map((s) => s.key)).to.have.members(['lost', 'weaker']);
  });
  it('asks first for the sign that parts the dangerous, and for a glance before a night under a glass', () => {
    const good = taxon('good', 'none', { edge: { smooth: 1 }, smell: { none: 1 }, print: { white: 1 } });
    const deadly = taxon('deadly', 'deadly', { edge: { toothed: 1 }, smell: { none: 1 }, print: { rust: 1 } });
    const dull = taxon('dull', 'none', { edge: { smooth: 1 }, smell: { garlic: 1 }, print: { white: 1 } });
    const { next } = identify([good, deadly, dull], ALL, []);
    expect(next.map((n) => n.sign)).to.deep.equal(['edge', 'smell', 'print']);
    expect(next[0]!.worth).to.be.above(next[2]!.worth);
  });
  it('values a look at a list by the doubt it takes away, in bits, danger weighing more, over its price', () => {
    const rows = (edge: string, print: string) =>
      taxon(edge + print, 'none', { edge: { [edge]: 1 }, print: { [print]: 1 } });
    const worth = Object.fromEntries(
      identify([rows('smooth', 'white'), rows('toothed', 'rust')], ALL, []).next.map((n) => [n.sign, n.worth]),
    );
    // Two alike: one bit of doubt. Of the edge's three states one is neither's: it is misread alike for both.
    const misread = 0.03 / 3;
    const [p, q] = [(1 + misread) / 2, misread];
    const h = (x: number) => -x * Math.log2(x) - (1 - x) * Math.log2(1 - x);
    expect(worth['edge']).to.be.closeTo(1 - (2 * p * h(1 / (1 + misread)) + q), 1e-9);
    expect(worth['print']).to.be.closeTo((1 - 1.005 * h(1 / 1.005)) / 4, 1e-9);
  });
  it('of a wanted plant asks first for what rules out what kills, says what it would settle, and never for the nose', () => {
    const wanted = taxon('wanted', 'none', {
      edge: { smooth: 1 },
      root: { bulb: 1 },
      smell: { garlic: 1 },
      print: { white: 1 },
    });
    const twin = taxon('twin', 'deadly', {
      edge: { toothed: 1 },
      root: { taproot: 1 },
      smell: { none: 1 },
      print: { rust: 1 },
    });
    const same = taxon('same', 'harmful', { edge: { smooth: 1 }, root: { taproot: 1 }, print: { white: 1 } });
    const next = (seen: readonly string[], taxa = [wanted, twin, same]) =>
      identify(taxa, ALL, seen.map(saw), { phase: null, wanted: 'wanted' }).next;
    expect(next([]).map((n) => n.sign)).to.deep.equal(['edge', 'root', 'print']);
    // One organ settles nothing; with one known, the other does, and a print by itself does.
    expect(next([]).find((n) => n.sign === 'root')!.settles).to.deep.equal([]);
    expect(next([]).find((n) => n.sign === 'print')!.settles).to.deep.equal(['twin']);
    expect(next(['edge.smooth']).find((n) => n.sign === 'root')!.settles).to.deep.equal(['twin']);
    // Once nothing that kills is open, what harms is asked about; once nothing is, nothing.
    expect(next(['edge.smooth', 'root.bulb'], [wanted, twin])).to.deep.equal([]);
  });
  it('asks nothing that only one of those left is described by', () => {
    const taxa = [
      taxon('silent', 'none', { smell: { garlic: 1 } }),
      taxon('a', 'none', { edge: { smooth: 1 } }),
      taxon('b', 'none', { edge: { toothed: 1 } }),
    ];
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
    // Of the third nobody knows: one of three states, two in three.
    const absent = weights('!edge.smooth');
    const total = 1 - glance(0.25) + (1 - glance(0.75)) + 2 / 3;
    expect(absent['a']).to.be.closeTo((1 - glance(0.25)) / total, 1e-12);
    expect(absent['c']).to.be.closeTo(2 / 3 / total, 1e-12);
    const { standings } = identify(taxa, ALL, [saw('!edge.smooth')]);
    expect(standings.find((s) => s.key === 'c')!.unknown).to.equal(1);
  });
  it('asks nothing about one alone', () => {
    expect(identify([taxon('left', 'none', { edge: { lobed: 1 } })], ALL, []).next).to.deep.equal([]);
  });
  it('reads a phase’s own table where there is one, and the whole year’s where there is none', () => {
    const plant: IdentityTaxon = {
      ...taxon('a', 'none', {}),
      shows: [
        { sign: 'edge', states: { smooth: 1 }, when: ['leaf'] },
        { sign: 'edge', states: { lobed: 3, toothed: 1 }, when: ['fruit'] },
      ],
    };
    expect(distribution(plant, EDGE, 'leaf')).to.deep.equal([1, 0, 0]);
    expect(distribution(plant, EDGE, 'fruit')).to.deep.equal([0, 0.25, 0.75]);
    expect(distribution(plant, EDGE, 'flower')).to.deep.equal(distribution(plant, EDGE, null));
    expect(distribution(plant, SMELL, null)).to.equal(null);
  });
  it('does not ask again for what was seen, nor for the place, nor for what the phase does not show', () => {
    const a = taxon('a', 'none', { edge: { smooth: 1 }, host: { dead: 1 }, smell: { garlic: 1 } });
    const b = taxon('b', 'none', { edge: { toothed: 1 }, host: { living: 1 }, smell: { none: 1 } });
    const asked = (seen: string[], phase: 'rest' | 'leaf' | null) =>
      identify([a, b], ALL, seen.map(saw), { phase, wanted: null }).next.map((n) => n.sign);
    expect(asked([], null)).to.have.members(['edge', 'smell']);
    expect(asked(['!edge.lobed'], null)).to.have.members(['edge', 'smell']);
    expect(asked(['edge.smooth'], null)).to.have.members(['smell']);
    expect(asked([], 'rest')).to.deep.equal([]);
  });
  it('names as open whatever dangerous one is not ruled out, a nuisance not among them', () => {
    const taxa = (['deadly', 'poisonous', 'harmful', 'nuisance', 'none'] as const).map((s) => taxon(s, s, {}));
    expect(identify(taxa, ALL, []).open).to.have.members(['deadly', 'poisonous', 'harmful']);
  });
  it('weights of what is left sum to 1, whatever was seen, and something is always left', () => {
    const frequency = fc.constantFrom(0, 0.05, 0.3, 0.6, 1);
    const row = fc.record({ garlic: frequency, none: frequency });
    const edges = fc.record({ smooth: frequency, toothed: frequency, lobed: frequency });
    const roots = fc.record({ bulb: frequency, taproot: frequency });
    const seen = fc.subarray(['smell.garlic', 'smell.none', 'edge.smooth', 'edge.toothed', '!edge.lobed', 'root.bulb']);
    fc.assert(
      fc.property(fc.array(fc.tuple(row, edges, roots), { minLength: 1, maxLength: 6 }), seen, (rows, said) => {
        const taxa = rows.map(([smell, edge, root], i) => taxon(`t${i}`, 'none', { smell, edge, root }));
        const { standings } = identify(taxa, ALL, said.map(saw));
        const total = standings.filter((s) => !s.ruledOut).reduce((sum, s) => sum + s.weight, 0);
        return Math.abs(total - 1) < 1e-9;
      }),
    );
  });
  it('asks for a second look where a first one said what fits and leaves a twin open; not of the nose, not of what took a night', () => {
    const wanted = taxon('wanted', 'none', {
      edge: { smooth: 0.9 },
      root: { bulb: 0.9 },
      smell: { garlic: 1 },
      print: { white: 1 },
    });
    const twin = taxon('twin', 'deadly', {
      edge: { smooth: 0.2, toothed: 0.8 },
      root: { bulb: 0.1, taproot: 0.9 },
      smell: { garlic: 0.3 },
      print: { white: 1 },
    });
    const asked = (seen: readonly SeenSign[]) =>
      identify([wanted, twin], ALL, seen, { phase: 'leaf', wanted: 'wanted' }).next.filter((n) => n.again);
    const seen = [saw('edge.smooth'), saw('root.bulb'), saw('smell.garlic'), saw('print.white')];
    expect(asked([])).to.deep.equal([]);
    // The root tells the two apart better than the edge does.
    expect(asked(seen).map((n) => n.sign)).to.deep.equal(['root', 'edge']);
    const twice = seen.map((x) => ({ ...x, again: true }));
    expect(asked(twice)).to.deep.equal([]);
    const weight = (of: readonly SeenSign[]) => weigh([wanted, twin], SIGNS, of, { phase: 'leaf', wanted }).factor;
    expect(weight(twice)).to.be.above(1.2 * weight(seen));
  });
});
