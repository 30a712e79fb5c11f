import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import type { StandView } from '@emberfield/contract';
import { placeFiles } from '../testing/place-files.ts';
import {
  as,
  emptyGroup,
  entryOf,
  person,
  send,
  standOf,
  takeBody,
  testServer,
  type Person,
  type TestServer,
} from '../testing/test-server.ts';

describe('tables of what was noted', function () {
  this.timeout(60_000);
  let server: TestServer;
  let groupId: string;
  let keeper: Person;

  beforeEach(async () => {
    server = await testServer();
    groupId = await emptyGroup(server);
    keeper = await person(server, [[groupId, 'keeper']]);
  });
  const { at, preview, store, file } = placeFiles(() => ({ server, groupId, keeper }));

  it('take visits and takes from a table, each to its stand, judged as any other', async () => {
    const place = await standOf(server, keeper, groupId, 'nettle', { patch: { name: 'Mill' } });
    await send(server, keeper, groupId, [entryOf(place, 'take', takeBody(3))]);
    const out = (await file('takes')).toString();
    expect(out.split('\r\n')[1]).to.match(/^2026-05-15,Mill,Stinging nettle,,tip,3,unit,,usual,within,/);
    const table =
      'day;place;plant;part;amount;plants\n01.05.2026;mill;stinging nettle;tip;4;2\n2026-05-02;Nowhere;;tip;1;\n2026-05-03;Mill;Elder;flower;1;\n2099-01-01;Mill;Stinging nettle;tip;1;\n2026-05-04;Mill;Stinging nettle;horn;1;\n';
    const p = await preview(Buffer.from(table), 'takes.csv');
    expect([p.reading.kind, p.counts.takes]).to.deep.equal(['takes', 1]);
    expect(p.leftOut.map((l) => [l.at, l.reason])).to.deep.equal([
      [3, 'unknownPlace'],
      [4, 'notGrownHere'],
      [5, 'futureDay'],
      [6, 'unknownPart'],
    ]);
    expect(await store(p.id)).to.include({ entries: 1 });
    const view = (await as(server, keeper, 'get', at(`stands/${place.standId}`))).body as StandView;
    expect(view.entries.filter((e) => e.kind === 'take').map((e) => e.day)).to.have.members([
      '2026-05-15',
      '2026-05-01',
    ]);
    const notes = await preview(Buffer.from('date,place,note\n2026-04-01,Mill,Frost in the hedge\n'), 'v.csv');
    expect(notes.counts.visits).to.equal(1);
    await store(notes.id);
    expect((await file('visits')).toString()).to.match(/2026-04-01,Mill,,,note,,,,Frost in the hedge/);
  });

  it('bring years of a notebook back: what was there and what was not yet, each at its stand; taken back, and in again', async () => {
    const upper = await standOf(server, keeper, groupId, 'nettle', {
      patch: { name: 'Mill' },
      where: 'upper',
    });
    const lower = newId();
    await as(server, keeper, 'post', at('stands'))
      .send({ id: lower, patchId: upper.patchId, plantKey: 'nettle', where: 'lower', since: null, restUntil: null })
      .expect(200);
    const text =
      'day,place,plant,where,stage,reached,count\n2024-03-20,Mill,Stinging nettle,upper,in flower,not yet,\n2024-06-10,Mill,Stinging nettle,lower,in flower,x,40\n2024-06-12,Mill,Stinging nettle,,in flower,,\n2024-06-12,Mill,Stinging nettle,middle,in flower,,\n2024-06-12,Mill,Stinging nettle,upper,in flower,perhaps,\n';
    const p = await preview(Buffer.from(text), 'notebook.csv');
    expect(p.leftOut.map((l) => [l.at, l.reason])).to.deep.equal([
      [4, 'severalHere'],
      [5, 'notThere'],
      [6, 'noReached'],
    ]);
    expect(await store(p.id)).to.include({ entries: 3, already: 0 });
    const said = async (standId: string) => {
      const { entries } = (await as(server, keeper, 'get', at(`stands/${standId}`))).body as StandView;
      return entries.flatMap((e) =>
        e.kind === 'stageSighting' && e.standing === 'valid' ? [[e.day, (e.body as { reached: boolean }).reached]] : [],
      );
    };
    expect([await said(upper.standId), await said(lower)]).to.deep.equal([
      [['2024-03-20', false]],
      [['2024-06-10', true]],
    ]);
    // What goes out as a table says the same when it comes in: here it is all there, and the preview says so.
    const again = await preview(Buffer.from(text), 'notebook.csv');
    expect([again.problem, again.counts.already]).to.deep.equal(['nothingNew', 3]);
    const out = await file('visits');
    expect(out.toString()).to.match(/2024-03-20,Mill,Stinging nettle,upper,stageSighting,in flower,not yet,,,/);
    const other = await emptyGroup(server);
    const their = await person(server, [[other, 'keeper']]);
    await standOf(server, their, other, 'nettle', { patch: { name: 'Mill' }, where: 'upper' });
    const theirs = await preview(out, 'visits.csv', { who: their, group: other });
    expect([theirs.counts.visits, theirs.leftOut.map((l) => l.reason)]).to.deep.equal([1, ['notThere', 'notThere']]);

    const undone = (await as(server, keeper, 'delete', at(`place-imports/${p.id}/places`)).expect(200)).body as object;
    expect(undone).to.deep.equal({ removed: 3, kept: 0 });
    expect([await said(upper.standId), await said(lower)]).to.deep.equal([[], []]);
    const anew = await preview(Buffer.from(text), 'notebook.csv');
    expect([anew.counts.visits, anew.counts.already]).to.deep.equal([3, 0]);
    expect(await store(anew.id)).to.include({ entries: 3 });
    expect(await said(lower)).to.deep.equal([['2024-06-10', true]]);
  });
});
