import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import type { Entry, EntryResult, SoughtView, StandView } from '@emberfield/contract';
import {
  as,
  emptyGroup,
  entryOf,
  identityBody,
  signsOf,
  type Person,
  person,
  searchBody,
  send,
  standOf,
  takeBody,
  testServer,
  type TestServer,
} from '../testing/test-server.ts';

const full = (plants: number) => ({ method: 'complete', plants, mature: null, flowering: null }) as const;
const codes = (results: readonly EntryResult[]) =>
  results.map((r) => (r.status === 'needsAttention' ? r.code : r.status));

describe('a batch from the field', () => {
  let server: TestServer;
  let groupId: string;
  let keeper: Person;
  let place: { readonly patchId: string; readonly standId: string };
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
  });
  beforeEach(async () => {
    groupId = await emptyGroup(server);
    keeper = await person(server, [[groupId, 'keeper']]);
    place = await standOf(server, keeper, groupId, 'nettle');
  });
  const view = async (): Promise<StandView> =>
    (await as(server, keeper, 'get', `/api/groups/${groupId}/stands/${place.standId}`).expect(200)).body as StandView;

  it('is answered entry by entry, in its order, and one that needs attention holds up no other', async () => {
    const batch = [
      entryOf(place, 'census', full(40)),
      entryOf(place, 'stageSighting', { stage: 'no-such-stage', reached: true, share: null }),
      entryOf(place, 'take', takeBody(2)),
      entryOf(place, 'note', { text: 'tomorrow' }, { day: '2026-05-16' }),
      entryOf(place, 'take', takeBody(1, { part: 'sap' })),
    ];
    const results = await send(server, keeper, groupId, batch);
    expect(results.map((r) => r.id)).to.deep.equal(batch.map((e) => e.id));
    expect(codes(results)).to.deep.equal(['stored', 'unknownStage', 'stored', 'futureDay', 'unknownPart']);
    expect((await view()).entries).to.have.length(2);
  });
  it('sent again after a lost answer stores nothing twice, even when it was sent in pieces', async () => {
    const batch = Array.from({ length: 6 }, (_, i) => entryOf(place, 'note', { text: `find ${i}` }));
    await send(server, keeper, groupId, batch.slice(0, 4));
    expect(codes(await send(server, keeper, groupId, batch))).to.deep.equal([
      ...Array<string>(4).fill('alreadyThere'),
      'stored',
      'stored',
    ]);
    expect((await view()).entries).to.have.length(6);
  });
  it('with a key that holds something else, here or in another group, is told so and changes nothing', async () => {
    const note = entryOf(place, 'note', { text: 'mine' });
    await send(server, keeper, groupId, [note]);
    expect(codes(await send(server, keeper, groupId, [{ ...note, body: { text: 'other' } }]))).to.deep.equal([
      'idTaken',
    ]);
    const other = await emptyGroup(server);
    const stranger = await person(server, [[other, 'keeper']]);
    const elsewhere = await standOf(server, stranger, other, 'nettle');
    const results = await send(server, stranger, other, [{ ...note, ...elsewhere }]);
    expect(codes(results)).to.deep.equal(['idTaken']);
    expect(JSON.stringify(results)).not.to.include('mine');
  });
  it('cannot reach into another group by its stand or patch', async () => {
    const other = await emptyGroup(server);
    const stranger = await person(server, [[other, 'keeper']]);
    const elsewhere = await standOf(server, stranger, other, 'nettle');
    const results = await send(server, keeper, groupId, [
      entryOf(elsewhere, 'note', { text: 'x' }),
      entryOf({ patchId: place.patchId, standId: elsewhere.standId }, 'note', { text: 'x' }),
      entryOf({ patchId: elsewhere.patchId, standId: place.standId }, 'note', { text: 'x' }),
    ]);
    expect(codes(results)).to.deep.equal(['notFound', 'notFound', 'otherPatch']);
  });
  it('with everything a visit can hold is stored whole and read back as it was', async () => {
    const visit = entryOf(place, 'visit', { note: '' }, { standId: null });
    const of = <K extends Entry['kind']>(kind: K, body: Parameters<typeof entryOf<K>>[2]) =>
      entryOf(place, kind, body, { visitId: visit.id });
    const batch = [
      visit,
      of('stageSighting', { stage: 'shoots', reached: true, share: 0.5 }),
      of('census', { method: 'quadrats', counts: [3, 5, 4], quadratAreaM2: 1, standAreaM2: 80 }),
      of('loss', { cause: 'strangers', share: 0.3, note: 'cut to the ground' }),
      of('search', searchBody('White dead-nettle', false)),
      of('identity', identityBody('confirmed', { seen: signsOf('nettle'), signs: ['stings'] })),
      of('provenance', { shownBy: 'Ode', calledThere: 'fire-weed' }),
      of('note', { text: 'Böschung · 斜面 · 🌿' }),
    ];
    expect(codes(await send(server, keeper, groupId, batch))).to.deep.equal(batch.map(() => 'stored'));
    const read = new Map((await view()).entries.map((e) => [e.id, e]));
    for (const entry of batch)
      expect(read.get(entry.id)).to.deep.include({ kind: entry.kind, body: entry.body, visitId: entry.visitId });
    expect((await view()).lossShare).to.equal(0.3);
  });
  it('replaces an entry once: of two corrections one is told to look again', async () => {
    const wrong = entryOf(place, 'census', full(400));
    await send(server, keeper, groupId, [wrong]);
    const results = await Promise.all(
      [40, 44].map((n) => send(server, keeper, groupId, [entryOf(place, 'census', full(n), { replaces: wrong.id })])),
    );
    expect(results.flatMap(codes).sort()).to.deep.equal(['conflict', 'stored']);
    expect((await view()).counts).to.have.length(1);
  });
  it('corrects only like with like, of the same stand, and never a taking back', async () => {
    const note = entryOf(place, 'note', { text: 'x' });
    const gone = entryOf(place, 'withdrawal', { reason: '' }, { replaces: note.id });
    await send(server, keeper, groupId, [note, gone]);
    const neighbour = await standOf(server, keeper, groupId, 'nettle');
    const results = await send(server, keeper, groupId, [
      entryOf(place, 'census', full(3), { replaces: note.id }),
      entryOf(neighbour, 'note', { text: 'y' }, { replaces: note.id }),
      entryOf(place, 'withdrawal', { reason: '' }, { replaces: gone.id }),
      entryOf(place, 'note', { text: 'z' }, { replaces: newId() }),
    ]);
    expect(codes(results)).to.deep.equal(['otherKind', 'otherPatch', 'otherKind', 'notFound']);
  });
  it('of more than it may hold is refused as a whole', async () => {
    const many = Array.from({ length: 600 }, () => entryOf(place, 'note', { text: 'x' }));
    await as(server, keeper, 'post', `/api/groups/${groupId}/sync`).send({ entries: many }).expect(400);
    expect((await view()).entries).to.deep.equal([]);
  });
});

describe('the list of what is sought', () => {
  let server: TestServer;
  let groupId: string;
  let picker: Person;
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
    groupId = await emptyGroup(server);
    picker = await person(server, [[groupId, 'picker']]);
  });
  const list = async (): Promise<readonly SoughtView[]> =>
    (await as(server, picker, 'get', `/api/groups/${groupId}/sought`).expect(200)).body as SoughtView[];

  it('takes a thing once however often it is sent, and lets it go once', async () => {
    const body = { id: newId(), what: 'Bog myrtle', note: 'for the chest' };
    for (let i = 0; i < 2; i++)
      await as(server, picker, 'post', `/api/groups/${groupId}/sought`).send(body).expect(200);
    await as(server, picker, 'post', `/api/groups/${groupId}/sought`)
      .send({ ...body, what: 'Other' })
      .expect(409);
    expect((await list()).map((s) => s.what)).to.deep.equal(['Bog myrtle']);
    await as(server, picker, 'delete', `/api/groups/${groupId}/sought/${body.id}`).expect(204);
    expect(await list()).to.deep.equal([]);
    await as(server, picker, 'delete', `/api/groups/${groupId}/sought/${newId()}`).expect(404);
  });
});
