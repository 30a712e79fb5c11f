import { expect } from 'chai';
import type { EffortView } from '@emberfield/contract';
import { openedGroup } from '../testing/opened-group.ts';
import { entryOf, takeBody } from '../testing/test-server.ts';

describe('what taking costs a group', () => {
  const group = openedGroup();
  const efforts = (who = group.keeper) => group.get<readonly EffortView[]>('efforts', who);

  it('is nothing before anybody has taken anything', async () => {
    await group.stand('nettle');
    expect(await efforts()).to.deep.equal([]);
  });
  it('is told by kind and by stand: time, what is brought home, and what one weighs; withdrawn takes tell nothing', async () => {
    const place = await group.stand('nettle');
    const first = entryOf(place, 'take', takeBody(40, { minutes: 30 }));
    await group.tell(first, entryOf(place, 'take', takeBody(60)));
    const [nettle] = await efforts();
    expect(nettle).to.deep.include({ plantKey: 'nettle', part: 'tip', unit: 'tip', timed: 1, amount: 40 });
    expect(nettle!.minutes).to.be.closeTo(Math.sqrt(12 * 30), 1e-9);
    expect(nettle!.massG).to.be.above(0);
    expect(nettle!.stands.map((s) => [s.standId, s.timed])).to.deep.equal([[place.standId, 1]]);
    await group.tell(entryOf(place, 'withdrawal', { reason: '' }, { replaces: first.id }));
    expect((await efforts())[0]).to.deep.include({ timed: 0, amount: 60, minutes: 12 });
  });
  it('of weighed takes is in the part’s unit', async () => {
    const place = await group.stand('nettle');
    await group.tell(entryOf(place, 'take', takeBody(100, { measure: 'gram' })));
    const own = (await efforts())[0]!.stands.find((s) => s.standId === place.standId)!;
    expect(own.amount).to.be.closeTo(100 / (await efforts())[0]!.massG!, 1e-9);
  });
});
