import { expect } from 'chai';
import { createWords } from '@emberfield/words';
import { COALS } from '../kit/coal-examples.ts';
import { TOPICS, topicsAbout } from './topics.ts';

const { t, coal } = createWords('en');

describe('the help', () => {
  it('has something to say under every title', () => {
    for (const { key, title, text } of topicsAbout('', t)) {
      expect(title, key).not.to.match(/^help\./);
      expect(text.length, key).to.be.above(80);
    }
    expect(topicsAbout('', t)).to.have.length(TOPICS.length);
  });
  it('is found by any of its words, in any case, all of them together', () => {
    expect(topicsAbout('SECRET', t).map((x) => x.key)).to.include('secret');
    expect(topicsAbout('deadly organs', t).map((x) => x.key)).to.deep.equal(['what']);
    expect(topicsAbout('zeppelin', t)).to.deep.equal([]);
  });
  it('shows every state of the coal once, and the thorns', () => {
    const states = COALS.filter((c) => !c.thorns).map((c) => c.readiness.state);
    expect([...states].sort()).to.deep.equal(['ash', 'banked', 'cold', 'fading', 'glowing', 'kindling']);
    expect(new Set(COALS.map((c) => coal(c.readiness, c.thorns))).size).to.equal(COALS.length);
  });
});
