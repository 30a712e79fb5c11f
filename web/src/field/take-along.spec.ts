import { expect } from 'chai';
import { asksOf } from './take-along.ts';
import type { TakenStop } from './taken-round.ts';

const stop = (patchId: string, ...stands: readonly (readonly [string, string])[]): TakenStop =>
  ({ patchId, stands: stands.map(([id, plantKey]) => ({ id, plantKey })) }) as never;
const keysOf = (hasBaseMap: boolean, ...stops: readonly TakenStop[]): readonly string[] =>
  asksOf({ id: 'g', hasBaseMap }, stops).map((a) => a.queryKey.slice(a.queryKey[0] === 'group' ? 2 : 0).join(' '));

describe('what is asked for when a round is taken along', () => {
  it('is each place with all its stands and their books, and each plant once', () => {
    const keys = keysOf(true, stop('p', ['a', 'nettle'], ['b', 'elder']), stop('q', ['c', 'nettle']));
    expect(keys).to.include.members(['patch p', 'patch q', 'stand c today now', 'stand c kit', 'patches', 'base-map']);
    expect(keys.filter((k) => k === 'plant nettle').length).to.equal(1);
    expect(keys.filter((k) => k.startsWith('stand ')).length).to.equal(6);
    expect(new Set(keys).size).to.equal(keys.length);
  });
  it('is no map of a group that has none: the server would refuse it, and nothing went along', () => {
    expect(keysOf(false, stop('p', ['a', 'nettle']))).not.to.include('base-map');
  });
});
