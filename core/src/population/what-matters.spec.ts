import { expect } from 'chai';
import { lambdaOf } from './drawn-rates.ts';
import { LIFE_FORMS, LIVES } from './life-forms.ts';
import { ratesOf } from './life-history.ts';
import { whatMatters } from './what-matters.ts';

describe('what the growth of a stand hangs on', () => {
  for (const form of LIFE_FORMS)
    it(`sums to one for ${form}, and is what trying each rate shows`, () => {
      const rates = ratesOf(LIVES[form]);
      const all = whatMatters(rates);
      expect(all.reduce((s, m) => s + m.share, 0)).to.be.closeTo(1, 1e-9);
      const step = 1e-6;
      for (const m of all) {
        const moved = (by: number) =>
          m.kind === 'survival'
            ? { ...rates, survival: rates.survival.map((s, i) => (rates.stages[i] === m.stage ? s * (1 + by) : s)) }
            : {
                ...rates,
                births: rates.births.map((b) => (b.kind === m.birth ? { ...b, number: b.number * (1 + by) } : b)),
              };
        const slope = (Math.log(lambdaOf(moved(step))) - Math.log(lambdaOf(moved(-step)))) / (2 * step);
        expect(m.share, JSON.stringify(m)).to.be.closeTo(slope, 1e-5);
      }
    });
  it('puts the life of grown plants first where they live long, and seed where they do not', () => {
    expect(whatMatters(ratesOf(LIVES.slowRoot))[0]).to.deep.include({ kind: 'survival', stage: 'mature' });
    const seed = (form: 'slowRoot' | 'annualInvader') =>
      whatMatters(ratesOf(LIVES[form])).find((m) => m.kind === 'birth')!.share;
    expect(seed('annualInvader')).to.be.above(4 * seed('slowRoot'));
  });
});
