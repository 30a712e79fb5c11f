import { expect } from 'chai';
import fc from 'fast-check';
import { contentDigest, newCode, newToken, sameText } from './tokens.ts';

const shuffled = (value: unknown): unknown => {
  if (Array.isArray(value)) return value.map(shuffled);
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value)
      .reverse()
      .map(([k, v]) => [k, shuffled(v)]),
  );
};

describe('secrets', () => {
  it('are long, fit an address, and never come twice', () => {
    const tokens = Array.from({ length: 200 }, newToken);
    expect(new Set(tokens).size).to.equal(200);
    for (const token of tokens) expect(token).to.match(/^[\w-]{43}$/);
  });
  it('that people type are in four groups without letters that look alike', () => {
    for (let i = 0; i < 50; i++) expect(newCode()).to.match(/^[a-hjkmnp-z2-9]{4}(-[a-hjkmnp-z2-9]{4}){3}$/);
  });
  it('are compared whole', () => {
    expect(sameText('abc', 'abc')).to.equal(true);
    expect(sameText('abc', 'abcd')).to.equal(false);
    expect(sameText('', '')).to.equal(true);
  });
});

describe('the digest of a content', () => {
  it('does not hang on the order of its keys', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (value) => contentDigest(value).equals(contentDigest(shuffled(value)))),
      { numRuns: 200 },
    );
  });
  it('differs where the content does', () => {
    const one = contentDigest({ amount: 1, of: ['a', 'b'] });
    for (const other of [
      { amount: 2, of: ['a', 'b'] },
      { amount: 1, of: ['b', 'a'] },
      { amount: '1', of: ['a', 'b'] },
    ])
      expect(contentDigest(other).equals(one)).to.equal(false);
  });
  it('takes a field that is not there for one that is undefined, as JSON does', () => {
    expect(contentDigest({ a: 1, b: undefined }).equals(contentDigest({ a: 1 }))).to.equal(true);
    expect(contentDigest({ a: 1, b: null }).equals(contentDigest({ a: 1 }))).to.equal(false);
  });
});
