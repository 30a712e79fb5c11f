import { expect } from 'chai';
import { stackingWeights } from './stacking.ts';

describe('weights of models by what they foretold', () => {
  it('are those given beforehand where there is nothing to tell by, or where all foretold alike', () => {
    expect(stackingWeights([], [3, 1])).to.deep.equal([0.75, 0.25]);
    const alike = stackingWeights(Array(50).fill([0.2, 0.2]), [3, 1]);
    expect(alike[0]).to.be.closeTo(0.75, 1e-6);
  });
  it('worked by hand: where one model is right of six cases in ten and the other of four, and neither of both', () => {
    // The likeliest mixture of two that never agree is the share that each was right of: with one case beforehand each, 7/12.
    const rows = [...Array(6).fill([1, 0]), ...Array(4).fill([0, 1])] as number[][];
    const [a, b] = stackingWeights(rows, [1, 1]);
    expect(a).to.be.closeTo(7 / 12, 1e-9);
    expect(b).to.be.closeTo(5 / 12, 1e-9);
    // Cases that hang together count less: half of ten and the two beforehand.
    expect(stackingWeights(rows, [1, 1], 0.5)[0]).to.be.closeTo(4 / 7, 1e-9);
  });
  it('come down on the one that foretells twice as well, the more the longer it does', () => {
    const weight = (cases: number) => stackingWeights(Array(cases).fill([0.2, 0.4]), [1.5, 1.5])[1]!;
    expect(weight(2)).to.be.within(0.5, 0.75);
    expect(weight(10)).to.be.above(weight(2));
    expect(weight(60)).to.be.above(0.9);
  });
  it('keep two that are each right of what the other misses, where a choice would lose one', () => {
    const rows = Array.from({ length: 40 }, (_, i) => (i % 2 ? [0.9, 0.01, 0.3] : [0.01, 0.9, 0.3]));
    const [a, b, c] = stackingWeights(rows, [1, 1, 1]);
    expect(a! + b!).to.be.above(0.85);
    expect(Math.abs(a! - b!)).to.be.below(0.02);
    expect(c).to.be.below(0.15);
  });
  it('are not moved by a case that nobody foretold', () => {
    const [a] = stackingWeights([[0, 0]], [3, 1]);
    expect(a).to.be.closeTo(0.75, 1e-9);
  });
});
