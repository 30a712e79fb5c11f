import { expect } from 'chai';
import fc from 'fast-check';
import { averageDegreeDays, coolingDays, degreeDays } from './degree-days.ts';

/** Independent of the closed form: midpoint rule over one wave. */
function integrated(minC: number, maxC: number, baseC: number, cutoffC = Infinity): number {
  const steps = 400_000;
  let sum = 0;
  for (let i = 0; i < steps; i++) {
    const t = (maxC + minC) / 2 + ((maxC - minC) / 2) * Math.sin((2 * Math.PI * (i + 0.5)) / steps);
    sum += Math.max(0, Math.min(t, cutoffC) - baseC);
  }
  return sum / steps;
}

describe('degree days, single sine', () => {
  const cases: readonly (readonly [number, number, number, number])[] = [
    [4, 16, 10, Infinity],
    [-3, 9, 5, Infinity],
    [2, 30, 10, 25],
    [12, 34, 10, 30],
    [0, 5, 5, Infinity],
    [6, 20, 5, Infinity],
    [9.9, 10.1, 10, Infinity],
    [-10, 41, 4.4, 29.4],
  ];
  for (const [min, max, base, cut] of cases)
    it(`agrees with numerical integration to 1e-6 for ${min} to ${max} °C over ${base}, cut-off ${cut}`, () => {
      expect(degreeDays(min, max, base, cut)).to.be.closeTo(integrated(min, max, base, cut), 1e-6);
    });
  it('gives amplitude / π when the base is the mean of the day', () => {
    expect(degreeDays(4, 16, 10)).to.be.closeTo(6 / Math.PI, 1e-12);
    expect(coolingDays(4, 16, 10)).to.be.closeTo(6 / Math.PI, 1e-12);
  });
  it('is nothing below the base and the plain mean above it', () => {
    expect(degreeDays(-5, 4, 5)).to.equal(0);
    expect(degreeDays(8, 20, 5)).to.equal(9);
    expect(averageDegreeDays(8, 20, 5)).to.equal(9);
    expect(degreeDays(30, 40, 5, 25)).to.equal(20);
  });
  it('never falls when a day gets warmer, and warming minus cooling is the mean minus the threshold', () => {
    const day = fc.record({
      min: fc.double({ min: -30, max: 30, noNaN: true }),
      span: fc.double({ min: 0.01, max: 25, noNaN: true }),
      base: fc.double({ min: -5, max: 15, noNaN: true }),
    });
    fc.assert(
      fc.property(day, ({ min, span, base }) => {
        const now = degreeDays(min, min + span, base, base + 20);
        const balance = degreeDays(min, min + span, base) - coolingDays(min, min + span, base);
        return (
          degreeDays(min + 1, min + span + 1, base, base + 20) >= now - 1e-9 &&
          Math.abs(balance - (min + span / 2 - base)) < 1e-9
        );
      }),
    );
  });
  it('sees warm hours that the simple average misses', () => {
    expect(averageDegreeDays(0, 9, 5)).to.equal(0);
    expect(degreeDays(0, 9, 5)).to.be.above(0.9);
  });
  it('refuses a maximum below the minimum, a missing figure and a cut-off below the base', () => {
    expect(() => degreeDays(10, 5, 5)).to.throw(RangeError);
    expect(() => degreeDays(NaN, 5, 5)).to.throw(RangeError);
    expect(() => degreeDays(0, 20, 10, 5)).to.throw(RangeError);
  });
});
