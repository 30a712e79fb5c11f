import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import type { Duty, FindBody, HearthView, PatchDetail, Prospect, SoughtView, StandView } from '@emberfield/contract';
import {
  as,
  emptyGroup,
  entryOf,
  findBody,
  patchBody,
  person,
  searchBody,
  send,
  testServer,
  TODAY,
  type Person,
  type TestServer,
} from '../testing/test-server.ts';

const find = (over: Partial<FindBody> = {}): FindBody =>
  findBody({
    condition: 'deadStalk',
    overhead: ['oak'],
    looseness: 'loose',
    eye: 'dozens',
    specimen: 'a stalk',
    ...over,
  });

describe('a walk over unknown ground', function () {
  this.timeout(60_000);
  let server: TestServer;
  let groupId: string;
  let keeper: Person;
  let picker: Person;

  beforeEach(async () => {
    server = await testServer();
    groupId = await emptyGroup(server);
    keeper = await person(server, [[groupId, 'keeper']]);
    picker = await person(server, [[groupId, 'picker']]);
  });
  const get = async <T>(path: string, who = picker): Promise<T> =>
    (await as(server, who, 'get', `/api/groups/${groupId}/${path}`).expect(200)).body as T;
  async function found(body: FindBody, day = TODAY): Promise<string> {
    const patch = patchBody({ name: 'Find 1' });
    await as(server, picker, 'post', `/api/groups/${groupId}/patches`).send(patch).expect(200);
    const [result] = await send(server, picker, groupId, [
      entryOf({ patchId: patch.id, standId: newId() }, 'find', body, { standId: null, day }),
    ]);
    expect(result!.status).to.equal('stored');
    return patch.id;
  }
  const duties = async (day = TODAY): Promise<readonly Duty[]> => (await get<HearthView>(`hearth?day=${day}`)).duties;

  it('a find comes back as a duty until a stand of it is on the year', async () => {
    const patchId = await found(find({ mayBe: ['burdock', 'mullein'] }), '2026-01-20');
    expect((await duties('2026-01-19')).length).to.equal(0);
    const [duty] = await duties();
    expect(duty).to.deep.include({ kind: 'settleFind', patchId, plantKeys: ['burdock', 'mullein'], day: '2026-01-20' });
    await as(server, picker, 'post', `/api/groups/${groupId}/stands`)
      .send({
        id: newId(),
        patchId,
        plantKey: 'mullein',
        where: '',
        since: null,
        restUntil: null,
      })
      .expect(200);
    const kinds = (await duties()).map((d) => d.kind);
    expect(kinds).to.include('settleIdentity');
    expect(kinds).not.to.include('settleFind');
  });

  it('an unknown find comes back too, and a withdrawn one does not', async () => {
    const patchId = await found(find());
    expect(await duties()).to.have.length(1);
    const { finds } = await get<PatchDetail>(`patches/${patchId}`);
    expect(finds[0]!.body).to.deep.include({ specimen: 'a stalk', looseness: 'loose' });
    await send(server, picker, groupId, [
      entryOf({ patchId, standId: newId() }, 'withdrawal', { reason: '' }, { standId: null, replaces: finds[0]!.id }),
    ]);
    expect(await duties()).to.deep.equal([]);
    expect((await get<PatchDetail>(`patches/${patchId}`)).finds).to.deep.equal([]);
  });

  it('tells for each plant that it may be what the year still brings, in order and within a year', async () => {
    const patchId = await found(find({ mayBe: ['elder', 'burdock'] }));
    const prospects = await get<Prospect[]>(`patches/${patchId}/prospects?plants=elder,burdock,nothing`);
    expect(prospects.map((p) => p.plantKey)).to.deep.equal(['elder', 'burdock']);
    for (const { windows, stages, standId } of prospects) {
      expect(standId).to.equal(null);
      for (const days of [windows.map((w) => w.opens.p50!), stages.map((s) => s.day)]) {
        expect(days.length).to.be.above(1);
        expect(days).to.deep.equal([...days].sort());
        expect(days[0]! > TODAY && days.at(-1)! <= '2027-05-15').to.equal(true);
      }
    }
    expect(await get<Prospect[]>(`patches/${patchId}/prospects`)).to.deep.equal([]);
    await as(server, picker, 'get', `/api/groups/${groupId}/patches/${newId()}/prospects?plants=elder`).expect(404);
  });

  it('refuses a find that is not one, and keeps nothing of it', async () => {
    const patchId = await found(find());
    for (const over of [
      { condition: 'asleep' },
      { overhead: ['oak', 'moon'] },
      { lostShare: 2 },
      { extra: 1 },
      { mayBe: 'elder' },
    ]) {
      const [result] = await send(server, picker, groupId, [
        entryOf({ patchId, standId: newId() }, 'find', { ...find(), ...over } as FindBody, { standId: null }),
      ]);
      expect(result!.status, JSON.stringify(over)).to.equal('needsAttention');
    }
    expect((await get<PatchDetail>(`patches/${patchId}`)).finds).to.have.length(1);
  });

  it('remembers where something sought was looked for in vain', async () => {
    const patchId = await found(find());
    await as(server, picker, 'post', `/api/groups/${groupId}/sought`)
      .send({ id: newId(), what: 'Morel', note: '' })
      .expect(200);
    const search = (lookedFor: string, hit: boolean, day: string) =>
      entryOf({ patchId, standId: newId() }, 'search', searchBody(lookedFor, hit), { standId: null, day });
    await send(server, picker, groupId, [
      search('morel', false, '2026-04-20'),
      search('Morel', false, '2026-05-01'),
      search('Cep', false, '2026-05-01'),
      search('Morel', true, '2026-05-02'),
    ]);
    const [sought] = await get<SoughtView[]>('sought');
    expect(sought!.inVain.map((v) => [v.patchName, v.day])).to.deep.equal([
      ['Find 1', '2026-05-01'],
      ['Find 1', '2026-04-20'],
    ]);
    expect((await get<PatchDetail>(`patches/${patchId}`)).inVain.map((v) => v.lookedFor)).to.have.members([
      'morel',
      'Morel',
      'Cep',
    ]);
  });

  it('closes contaminated ground until a keeper lifts it with a reason, which stays in the record', async () => {
    const patch = patchBody({ hazards: ['ticks', 'dumped', 'sprayed'] });
    await as(server, picker, 'post', `/api/groups/${groupId}/patches`).send(patch).expect(200);
    const standId = newId();
    await as(server, picker, 'post', `/api/groups/${groupId}/stands`)
      .send({
        id: standId,
        patchId: patch.id,
        plantKey: 'nettle',
        where: '',
        since: null,
        restUntil: null,
      })
      .expect(200);
    const bars = async () =>
      (await get<StandView>(`stands/${standId}`)).outlooks[0]!.allowance.ceilings.filter((c) => c.bars).map(
        (c) => c.kind,
      );
    expect(await bars()).to.include('contaminated');
    const change = (who: Person, hazards: string[], liftReason: string, version: number) => {
      const { id: _, ...facts } = patch;
      return as(server, who, 'put', `/api/groups/${groupId}/patches/${patch.id}`).send({
        version,
        facts: { ...facts, hazards },
        liftReason,
      });
    };
    await change(picker, ['ticks', 'sprayed'], 'The fill was taken away.', 1).expect(403);
    await change(keeper, ['ticks', 'sprayed'], '  ', 1).expect(400);
    expect(await bars()).to.include('contaminated');
    await change(keeper, ['ticks', 'sprayed'], 'The fill was taken away.', 1).expect(200);
    expect(await bars(), 'one of two is still there').to.include('contaminated');
    await change(keeper, ['ticks'], 'Nothing sprayed for five years.', 2).expect(200);
    expect(await bars()).not.to.include('contaminated');
    // What is no contamination, anybody who may change the place takes off, without a reason.
    await change(picker, [], '', 3).expect(200);
    const { lifted } = await get<PatchDetail>(`patches/${patch.id}`);
    expect(lifted.map((l) => [l.hazards, l.reason])).to.deep.equal([
      [['sprayed'], 'Nothing sprayed for five years.'],
      [['dumped'], 'The fill was taken away.'],
    ]);
  });
});
