import { expect } from 'chai';
import fc from 'fast-check';
import { saw, sign, taxon } from './builders.ts';
import { identify } from './identify.ts';

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
