import { expect } from 'chai';
import fc from 'fast-check';
import { fitGrowth, sumForLength, type GrowthSpec, type MeasuredLengths } from './growth.ts';

const figure = (value: number, low: number, high: number) => ({ value, low, high, source: 'estimate' });
const spec: GrowthSpec = {
  start: '01-01',
  baseC: figure(5, 5, 5),
  finalCm: figure(120, 90, 160),
  halfSum: figure(280, 220, 360),
  scaleSum: figure(90, 70, 115),
};
/** Length by a curve of one's own, cm. */
const grown = (sum: number, { final = 120, half = 280, scale = 90 } = {}): number =>
  final / (1 + Math.exp(-(sum - half) / scale));
const measure = (season: number, sums: readonly number[], of: (sum: number) => number): readonly MeasuredLengths[] =>
  sums.map((sum) => ({ season, sum, lengthsCm: Array.from({ length: 5 }, () => of(sum)) }));

describe('growth against warmth', () => {
  it('is the profile’s where nothing was measured', () => {
    const { mean, covariance } = fitGrowth(spec, [], 2026);
    expect([...mean].map((v) => Math.exp(v).toFixed(3))).to.deep.equal(['120.000', '280.000', '90.000', '1.000']);
    expect(Math.sqrt(covariance[0]!)).to.be.closeTo(Math.log(160 / 90) / 2.5631, 1e-4);
  });
  it('reaches half of the final length at the half warmth, never more than all of it', () => {
    const { mean } = fitGrowth(spec, [], 2026);
    expect(sumForLength(mean, 60)).to.be.closeTo(280, 1e-9);
    expect(sumForLength(mean, 120)).to.equal(Infinity);
    expect(sumForLength(mean, 0.01)).to.equal(0);
  });
  it('finds a stand’s own curve from a few seasons of measuring', () => {
    const own = { final: 80, half: 230, scale: 80 };
    const measured = [2022, 2023, 2024, 2025].flatMap((s) =>
      measure(s, [60, 140, 230, 400, 600], (x) => grown(x, own)),
    );
    const { mean, covariance } = fitGrowth(spec, measured, 2026);
    expect(Math.exp(mean[0]!)).to.be.closeTo(80, 4);
    expect(Math.exp(mean[1]!)).to.be.closeTo(230, 15);
    expect(covariance[0]!).to.be.below(fitGrowth(spec, [], 2026).covariance[0]! / 4);
    // The curve that measuring found gives the length back.
    expect(sumForLength(mean, grown(140, own))).to.be.closeTo(140, 12);
  });
  it('takes what this season’s own measuring says of how late it is, and lets next season be as usual', () => {
    const usual = [2022, 2023, 2024, 2025].flatMap((s) => measure(s, [60, 120, 200, 320], (x) => grown(x)));
    const late = [...usual, ...measure(2026, [80, 120], (x) => grown(x / 1.15))];
    expect(fitGrowth(spec, late, 2026).mean[3]!).to.be.above(0.05);
    expect(fitGrowth(spec, late, 2027).mean[3]!).to.be.closeTo(0, 1e-9);
  });
  it('is the maximum of the posterior: nothing near it fits better', () => {
    const measured = measure(2026, [100, 200], (x) => 1.3 * grown(x));
    const { mean } = fitGrowth(spec, measured, 2026);
    const badness = (at: readonly number[]): number => {
      const prior = [Math.log(120), Math.log(280), Math.log(90), 0];
      const sd = [Math.log(160 / 90), Math.log(360 / 220), Math.log(115 / 70)].map((w) => w / 2.5631).concat(0.1);
      const off = measured.map(({ sum, lengthsCm }) => {
        const curve = at[0]! - Math.log1p(Math.exp(-(sum * Math.exp(-at[3]!) - Math.exp(at[1]!)) / Math.exp(at[2]!)));
        return (Math.log(lengthsCm[0]!) - curve) ** 2 / (0.04 / 5 + 0.0064);
      });
      return at.reduce((s, v, i) => s + ((v - prior[i]!) / sd[i]!) ** 2, 0) + off.reduce((a, b) => a + b, 0);
    };
    const best = badness([...mean]);
    for (const i of [0, 1, 2, 3])
      for (const step of [-0.01, 0.01])
        expect(badness([...mean].map((v, k) => (k === i ? v + step : v)))).to.be.above(best);
  });
  it('needs more warmth for more length, whatever the stand', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 6, noNaN: true }),
        fc.double({ min: 4, max: 7, noNaN: true }),
        (final, half) => {
          const sums = [2, 5, 10, 40, 100, 300].map((cm) => sumForLength([final, half, 4, 0], cm));
          expect(sums).to.deep.equal([...sums].sort((a, b) => a - b));
        },
      ),
    ));
  it('refuses a length of nothing', () =>
    expect(() => fitGrowth(spec, [{ season: 2026, sum: 100, lengthsCm: [10, 0] }], 2026)).to.throw(RangeError));
});
