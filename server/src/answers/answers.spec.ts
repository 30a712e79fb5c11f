import { expect } from 'chai';
import { Answers, Cache, cacheOf, LaterCache } from './answers.ts';

describe('answers kept in memory', () => {
  it('are made once for a key', () => {
    const kept = new Cache<{ n: number }>(10);
    let made = 0;
    const ask = (key: string) => kept.get(key, () => ({ n: ++made })).n;
    expect([ask('a'), ask('a'), ask('b'), ask('a')]).to.deep.equal([1, 1, 2, 1]);
  });
  it('push out the one that was used longest ago, not the one that was made first', () => {
    const kept = new Cache<[string]>(2);
    kept.get('first', () => ['first']);
    kept.get('second', () => ['second']);
    kept.get('first', () => ['never made']);
    kept.get('third', () => ['third']);
    expect([kept.peek('first'), kept.peek('second'), kept.peek('third')]).to.deep.equal([
      ['first'],
      undefined,
      ['third'],
    ]);
  });
  it('are replaced by a later one under the same key', () => {
    const kept = new Cache<[number]>(2);
    kept.put('a', [1]);
    kept.put('a', [2]);
    kept.put('b', [3]);
    expect([kept.peek('a'), kept.peek('b')]).to.deep.equal([[2], [3]]);
  });
  it('that take a while are made once for all who wait', async () => {
    const kept = new LaterCache<number>(10);
    let made = 0;
    const slow = () => new Promise<number>((resolve) => setTimeout(() => resolve(++made), 5));
    expect(await Promise.all([kept.get('a', slow), kept.get('a', slow)])).to.deep.equal([1, 1]);
  });
  it('that failed are asked for again, and everybody who waited hears of it', async () => {
    const kept = new LaterCache<string>(10);
    const failing = () => Promise.reject(new Error('the database is away'));
    const both = await Promise.allSettled([kept.get('a', failing), kept.get('a', failing)]);
    expect(both.map((b) => b.status)).to.deep.equal(['rejected', 'rejected']);
    expect(await kept.get('a', async () => 'there again')).to.equal('there again');
  });
  it('of one application are nobody else’s', () => {
    const kind = cacheOf<[string]>(5);
    const [one, other] = [new Answers(), new Answers()];
    one.of(kind).put('a', ['here']);
    expect(one.of(kind).peek('a')).to.deep.equal(['here']);
    expect(other.of(kind).peek('a')).to.equal(undefined);
    expect(one.of(cacheOf<[string]>(5)).peek('a')).to.equal(undefined);
  });
});
