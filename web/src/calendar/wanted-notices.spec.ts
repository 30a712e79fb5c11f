import { expect } from 'chai';
import type { Notice } from '@emberfield/contract';
import { FIRST_WISHES, remembered, untold, wantedNotices } from './wanted-notices.ts';

const notice = (key: string, kind: Notice['kind'] = 'opensSoon'): Notice => ({
  key,
  kind,
  standId: 's',
  plantName: { en: 'Elder' },
  partName: { en: 'flower heads' },
  patchName: 'Mill hedge',
  day: '2026-05-18',
  before: null,
  found: null,
});
const ALL = [notice('a'), notice('b', 'moved'), notice('c', 'lastCall')];
const keys = (list: readonly Notice[]): readonly string[] => list.map((n) => n.key);

describe('the notices that a device wants', () => {
  it('are all, until a kind is switched off or one has been seen', () => {
    expect(keys(wantedNotices(ALL, FIRST_WISHES))).to.deep.equal(['a', 'b', 'c']);
    expect(keys(wantedNotices(ALL, { ...FIRST_WISHES, kinds: ['lastCall'] }))).to.deep.equal(['c']);
    expect(keys(wantedNotices(ALL, { ...FIRST_WISHES, seen: ['a'] }))).to.deep.equal(['b', 'c']);
    // Nobody can do without an alarm; but once it was seen it has been said.
    const alarm = notice('d', 'alarm');
    expect(keys(wantedNotices([alarm], { ...FIRST_WISHES, kinds: [] }))).to.deep.equal(['d']);
    expect(keys(wantedNotices([alarm], { ...FIRST_WISHES, seen: ['d'] }))).to.deep.equal([]);
  });
  it('are said by the browser only when it was asked to, and once', () => {
    expect(untold(ALL, FIRST_WISHES)).to.deep.equal([]);
    const wishes = { ...FIRST_WISHES, browser: true, told: ['b'] };
    expect(keys(untold(ALL, wishes))).to.deep.equal(['a', 'c']);
    expect(keys(untold(ALL, { ...wishes, seen: ['c'] }))).to.deep.equal(['a']);
  });
  it('are remembered once each, and not for ever', () => {
    expect(remembered(['a'], ['a', 'b'])).to.deep.equal(['a', 'b']);
    const many = Array.from({ length: 500 }, (_, i) => `k${i}`);
    expect(remembered(many, ['new']).length).to.be.below(500);
    expect(remembered(many, ['new']).at(-1)).to.equal('new');
  });
});
