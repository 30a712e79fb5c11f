import { expect } from 'chai';
import { saw, sign, taxon } from './builders.ts';
import { confirmation, mayConfirm } from './confirm.ts';
import { type IdentityTaxon } from './sign.ts';

const SIGNS = new Map(
  [
    sign('stem', 'stem', 'hairy smooth blotched'),
    sign('edge', 'leaf', 'smooth toothed'),
    sign('base', 'leaf', 'round pointed'),
    sign('root', 'root', 'white brown fingers'),
    sign('host', 'ground', 'dead living', { ofPlace: true }),
  ].map((s) => [s.key, s]),
);
const parsley = taxon('parsley', 'none', { stem: { hairy: 1 }, edge: { toothed: 1 }, root: { white: 1 } });
const hemlock = taxon('hemlock', 'deadly', { stem: { blotched: 1 }, edge: { toothed: 1 }, root: { brown: 1 } });
const dropwort = taxon('dropwort', 'poisonous', { stem: { smooth: 1 }, edge: { toothed: 1 }, root: { fingers: 1 } });
const itchy = taxon('itchy', 'nuisance', { stem: { hairy: 1 }, edge: { toothed: 1 } });
const told = (taxa: readonly IdentityTaxon[], ...seen: string[]) =>
  confirmation(taxa, SIGNS, { key: 'parsley', seen: seen.map(saw), phase: null });
const ALL = [parsley, hemlock, dropwort, itchy];

describe('what it takes to confirm a stand', () => {
  it('is signs of two organs that leave nothing deadly or poisonous open', () => {
    const enough = told(ALL, 'stem.hairy', 'root.white');
    expect(enough).to.deep.equal({ open: [], organsMissing: false, itselfRuledOut: false });
    expect(mayConfirm(enough)).to.equal(true);
  });
  it('is not two signs of one organ, nor signs of the place, nor what is absent, nor what nobody knows', () => {
    for (const second of ['stem.hairy', 'host.dead', '!edge.smooth', 'horn.long']) {
      const one = told([parsley], 'stem.hairy', second);
      expect(one, second).to.deep.include({ open: [], organsMissing: true });
      expect(mayConfirm(one), second).to.equal(false);
    }
    expect(told(ALL, 'edge.toothed', 'base.round').organsMissing).to.equal(true);
    expect(told([], 'edge.toothed', 'stem.hairy').organsMissing).to.equal(false);
    expect(told([]).organsMissing).to.equal(true);
  });
  it('is not one organ that speaks, however loud: hairs alone clear neither hemlock nor dropwort', () => {
    expect(told(ALL, 'stem.hairy', 'edge.toothed').open).to.deep.equal(['hemlock', 'dropwort']);
    // Of something that is on no list nothing is known that could be held against the others.
    expect(told([hemlock, dropwort], 'stem.hairy', 'root.white').open).to.deep.equal(['hemlock', 'dropwort']);
  });
  it('names each dangerous one that is open, in the list’s order, and neither a nuisance nor the plant itself', () => {
    const open = told(ALL, 'edge.toothed', 'base.round');
    expect(open.open).to.deep.equal(['hemlock', 'dropwort']);
    expect(mayConfirm({ ...open, organsMissing: false })).to.equal(false);
    expect(told(ALL, 'root.brown', 'stem.hairy').open).to.deep.equal(['hemlock', 'dropwort']);
    const itself = taxon('parsley', 'poisonous', { stem: { hairy: 1 } });
    expect(told([itself], 'stem.hairy', 'edge.toothed').open).to.deep.equal([]);
  });
  it('is refused where what was seen speaks against the plant itself', () => {
    const chervil = taxon('chervil', 'none', { stem: { smooth: 1 }, root: { brown: 1 }, edge: { toothed: 1 } });
    const against = told([parsley, chervil], 'stem.smooth', 'root.brown');
    expect(against).to.deep.equal({ open: [], organsMissing: false, itselfRuledOut: true });
    expect(mayConfirm(against)).to.equal(false);
    // One organ that does not fit may be a misreading, and alone on a list nothing fits better.
    expect(told([parsley, chervil], 'stem.smooth', 'edge.toothed').itselfRuledOut).to.equal(false);
    expect(told([parsley], 'stem.smooth', 'root.brown').itselfRuledOut).to.equal(false);
    expect(told(ALL, 'stem.hairy', 'root.white').itselfRuledOut).to.equal(false);
  });
  it('holds what grows elsewhere against it as well, by less, and the plant itself is here wherever it grows', () => {
    const far = (t: IdentityTaxon): IdentityTaxon => ({ ...t, elsewhere: true });
    const open = (taxa: readonly IdentityTaxon[], ...seen: string[]) => told(taxa, ...seen).open;
    // Hairs alone speak against both; only what grows here asks for a second organ.
    expect(open([parsley, hemlock, far(dropwort)], 'stem.hairy', 'edge.toothed')).to.deep.equal(['hemlock']);
    expect(open([parsley, hemlock, far(dropwort)], 'edge.toothed', 'stem.smooth')).to.include('dropwort');
    expect(open([parsley, far(hemlock)])).to.deep.equal(['hemlock']);
    const chervil = taxon('chervil', 'none', { stem: { smooth: 1 }, root: { brown: 1 }, edge: { toothed: 1 } });
    for (const seen of [
      ['stem.smooth', 'edge.toothed'],
      ['stem.hairy', 'root.white'],
    ])
      expect(told([far(parsley), chervil], ...seen).itselfRuledOut, seen.join()).to.equal(false);
  });
});
