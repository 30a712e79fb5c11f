import { expect } from 'chai';
import { SIGNS } from '@emberfield/contract';
import { isDangerous, ruleOut } from '@emberfield/core/identity';
import { CATALOGUE } from './index.ts';

const VOCABULARY = new Map(SIGNS.map((s) => [s.key, s]));
const dangerous = CATALOGUE.filter((p) => isDangerous(p.severity));
const presses = (present: boolean) =>
  SIGNS.flatMap(({ key, states }) => states.map((state) => ({ sign: key, state, present })));
const ruledOutBy = (seen: ReturnType<typeof presses>) =>
  dangerous.filter((p) => ruleOut(p, VOCABULARY, seen).ruledOut).map((p) => p.key);

describe('of everything in the catalogue that does harm', () => {
  it('there is enough to try it on', () => expect(dangerous.length).to.be.at.least(30));
  it('nothing is ruled out by a smell, whatever it smells of', () => {
    for (const one of presses(true).filter((s) => s.sign === 'smell'))
      expect(ruledOutBy([one]), `smell ${one.state}`).to.deep.equal([]);
  });
  it('nothing is ruled out by what was not found, one sign or all of them together', () => {
    for (const one of presses(false)) expect(ruledOutBy([one]), `not ${one.sign} ${one.state}`).to.deep.equal([]);
    expect(ruledOutBy(presses(false))).to.deep.equal([]);
  });
  it('nothing is ruled out by smell and what was not found together', () => {
    for (const smell of presses(true).filter((s) => s.sign === 'smell'))
      expect(ruledOutBy([smell, ...presses(false)])).to.deep.equal([]);
  });
  it('taste is no sign at all', () => {
    expect(SIGNS.some((s) => /taste/i.test(`${s.key} ${s.organ}`))).to.equal(false);
  });
});
