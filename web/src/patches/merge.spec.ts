import { expect } from 'chai';
import fc from 'fast-check';
import { differs, merge } from './merge.ts';

const base = { name: 'Mill hedge', access: '', hazards: ['dogs'], tide: undefined as number | undefined };

describe('two versions of one thing', () => {
  it('are put together where each changed something else', () => {
    const { merged, open } = merge(base, { ...base, name: 'Mill' }, { ...base, access: 'gate' });
    expect(merged).to.deep.equal({ ...base, name: 'Mill', access: 'gate' });
    expect(open).to.deep.equal([]);
  });
  it('are left to be settled where both changed the same, mine standing meanwhile', () => {
    const { merged, open } = merge(base, { ...base, hazards: [] }, { ...base, hazards: ['dogs', 'road'] });
    expect(open).to.deep.equal(['hazards']);
    expect(merged.hazards).to.deep.equal([]);
  });
  it('are one where both changed it alike; left out and null are the same', () => {
    expect(merge(base, { ...base, name: 'x' }, { ...base, name: 'x' }).open).to.deep.equal([]);
    expect(differs({ a: null }, {} as { a: null })).to.equal(false);
    expect(differs({ a: 1 }, { a: 2 })).to.equal(true);
  });
  it('lose nothing: every field is mine, or theirs where I had not touched it', () => {
    const side = fc.record({ a: fc.nat(2), b: fc.nat(2), c: fc.nat(2) });
    fc.assert(
      fc.property(side, side, side, (b, mine, theirs) => {
        const { merged, open } = merge(b, mine, theirs);
        for (const k of ['a', 'b', 'c'] as const) {
          const touched = mine[k] !== b[k];
          expect(merged[k]).to.equal(touched ? mine[k] : theirs[k]);
          expect(open.includes(k)).to.equal(touched && theirs[k] !== b[k] && mine[k] !== theirs[k]);
        }
      }),
    );
  });
});
