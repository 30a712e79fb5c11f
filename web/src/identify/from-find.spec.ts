import { expect } from 'chai';
import type { PatchDetail } from '@emberfield/contract';
import { draftFromFind, findOf } from './from-find.ts';

type Find = PatchDetail['finds'][number];
const find = (day: string, over: Partial<Find['body']> = {}): Find => ({
  id: day,
  day,
  by: 'Wren',
  body: {
    mayBe: ['cep'],
    condition: 'fruitBody',
    seen: [{ sign: 'underCap', state: 'pores', present: true }],
    overhead: [],
    looseness: null,
    eye: null,
    lostShare: null,
    specimen: '',
    note: '',
    ...over,
  },
});
const signs = (of: ReturnType<typeof draftFromFind>) => of?.seen.map((s) => `${s.sign}.${s.state}`) ?? null;

describe('what a find on a walk says when it is identified', () => {
  it('is of the newest find that was taken for the plant, none that came after the day', () => {
    const finds = [
      find('2026-09-01'),
      find('2026-10-01'),
      find('2026-11-01'),
      find('2026-10-20', { mayBe: ['morel'] }),
    ];
    expect(findOf(finds, 'cep', '2026-10-15')?.day).to.equal('2026-10-01');
    expect(findOf(finds, 'cep', '2026-08-15')).to.equal(null);
    expect(findOf(finds, 'nettle', '2026-12-15')).to.equal(null);
  });
  it('is what was seen and the phase, as long as it is fresh', () => {
    const fresh = draftFromFind(find('2026-10-01'), '2026-10-10');
    expect(fresh).to.deep.include({ phase: 'flower' });
    expect(signs(fresh)).to.deep.equal(['underCap.pores']);
    expect(draftFromFind(find('2026-10-01'), '2026-11-10')).to.equal(null);
  });
  it('is later only the wood or ground that somebody named, and never one guessed from the trees above', () => {
    const host = { sign: 'host', state: 'grass', present: true };
    const later = (over: Partial<Find['body']>) => signs(draftFromFind(find('2026-10-01', over), '2027-06-01'));
    expect(later({ seen: [host, { sign: 'underCap', state: 'pores', present: true }] })).to.deep.equal(['host.grass']);
    expect(later({ overhead: ['pine', 'oak'] })).to.equal(null);
    expect(signs(draftFromFind(find('2026-10-01', { overhead: ['pine'] }), '2026-10-02'))).to.deep.equal([
      'underCap.pores',
    ]);
  });
});
