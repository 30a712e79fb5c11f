import { expect } from 'chai';
import type { PermitView } from '@emberfield/contract';
import { createWords } from '@emberfield/words';
import { sayPermitLeft } from './permit-lines.ts';

describe('what is left of a permit', () => {
  const words = createWords('en');
  const said = (spent: number | null, aside = 0) =>
    sayPermitLeft({ spent, terms: { amount: 3000 }, aside, unit: 'gram' } as PermitView, words);
  it('is said with what is set aside, what was too much, and that nobody knows', () => {
    expect(said(500)).to.equal('2.5 kg left of 3 kg');
    expect(said(500, 200)).to.equal('2.5 kg left of 3 kg; 200 g of it set aside for today');
    expect(said(3500)).to.equal('500 g too much taken of 3 kg');
    expect(said(null)).to.match(/^Nobody can say what is left of 3 kg/);
  });
});
