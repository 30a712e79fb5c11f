import { expect } from 'chai';
import { tapsOf } from './trees.ts';

describe('a trunk', () => {
  it('bears a tap from a girth on, a second from another, and none where nobody measured it', () => {
    const of = (secondCm: number | null) => [null, 79.9, 80, 149, 150].map((g) => tapsOf(g, { firstCm: 80, secondCm }));
    expect(of(150)).to.deep.equal([0, 0, 1, 1, 2]);
    expect(of(null)).to.deep.equal([0, 0, 1, 1, 1]);
  });
});
