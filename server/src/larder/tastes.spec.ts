import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import type { EntryBodies, SaveTaste, TastesView } from '@emberfield/contract';
import { openedGroup } from '../testing/opened-group.ts';
import { entryOf, takeBody } from '../testing/test-server.ts';

describe('what somebody has eaten of', () => {
  const group = openedGroup();
  const taste = (over: Partial<SaveTaste> = {}): SaveTaste => ({
    ...{ revision: 0, plantKey: 'nettle', family: null, part: 'tip', batchId: null, day: '2026-05-15', cooked: true },
    ...{ outcome: 'waiting', note: '', shared: false },
    ...over,
  });
  const save = (body: SaveTaste, id = newId(), who = group.keeper) => group.ask('put', `tastes/${id}`, who).send(body);
  const listed = (who = group.keeper) => group.get<TastesView>('tastes', who);
  const refused = async (over: Partial<SaveTaste>, field: string, who = group.keeper): Promise<void> => {
    const { body } = await save(taste(over), newId(), who);
    expect(body.error?.field, JSON.stringify(body)).to.equal(field);
  };

  it('is theirs alone: no other reads, edits or removes it, a keeper neither', async () => {
    const watcher = await group.join('watcher');
    const id = newId();
    await save(taste({ note: 'in a soup' }), id, watcher).expect(204);
    expect((await listed(watcher)).mine.map((t) => t.terms)).to.deep.equal([taste({ note: 'in a soup', revision: 1 })]);
    expect(await listed()).to.deep.equal({ mine: [], others: [] });
    await save(taste({ revision: 1, note: 'I know it' }), id).expect(404);
    await group.ask('delete', `tastes/${id}`).expect(404);
    // What came of it is said later, by whoever ate; what harmed others learn of only if that is wished.
    await save(taste({ revision: 1, outcome: 'something', note: 'itching' }), id, watcher).expect(204);
    expect((await listed()).others).to.deep.equal([]);
    await save(taste({ revision: 2, outcome: 'something', note: 'itching', shared: true }), id, watcher).expect(204);
    expect((await listed()).others.map((t) => [t.plantKey, t.note, t.outcome])).to.deep.equal([
      ['nettle', 'itching', 'something'],
    ]);
    expect((await listed(watcher)).others).to.deep.equal([]);
    await group.ask('delete', `tastes/${id}`, watcher).expect(204);
    expect((await listed()).others).to.deep.equal([]);
  });
  it('of what somebody shares others hear only what is not borne, and nothing of what was eaten', async () => {
    const picker = await group.join('picker');
    await save(taste({ shared: true }), newId(), picker).expect(204);
    await save(taste({ shared: true, outcome: 'nothing' }), newId(), picker).expect(204);
    const known = { plantKey: null, part: null, family: 'Asteraceae', outcome: 'known', shared: true } as const;
    await save(taste(known), newId(), picker).expect(204);
    expect((await listed()).others.map((t) => t.family)).to.deep.equal(['Asteraceae']);
    // Whoever leaves takes it along.
    await group.ask('delete', 'membership', picker).expect(204);
    expect((await listed()).others).to.deep.equal([]);
  });
  it('is of a part that is there and eaten so, on a day that has come', async () => {
    await refused({ day: '2026-05-16' }, 'body.day');
    await refused({ part: 'sap' }, 'body.part');
    await refused({ plantKey: 'nettle', cooked: false }, 'body.cooked');
    await refused({ plantKey: 'autumn-crocus', part: 'leaf' }, 'body.part');
    await refused({ plantKey: null }, 'body');
    await refused({ family: 'Urticaceae' }, 'body');
    await refused({ part: null }, 'body');
    await save(taste({ plantKey: 'no-such-plant' })).expect(404);
    // What one does not bear is known of anything.
    await save(taste({ plantKey: 'autumn-crocus', part: null, outcome: 'known' })).expect(204);
  });
  it('is not noted of a batch that is not settled, that ought to be held back, or that is not there', async () => {
    const made = async (identity: 'confirmed' | 'unconfirmed', out: EntryBodies['batch']['out'] = []) => {
      const place = await group.stand('nettle', { identity });
      const take = entryOf(place, 'take', takeBody(20, { overReason: 'as seen' }));
      const batch = entryOf(place, 'batch', {
        ...{ name: '', parents: [take.id], part: 'tip', massG: 50, out, washed: true, way: 'fresh', form: null },
        ...{ acrossCm: null, humidityPct: null, note: '' },
      });
      await group.tell(take, batch);
      return batch.id;
    };
    await save(taste({ batchId: await made('confirmed') })).expect(204);
    await refused({ batchId: await made('unconfirmed') }, 'body.batchId');
    await refused({ batchId: await made('confirmed', [{ reason: 'unknown', share: 0.1 }]) }, 'body.batchId');
    await save(taste({ batchId: newId() })).expect(404);
  });
  it('is edited as it was read, and put back when it was taken off by mistake', async () => {
    const id = newId();
    await save(taste(), id).expect(204);
    await save(taste({ revision: 0, outcome: 'nothing' }), id).expect(409);
    await group.ask('delete', `tastes/${id}`).expect(204);
    await group.ask('delete', `tastes/${id}`).expect(404);
    await save(taste({ revision: 2, outcome: 'nothing' }), id).expect(204);
    expect((await listed()).mine.find((t) => t.id === id)!.terms).to.deep.include({ revision: 3, outcome: 'nothing' });
  });
});
