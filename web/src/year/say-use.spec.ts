import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { createWords, sayUse } from '@emberfield/words';

describe('what a window is for', () => {
  it('has German words for every use of the shipped list, and the English ones as they are written', () => {
    const uses = [...new Set(CATALOGUE.flatMap((p) => p.windows.map((w) => w.use)))];
    const [english, german] = [createWords('en'), createWords('de')];
    expect(uses.length).to.be.at.least(40);
    expect(uses.filter((use) => sayUse(german.t, use) === use)).to.deep.equal([]);
    for (const use of uses) expect(sayUse(english.t, use)).to.equal(use);
  });
});
