import { expect } from 'chai';
import sharp from 'sharp';
import { v7 as newId } from 'uuid';
import type { KnownPhoto } from '@emberfield/contract';
import { openedGroup } from '../testing/opened-group.ts';
import { entryOf } from '../testing/test-server.ts';

describe('photos to practise on', function () {
  this.timeout(60_000);
  const group = openedGroup();
  type Place = Awaited<ReturnType<typeof group.stand>>;
  const taken = async (place: Place, day: string, who = group.keeper): Promise<string> => {
    const id = newId();
    const content = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#208020' } })
      .jpeg()
      .toBuffer();
    await group
      .ask('post', `photos/${id}?patch=${place.patchId}&stand=${place.standId}&day=${day}`, who)
      .set('content-type', 'application/octet-stream')
      .send(content)
      .expect(200);
    return id;
  };
  const known = (who = group.keeper) => group.get<readonly KnownPhoto[]>('known-photos', who);
  const reached = (place: Place, stage: string, day: string, is = true) =>
    entryOf(place, 'stageSighting', { stage, reached: is, share: null }, { day });

  it('are those of stands of which it is settled what grows there', async () => {
    const id = await taken(await group.stand('nettle'), '2026-05-10');
    await taken(await group.stand('elder', { identity: 'unconfirmed' }), '2026-05-10');
    expect(await known()).to.deep.equal([{ id, plantKey: 'nettle', stage: null }]);
  });
  it('say how far it was where somebody said so within three days before: the furthest, and not what is to come', async () => {
    const place = await group.stand('elder');
    await group.tell(
      reached(place, 'leaves', '2026-05-01'),
      reached(place, 'buds', '2026-05-08'),
      reached(place, 'firstFlowers', '2026-05-08', false),
    );
    const days = ['2026-05-03', '2026-05-07', '2026-05-09', '2026-05-13'];
    const ids = await Promise.all(days.map((day) => taken(place, day)));
    const stages = new Map((await known()).map((k) => [k.id, k.stage]));
    expect(ids.map((id) => stages.get(id))).to.deep.equal(['leaves', null, 'buds', null]);
  });
  it('of a secret place are only for those who see it', async () => {
    const place = await group.stand('hazel', { patch: { secret: true } });
    const id = await taken(place, '2026-05-10');
    const watcher = await group.join('watcher');
    expect((await known()).map((k) => k.id)).to.include(id);
    expect((await known(watcher)).map((k) => k.id)).not.to.include(id);
  });
});
