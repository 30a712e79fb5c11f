import { expect } from 'chai';
import { SIGNS } from '@emberfield/contract';
import { createWords } from '@emberfield/words';
import { byKind, openAtFirst } from './sign-kinds.ts';

const all = SIGNS.map((sign) => ({
  sign,
  states: sign.states.map((state) => ({
    state,
    mark: sign.key === 'root' && state === 'bulb' ? ('seen' as const) : null,
    again: false,
    gone: false,
  })),
}));

describe('the signs by kind', () => {
  it('lose none and show none twice, and what is of a fungus lies together', () => {
    const kinds = byKind(all);
    expect(kinds.flatMap((k) => k.signs.map((s) => s.sign.key)).sort()).to.deep.equal(SIGNS.map((s) => s.key).sort());
    expect(kinds.find((k) => k.kind === 'fungus')!.signs.map((s) => s.sign.key)).to.include.members([
      'cap',
      'sporePrint',
      'host',
    ]);
    expect(kinds.find((k) => k.kind === 'whole')!.signs.map((s) => s.sign.key)).to.deep.equal(['growth']);
  });
  it('have a heading each, and those without a sign are left out', () => {
    const words = createWords('en');
    for (const { kind } of byKind(all)) expect(words.t(`identify.kind.${kind}`)).not.to.equal(`identify.kind.${kind}`);
    expect(byKind(all.filter((s) => s.sign.organ === 'leaf')).map((k) => k.kind)).to.deep.equal(['leaf']);
  });
  it('lie open where one sees them at once, or where something was noted', () => {
    const open = (phase: 'leaf' | 'rest' | null): readonly string[] => [...openAtFirst(byKind(all), phase)];
    expect(open('leaf')).to.deep.equal(['whole', 'leaf', 'stem', 'root']);
    expect(open('rest')).to.deep.equal(['whole', 'stem', 'root', 'wood']);
    expect(open(null)).to.deep.equal(open('leaf'));
  });
  it('lie open all where few are left', () => {
    const ofFungi = byKind(all.filter((s) => ['cap', 'stipe', 'smell'].includes(s.sign.organ)));
    expect([...openAtFirst(ofFungi, 'leaf')]).to.deep.equal(['smell', 'fungus']);
  });
});
