import { expect } from 'chai';
import type { PartOutlook, StandView } from '@emberfield/contract';
import { createWords } from '@emberfield/words';
import { outlooksByHeat, partsByHeat } from './heats.ts';
import { standSubtitle } from './stand-subtitle.ts';

const outlook = (part: string, state: PartOutlook['readiness']['state'], use = 'fresh', days = 9) =>
  ({ part, use, readiness: { state, daysLeft: days, daysToOpen: days, daysSince: days } }) as unknown as PartOutlook;
const named = (list: readonly PartOutlook[]) => list.map((o) => `${o.part} ${o.use}`);

describe('the parts of a stand', () => {
  it('stand with what is open first and what is over last', () => {
    const list = [
      outlook('root', 'ash'),
      outlook('fruit', 'cold'),
      outlook('leaf', 'fading'),
      outlook('tip', 'glowing'),
    ];
    expect(outlooksByHeat(list).map((o) => o.part)).to.deep.equal(['tip', 'leaf', 'fruit', 'root']);
    // The answer of the server stays as it was.
    expect(list[0]!.part).to.equal('root');
  });
  it('of one heat stand with what is over soonest, or opens next, first; else they keep the order of the plant', () => {
    const list = [outlook('leaf', 'cold'), outlook('flower', 'cold'), outlook('fruit', 'cold')];
    expect(outlooksByHeat(list)).to.deep.equal(list);
    const soon = [
      outlook('leaf', 'glowing', '', 40),
      outlook('flower', 'kindling', '', 1),
      outlook('bud', 'glowing', '', 3),
    ];
    expect(outlooksByHeat(soon).map((o) => o.part)).to.deep.equal(['bud', 'leaf', 'flower']);
  });
  it('are offered once for a take, by their hottest use', () => {
    const list = [
      outlook('flower', 'cold', 'dried'),
      outlook('leaf', 'kindling'),
      outlook('flower', 'glowing', 'fresh'),
    ];
    expect(named(partsByHeat(list))).to.deep.equal(['flower fresh', 'leaf fresh']);
  });
});

describe('the line under a stand’s name', () => {
  const words = createWords('en');
  const stand = (over: Partial<StandView> = {}, patch: Partial<StandView['patch']> = {}) =>
    ({
      where: '',
      count: null,
      identity: 'confirmed',
      since: null,
      patch: { owner: '', leave: 'notNeeded', leaveUntil: null, ...patch },
      ...over,
    }) as unknown as StandView;
  it('says no more than is known', () => {
    expect(standSubtitle(words, stand())).to.equal('confirmed · no leave needed');
  });
  it('says where, how many by the last count, since when, whose, and until when there is leave', () => {
    const count = { value: 1240 } as unknown as StandView['count'];
    const known = stand(
      { where: 'sunny end', count, since: 2019, identity: 'provisional' },
      { owner: 'the mill', leave: 'given', leaveUntil: '2027-03-31' },
    );
    expect(standSubtitle(words, known)).to.equal(
      'sunny end · 1,240 plants · provisional: not every look-alike ruled out · here since 2019 · owner: the mill · leave given until 31 March 2027',
    );
  });
  it('says leave without an end, and leave refused', () => {
    expect(standSubtitle(words, stand({}, { leave: 'given' }))).to.include('leave given');
    expect(standSubtitle(words, stand({}, { leave: 'refused' }))).to.include('leave refused');
  });
});
