import { expect } from 'chai';
import { edgeShifts, type QualityWord } from './window-evidence.ts';

const word = (day: number, said: QualityWord['said'], wasteShare: number | null = null): QualityWord => ({
  day,
  opens: 100,
  closes: 140,
  said,
  wasteShare,
});

describe('what takes say of a window’s edges', () => {
  it('is nothing without a word', () =>
    expect(edgeShifts([])).to.deep.equal({
      opens: { meanDays: 0, sdDays: 0 },
      closes: { meanDays: 0, sdDays: 0 },
    }));
  it('moves the closing earlier for what was tough before it, and leaves it for what was tough after', () => {
    const early = edgeShifts([word(128, 'tough')]).closes.meanDays;
    const late = edgeShifts([word(155, 'tough')]).closes.meanDays;
    expect(early).to.be.within(-8, -2);
    expect(Math.abs(late)).to.be.below(0.5);
  });
  it('moves the closing later for what was still good after it', () =>
    expect(edgeShifts([word(150, 'good')]).closes.meanDays).to.be.within(2, 8));
  it('moves the opening later for what was young after it', () => {
    const { opens, closes } = edgeShifts([word(108, 'young')]);
    expect(opens.meanDays).to.be.within(2, 8);
    expect(Math.abs(closes.meanDays)).to.be.below(0.1);
  });
  it('says more the more often it is said', () => {
    const [once, often] = [1, 4].map((n) => edgeShifts(Array.from({ length: n }, () => word(130, 'tough'))).closes);
    expect(often!.meanDays).to.be.below(once!.meanDays);
    expect(often!.sdDays).to.be.below(once!.sdDays);
  });
  it('by waste is as the conjugate normal has it', () => {
    // 40 % woody on day 140: closing lies at 140 − 6 logit(0.4) = 142.43 by its word, give or take 6 days, about 0 give or take 5.
    const { closes } = edgeShifts([word(140, 'tough', 0.4)]);
    const off = -6 * Math.log(0.4 / 0.6);
    expect(closes.meanDays).to.be.closeTo((off * 25) / (25 + 36), 0.02);
    expect(closes.sdDays).to.be.closeTo(Math.sqrt((25 * 36) / (25 + 36)), 0.02);
    expect(edgeShifts([word(130, 'tough', 0.4)]).closes.meanDays).to.be.below(-2);
  });
  it('never runs away: no shift beyond a month', () => {
    const all = Array.from({ length: 50 }, () => word(60, 'tough'));
    expect(edgeShifts(all).closes.meanDays).to.be.within(-24, 0);
  });
});
