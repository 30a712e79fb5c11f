import { expect } from 'chai';
import { linearSd, logSd } from './figure.ts';

const figure = (value: number, low: number, high: number) => ({ value, low, high, source: 'estimate' });

describe('figures', () => {
  it('read low and high as the 10 and 90 % points', () => {
    expect(logSd(figure(300, 250, 360))).to.be.closeTo(0.14226, 1e-4);
    expect(linearSd(figure(10, 8, 12))).to.be.closeTo(1.56061, 1e-4);
    expect(logSd(figure(5, 5, 5))).to.equal(0);
  });
  it('refuse an order that makes no sense', () => {
    expect(() => logSd(figure(2, 3, 4))).to.throw(RangeError);
    expect(() => linearSd(figure(5, 3, 4))).to.throw(RangeError);
    expect(() => logSd(figure(0, 0, 4))).to.throw(RangeError);
  });
});
