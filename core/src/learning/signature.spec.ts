import { expect } from 'chai';
import { nothingBeforehand } from './stand-learning.ts';
import { saidOf, toldApart } from './signature.ts';
import { PRIOR_SCALES } from '../stages/scales.ts';

const usualDays = [90, 130, 160];
const firstDays = [20_000, 20_365];

describe('what is said of a stand beforehand', () => {
  const plain = nothingBeforehand(usualDays);
  const signature = Float64Array.from(saidOf(plain, usualDays, firstDays));

  it('is told by kind, seasons and scales, stage by stage', () => {
    expect(signature).to.have.length(2 * 3 + 2 * 2 * 3 + 2);
    expect([...signature.slice(0, 6)]).to.deep.equal([0, 0, 0, 0.45, 0.45, 0.45]);
    expect([...signature.slice(-2)]).to.deep.equal([PRIOR_SCALES.standSeason, PRIOR_SCALES.stage]);
  });
  it('is told apart by a mean that moved, a variance that shrank, or another season; not by a trace', () => {
    const moved = (kind: number) => ({
      ...plain,
      kind: { ...plain.kind, mean: Float64Array.from([0, kind, 0]) },
    });
    const of = (b: typeof plain) => Float64Array.from(saidOf(b, usualDays, firstDays));
    expect(toldApart(signature, of(moved(0.04)))).to.equal(false);
    expect(toldApart(signature, of(moved(0.06)))).to.equal(true);
    const surer = { ...plain, kind: { ...plain.kind, covariance: plain.kind.covariance.map((c) => c / 2) } };
    expect(toldApart(signature, of(surer))).to.equal(true);
    const early = {
      ...plain,
      season: (first: number) => (days: readonly number[]) => {
        const field = plain.season(first)(days);
        return first === firstDays[1] ? { ...field, mean: field.mean.map(() => -0.3) } : field;
      },
    };
    expect(toldApart(signature, of(early))).to.equal(true);
    expect(toldApart(signature, signature.slice(0, 4))).to.equal(true);
  });
});
