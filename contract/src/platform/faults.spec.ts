import { expect } from 'chai';
import { exactly, finite, line, listOf, orNull, whole } from './schema.ts';
import { faultsOf } from './faults.ts';

describe('the faults of an input', () => {
  const schema = exactly({
    name: line(5),
    heightM: finite(-430, 8850),
    since: orNull(whole(1800, 2200)),
    counts: listOf(whole(0, 9), 2).min(1, 'tooFew'),
  });
  const good = { name: 'Mill', heightM: 12, since: null, counts: [1] };
  it('are none of what fits', () => expect(faultsOf(schema, good)).to.deep.equal([]));
  it('are told all, each with its place, its reason and the bound it goes beyond', () => {
    const found = faultsOf(schema, { name: ' ', heightM: 9000, since: 1800.5, counts: [1, 10, 3] });
    expect([...found].sort((a, b) => a.path.localeCompare(b.path))).to.deep.equal([
      { path: 'counts', reason: 'tooMany', limit: 2 },
      { path: 'counts[1]', reason: 'tooLarge', limit: 9 },
      { path: 'heightM', reason: 'tooLarge', limit: 8850 },
      { path: 'name', reason: 'missing', limit: null },
      { path: 'since', reason: 'notWhole', limit: null },
    ]);
  });
  it('say of NaN that it is no number, and of nothing that it is missing', () => {
    const reasons = (over: object): readonly string[] => faultsOf(schema, { ...good, ...over }).map((f) => f.reason);
    expect(reasons({ heightM: NaN })).to.deep.equal(['notANumber']);
    expect(reasons({ since: NaN })).to.deep.equal(['notANumber']);
    expect(reasons({ heightM: null })).to.deep.equal(['missing']);
    expect(reasons({ heightM: '12' })).to.deep.equal(['wrongType']);
    expect(reasons({ counts: [] })).to.deep.equal(['tooFew']);
  });
  it('may be asked for the first only', () => {
    expect(faultsOf(schema, { name: '', heightM: NaN, since: 1, counts: [] }, 'first')).to.have.length(1);
  });
});
