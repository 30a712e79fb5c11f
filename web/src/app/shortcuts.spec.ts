import { expect } from 'chai';
import { createWords } from '@emberfield/words';
import { KEYED_VIEWS, SHORTCUTS, underlined, VIEWS } from './shortcuts.ts';

const words = createWords('en');

describe('the keys', () => {
  it('do one thing each, and leave g to the views', () => {
    const keys = SHORTCUTS.map((s) => s.key);
    expect(new Set(keys).size).to.equal(keys.length);
    expect(keys).not.to.include('g');
  });
  it('of the views are a letter of their word each, and no two the same', () => {
    expect(new Set(KEYED_VIEWS.map((v) => v.key)).size).to.equal(KEYED_VIEWS.length);
    for (const { name, key } of VIEWS) expect(underlined(words.t(`nav.${name}`), key)[1].toLowerCase()).to.equal(key);
  });
  it('are all on the list that can be called up', () => {
    for (const { name } of SHORTCUTS) expect(words.t(`keys.${name}`)).not.to.equal(`keys.${name}`);
  });
});

describe('a word with its letter underlined', () => {
  it('comes in three pieces that make the word again', () => {
    expect(underlined('Hearth', 'h')).to.deep.equal(['', 'H', 'earth']);
    expect(underlined('Group', 'u')).to.deep.equal(['Gro', 'u', 'p']);
  });
  it('stays whole in a language whose word lacks the letter', () => {
    expect(underlined('Herd', 'w')).to.deep.equal(['Herd', '', '']);
  });
});
