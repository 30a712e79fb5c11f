import { expect } from 'chai';
import { drawsFor } from './draws.ts';
import { drawnEffects } from './effects.ts';

describe('effects of the draws', () => {
  const draws = drawsFor(960, 2);
  const weighed = (of: (j: number) => number): number => {
    let [sum, total] = [0, 0];
    for (let j = 0; j < draws.count; j++) {
      sum += draws.weight[j]! * of(j);
      total += draws.weight[j]!;
    }
    return sum / total;
  };
  it('have the mean and the covariance that they were drawn from', () => {
    const covariance = Float64Array.of(0.5, 0.3, 0.3, 0.4);
    const [a, b] = drawnEffects({ mean: Float64Array.of(0.7, -0.2), covariance }, draws) as [
      Float64Array,
      Float64Array,
    ];
    expect(weighed((j) => a[j]!)).to.be.closeTo(0.7, 0.03);
    expect(weighed((j) => b[j]!)).to.be.closeTo(-0.2, 0.03);
    expect(weighed((j) => (a[j]! - 0.7) ** 2)).to.be.closeTo(0.5, 0.04);
    expect(weighed((j) => (b[j]! + 0.2) ** 2)).to.be.closeTo(0.4, 0.04);
    expect(weighed((j) => (a[j]! - 0.7) * (b[j]! + 0.2))).to.be.closeTo(0.3, 0.04);
  });
  it('are drawn from a covariance that rounding left without a root, and not from what is none', () => {
    const rounded = Float64Array.of(0.2, 0.2000001, 0.2000001, 0.2);
    expect(drawnEffects({ mean: new Float64Array(2), covariance: rounded }, draws)).to.have.length(2);
    const none = Float64Array.of(0.2, 0.9, 0.9, 0.2);
    expect(() => drawnEffects({ mean: new Float64Array(2), covariance: none }, draws)).to.throw(RangeError);
  });
});
