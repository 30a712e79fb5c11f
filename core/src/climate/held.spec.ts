import { expect } from 'chai';
import { Held } from './held.ts';

describe('what is held', () => {
  it('is made once for the same record and text, and nothing is a value as well', () => {
    const held = new Held<number | null>(4);
    const [one, other] = [{}, {}];
    let made = 0;
    const ask = (of: object, rest: string) => held.get([of], rest, () => (++made, null));
    for (const [of, rest] of [
      [one, 'a'],
      [one, 'a'],
      [other, 'a'],
      [one, 'b'],
      [other, 'a'],
    ] as const)
      ask(of, rest);
    expect(made).to.equal(3);
  });
  it('is no more than so many over all records: the first goes first', () => {
    const held = new Held<number>(3);
    const records = [{}, {}, {}, {}];
    let made = 0;
    const ask = (of: object) => held.get([of], '', () => ++made);
    records.forEach(ask);
    expect([ask(records[3]!), ask(records[1]!)]).to.deep.equal([4, 2]);
    expect(ask(records[0]!)).to.equal(5);
  });
});
