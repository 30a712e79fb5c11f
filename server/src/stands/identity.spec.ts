import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import type { SeenSign } from '@emberfield/core/identity';
import { v7 as newId } from 'uuid';
import type { ClearanceView, Entry, EntryBodies, IdentityTable, StandView } from '@emberfield/contract';
import {
  as,
  emptyGroup,
  entryOf,
  identityBody,
  signsOf,
  person,
  searchBody,
  send,
  standOf,
  takeBody,
  testServer,
  type Person,
  type TestServer,
} from '../testing/test-server.ts';

/** Looked over in flower, leaf and stem and flower: enough to rule out all that kills. */
const IN_FLOWER = [...signsOf('ramsons', 'leaf'), ...signsOf('ramsons', 'flower')].filter(
  (x, i, all) => all.findIndex((y) => y.sign === x.sign) === i,
);

describe('the identity of a stand', function () {
  this.timeout(60_000);
  let server: TestServer;
  let groupId: string;
  let keeper: Person;
  let picker: Person;
  let other: Person;

  beforeEach(async () => {
    server = await testServer();
    groupId = await emptyGroup(server);
    keeper = await person(server, [[groupId, 'keeper']]);
    picker = await person(server, [[groupId, 'picker']]);
    other = await person(server, [[groupId, 'picker']]);
  });

  const see = async (standId: string, day: string, who = keeper): Promise<StandView> =>
    (await as(server, who, 'get', `/api/groups/${groupId}/stands/${standId}?day=${day}`).expect(200)).body as StandView;
  const bars = (view: StandView, part = 'leaf'): readonly string[] =>
    view.outlooks
      .find((o) => o.part === part)!
      .allowance.ceilings.filter((c) => c.bars && c.source === 'identity')
      .map((c) => c.kind);
  const say = async (who: Person, ...entries: Entry[]): Promise<void> => {
    const results = await send(server, who, groupId, entries);
    expect(results.map((r) => r.status)).to.deep.equal(entries.map(() => 'stored'));
  };
  const rule = (on: boolean, body: object): Promise<unknown> =>
    as(server, keeper, 'put', `/api/groups/${groupId}/rules`).send({ on, rule: body }).expect(200).then();
  const clear = (by: Person, whom: Person, clearance: string, family = 'Amaryllidaceae') =>
    as(server, by, 'put', `/api/groups/${groupId}/members/${whom.accountId}/clearance`).send({ family, clearance });

  it('goes from locked to open by flower and searches, and is locked again by a new sighting', async () => {
    const place = await standOf(server, keeper, groupId, 'ramsons', { identity: 'provisional' });
    const { standId } = place;
    expect(bars(await see(standId, '2026-04-10'))).to.include('identity');
    await say(
      keeper,
      entryOf(place, 'identity', identityBody('confirmed', { phase: 'flower', seen: IN_FLOWER }), {
        day: '2025-05-08',
      }),
    );
    // Settled in flower; but nobody has looked for what grows among it: leaf by leaf, and not by everyone.
    expect(bars(await see(standId, '2026-04-10'))).to.deep.equal(['leafByLeaf']);
    const early = (await see(standId, '2026-04-10')).outlooks[0]!;
    expect(early).to.include({ thorns: true, inseparable: true, neverApart: false });
    expect(early.leafByLeaf.map((l) => l.name['en'])).to.deep.equal([
      'Autumn crocus',
      'Lily of the valley',
      'White hellebore',
    ]);
    const searched = (plantKey: string, name: string, day: string, found = false) =>
      entryOf(place, 'search', searchBody(name, found, { plantKey }), { day });
    await say(
      keeper,
      searched('autumn-crocus', 'Autumn crocus', '2025-05-08'),
      searched('lily-of-the-valley', 'Lily of the valley', '2025-05-08'),
      searched('lords-and-ladies', 'Lords-and-ladies', '2025-05-08'),
      searched('white-hellebore', 'White hellebore', '2025-06-20'),
    );
    const open = await see(standId, '2026-04-10');
    expect(bars(open)).to.deep.equal([]);
    expect(open.outlooks[0]).to.include({ thorns: false });
    expect(open.lookAlikes.map((l) => l.search)).to.deep.equal(['absent', 'absent', 'absent', 'absent']);
    await say(keeper, searched('lily-of-the-valley', 'Lily of the valley', '2026-05-02', true));
    const locked = await see(standId, '2026-05-10');
    expect(bars(locked)).to.deep.equal(['lookAlikeSeen']);
    expect(locked.lookAlikes.find((l) => l.plantKey === 'lily-of-the-valley')).to.include({
      search: 'found',
      since: '2026-05-02',
    });
    // What was known before the sighting stays as it was.
    expect(bars(await see(standId, '2026-04-10'))).to.deep.equal([]);
  });

  it('does not count a search in winter, when the look-alike does not show, and lets an old one expire', async () => {
    const place = await standOf(server, keeper, groupId, 'ramsons');
    const look = (day: string) =>
      entryOf(place, 'search', searchBody('Lily of the valley', false, { plantKey: 'lily-of-the-valley' }), { day });
    const lily = async (day: string) =>
      (await see(place.standId, day)).lookAlikes.find((l) => l.plantKey === 'lily-of-the-valley')!;
    await say(keeper, look('2026-01-20'));
    expect(await lily('2026-02-01')).to.include({ search: 'neverLooked', showsNow: false });
    expect((await lily('2026-02-01')).showsNext?.slice(0, 7)).to.match(/2026-0[45]/);
    await say(keeper, look('2024-05-20'));
    expect(await lily('2026-05-10')).to.include({ search: 'absent' });
    await rule(true, { kind: 'searchHolds', years: 1 });
    expect(await lily('2026-05-15')).to.include({ search: 'expired' });
  });

  it('a confirmation of this year’s leaves does not open this year’s leaves', async () => {
    const place = await standOf(server, keeper, groupId, 'ramsons', { identity: 'unconfirmed' });
    await say(
      keeper,
      entryOf(place, 'identity', identityBody('confirmed', { phase: 'leaf', seen: signsOf('ramsons') }), {
        day: '2026-04-02',
      }),
    );
    expect(bars(await see(place.standId, '2026-04-10'))).to.include('notConfirmedBefore');
  });

  it('asks for a second person where the house rule does', async () => {
    await rule(true, { kind: 'secondPerson' });
    const place = await standOf(server, keeper, groupId, 'nettle', { identity: 'unconfirmed' });
    const standing = async () => {
      const { identity, secondNeeded } = await see(place.standId, '2026-05-15');
      return [identity, secondNeeded];
    };
    await say(picker, entryOf(place, 'identity', identityBody('confirmed', { seen: signsOf('nettle') })));
    expect(await standing()).to.deep.equal(['provisional', true]);
    await say(picker, entryOf(place, 'identity', identityBody('confirmed', { seen: signsOf('nettle') })));
    expect(await standing(), 'the same person twice').to.deep.equal(['provisional', true]);
    await say(keeper, entryOf(place, 'identity', identityBody('confirmed', { seen: signsOf('nettle') })));
    expect(await standing()).to.deep.equal(['confirmed', false]);
    await say(keeper, entryOf(place, 'identity', identityBody('provisional')));
    await say(keeper, entryOf(place, 'identity', identityBody('confirmed', { seen: signsOf('nettle') })));
    expect(await standing(), 'a doubt begins anew').to.deep.equal(['provisional', true]);
  });

  it('lets a milder look-alike be picked around by people cleared for the family, and marks others’ takes over', async () => {
    const place = await standOf(server, keeper, groupId, 'ramsons');
    await say(
      keeper,
      entryOf(place, 'search', searchBody('Lords-and-ladies', true, { plantKey: 'lords-and-ladies' }), {
        day: '2026-05-01',
      }),
    );
    expect(bars(await see(place.standId, '2026-05-15', picker))).to.deep.equal(['leafByLeaf']);
    const take = async (who: Person, over: Partial<EntryBodies['take']> = {}) => {
      const [result] = await send(server, who, groupId, [
        entryOf(place, 'take', takeBody(2, { part: 'leaf', plants: 2, ...over })),
      ]);
      return result!.status === 'stored' ? result!.take!.verdict : result!.status;
    };
    expect(await take(picker)).to.equal('over');
    await clear(keeper, picker, 'cleared').expect(200);
    expect(bars(await see(place.standId, '2026-05-15', picker))).to.deep.equal([]);
    expect(
      (await see(place.standId, '2026-05-15', picker)).outlooks[0]!.leafByLeaf.map((l) => l.name['en']),
    ).to.deep.equal(['Lords-and-ladies']);
    expect(await take(picker), 'not held against it').to.equal('over');
    expect(await take(picker, { checkedAgainst: ['Arum maculatum'] })).to.equal('within');
    await clear(keeper, picker, 'closed').expect(200);
    expect(bars(await see(place.standId, '2026-05-15', picker))).to.deep.equal(['familyClosed']);
    expect(await take(picker)).to.equal('over');
  });

  it('is cleared by others only: by a keeper, or by somebody cleared for that family; closing is a keeper’s', async () => {
    await clear(picker, picker, 'cleared').expect(403);
    await clear(picker, other, 'cleared').expect(403);
    await clear(keeper, keeper, 'cleared').expect(403);
    await clear(keeper, picker, 'cleared').expect(200);
    await clear(picker, other, 'cleared', 'Apiaceae').expect(403);
    const answer = await clear(picker, other, 'cleared').expect(200);
    expect((answer.body as ClearanceView[]).map((c) => [c.accountId, c.clearance, c.how])).to.deep.equal([
      [picker.accountId, 'cleared', 'member'],
      [other.accountId, 'cleared', 'member'],
    ]);
    await clear(picker, other, 'closed').expect(403);
    await clear(keeper, other, 'closed').expect(200);
    await clear(picker, other, 'cleared').expect(403);
    await clear(keeper, other, 'none').expect(200);
    await clear(keeper, await person(server), 'cleared').expect(404);
    await clear(keeper, other, 'maybe').expect(400);
  });

  it('clears somebody who has passed the signs on three different days, not on three a day nor with one left open', async () => {
    const place = await standOf(server, keeper, groupId, 'ramsons', { identity: 'provisional' });
    const settle = (day: string, seen = IN_FLOWER) =>
      entryOf(place, 'identity', identityBody('confirmed', { phase: 'flower', seen }), { day });
    const cleared = async () => (await see(place.standId, '2026-05-15', picker)).clearance;
    await say(picker, settle('2026-05-01'), settle('2026-05-01'), settle('2026-05-02'));
    // Garlic alone leaves what smells of nothing and was held beside it open, as lily of the valley is not asked for its flower.
    const open = entryOf(
      place,
      'identity',
      identityBody('provisional', { seen: [{ sign: 'leafVeins', state: 'parallel', present: true }] }),
      { day: '2026-05-03' },
    );
    await say(picker, open);
    expect(await cleared()).to.equal('none');
    await say(picker, settle('2026-05-04'));
    expect(await cleared()).to.equal('cleared');
    const { body } = await as(server, keeper, 'get', `/api/groups/${groupId}/clearances`).expect(200);
    expect(body).to.have.length(1);
    expect(body[0]).to.include({ how: 'practice', family: 'Amaryllidaceae', accountId: picker.accountId });
  });

  it('does not clear by practice what a keeper closed', async () => {
    await clear(keeper, picker, 'closed').expect(200);
    const place = await standOf(server, keeper, groupId, 'ramsons');
    for (const day of ['2026-05-01', '2026-05-02', '2026-05-03'])
      await say(picker, entryOf(place, 'identity', identityBody('confirmed', { seen: IN_FLOWER }), { day }));
    expect((await see(place.standId, '2026-05-15', picker)).clearance).to.equal('closed');
  });

  it('is confirmed only by signs of two organs that leave nothing deadly or poisonous of the whole list open', async () => {
    const place = await standOf(server, keeper, groupId, 'ramsons', { identity: 'unconfirmed' });
    const said = async (seen: readonly SeenSign[]) => {
      const [result] = await send(server, keeper, groupId, [
        entryOf(place, 'identity', identityBody('confirmed', { seen })),
      ]);
      return result?.status === 'needsAttention' ? result.code : result?.status;
    };
    const one = (sign: string, state: string, present = true) => ({ sign, state, present });
    expect(await said([])).to.equal('signsOfTwoOrgans');
    expect(await said([one('smell', 'garlic')])).to.equal('signsOfTwoOrgans');
    expect(await said([one('leafVeins', 'arched'), one('leafEdge', 'smooth')])).to.equal('signsOfTwoOrgans');
    expect(await said([one('smell', 'garlic'), one('leafEdge', 'fineTeeth', false)])).to.equal('signsOfTwoOrgans');
    expect(await said([one('smell', 'garlic'), one('leafEdge', 'smooth')])).to.equal('dangerousOpen');
    expect((await see(place.standId, '2026-05-15')).identity).to.equal('unconfirmed');
    expect(await said(IN_FLOWER)).to.equal('stored');
    const [kept] = (await see(place.standId, '2026-05-15')).identities;
    expect([kept!.seen.length, kept!.status]).to.deep.equal([IN_FLOWER.length, 'confirmed']);
  });

  it('begins unconfirmed whatever is sent along: a word about it is refused', async () => {
    const { patchId } = await standOf(server, keeper, groupId, 'nettle');
    const body = { id: newId(), patchId, plantKey: 'ramsons', where: '', since: null, restUntil: null };
    const add = (over: object) =>
      as(server, keeper, 'post', `/api/groups/${groupId}/stands`).send({ ...body, ...over });
    expect((await add({ identity: 'confirmed' }).expect(400)).body.error.reason).to.equal('unknownField');
    expect((await add({}).expect(200)).body.identity).to.equal('unconfirmed');
  });

  it('waits for a result until an identity names its sign', async () => {
    const place = await standOf(server, keeper, groupId, 'velvet-shank', { identity: 'unconfirmed' });
    await say(
      picker,
      entryOf(
        place,
        'awaited',
        { sign: 'sporePrint', due: '2026-05-11', note: 'on white paper' },
        { day: '2026-05-10' },
      ),
    );
    const hearth = async () =>
      (
        (await as(server, keeper, 'get', `/api/groups/${groupId}/hearth`)).body as {
          duties: { kind: string; due?: string }[];
        }
      ).duties;
    expect((await hearth()).find((d) => d.kind === 'awaited')).to.include({ due: '2026-05-11', sign: 'sporePrint' });
    expect((await see(place.standId, '2026-05-15')).awaited).to.have.length(1);
    const print = { sign: 'sporePrint', state: 'whitePrint', present: true };
    await say(
      picker,
      entryOf(place, 'identity', identityBody('provisional', { seen: [print] }), { day: '2026-05-11' }),
    );
    expect((await hearth()).some((d) => d.kind === 'awaited')).to.equal(false);
    expect((await see(place.standId, '2026-05-15')).identities[0]!.seen).to.deep.equal([print]);
  });

  it('refuses signs and states that nobody knows, and keeps nothing of them', async () => {
    const place = await standOf(server, keeper, groupId, 'nettle');
    for (const seen of [
      [{ sign: 'taste', state: 'sweet', present: true }],
      [{ sign: 'smell', state: 'toString', present: true }],
      [{ sign: 'smell', state: 'garlic' }],
    ]) {
      const [result] = await send(server, keeper, groupId, [
        entryOf(place, 'identity', { ...identityBody('confirmed'), seen } as EntryBodies['identity']),
      ]);
      expect(result!.status).to.equal('needsAttention');
    }
    expect((await see(place.standId, '2026-05-15')).identities).to.deep.equal([]);
  });

  it('answers with every plant’s signs and the days of its stages at a place', async () => {
    const place = await standOf(server, keeper, groupId, 'ramsons', { patch: { heightM: 1200 } });
    const table = async (query: string) =>
      (await as(server, picker, 'get', `/api/groups/${groupId}/signs?day=2026-04-01${query}`).expect(200))
        .body as IdentityTable;
    const high = await table(`&patch=${place.patchId}`);
    expect(high.plants).to.have.length(CATALOGUE.length);
    const flowering = ({ plants }: IdentityTable) =>
      plants.find((p) => p.key === 'ramsons')!.stages.find((s) => s.phase === 'flower' && s.day >= '2026')!.day;
    expect(flowering(high) > flowering(await table(''))).to.equal(true);
    const ramsons = high.plants.find((p) => p.key === 'ramsons')!;
    expect(ramsons.lookAlikes.map((l) => l.plantKey)).to.deep.equal([
      'autumn-crocus',
      'lily-of-the-valley',
      'lords-and-ladies',
      'white-hellebore',
    ]);
    await as(server, picker, 'get', `/api/groups/${groupId}/signs?patch=x`).expect(400);
    await as(server, picker, 'get', `/api/groups/${groupId}/signs?patch=${groupId}`).expect(404);
  });
});
