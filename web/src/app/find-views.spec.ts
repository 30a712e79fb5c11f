import { expect } from 'chai';
import { createWords } from '@emberfield/words';
import { viewsCalled } from './find-views.ts';

describe('the views that the search finds', () => {
  const called = (typed: string, language: 'en' | 'de' = 'en', isKeeper = true): readonly string[] =>
    viewsCalled(typed, createWords(language).t, isKeeper).map((v) => [v.name, v.tab].filter(Boolean).join(' '));

  it('are those of which a word begins so, in the language of the screen', () => {
    expect(called('wea')).to.deep.equal(['weather']);
    expect(called('dates')).to.deep.equal(['proof']);
    expect(called('wett', 'de')).to.deep.equal(['weather']);
    expect(called('ather')).to.deep.equal([]);
  });
  it('are tabs of the group as well', () => {
    expect(called('activ')).to.deep.equal(['group activity']);
    expect(called('activ', 'en', false)).to.deep.equal([]);
  });
  it('are none while nothing is typed', () => {
    expect(called('  ')).to.deep.equal([]);
  });
});
