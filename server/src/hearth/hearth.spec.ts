import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import type { FoundThing, HearthView, PatchView, PlantView, RibbonView, StandView } from '@emberfield/contract';
import { CATALOGUE } from '@emberfield/catalogue';
import {
  as,
  emptyGroup,
  entryOf,
  identityBody,
  signsOf,
  patchBody,
  type Person,
  person,
  searchBody,
  send,
  standOf,
  testServer,
  type TestServer,
} from '../testing/test-server.ts';

describe('what the day is for', () => {
  let server: TestServer;
  let groupId: string;
  let keeper: Person;
  let watcher: Person;
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
    groupId = await emptyGroup(server);
    keeper = await person(server, [[groupId, 'keeper']]);
    watcher = await person(server, [[groupId, 'watcher']]);
  });
  const get = async <T>(path: string, who = keeper): Promise<T> =>
    (await as(server, who, 'get', `/api/groups/${groupId}/${path}`).expect(200)).body as T;

  it('is empty, and says so without failing, in an empty group', async () => {
    const other = await emptyGroup(server);
    const theirs = await person(server, [[other, 'keeper']]);
    const hearth = (await as(server, theirs, 'get', `/api/groups/${other}/hearth`).expect(200)).body as HearthView;
    expect(hearth).to.deep.include({ stands: [], outlooks: [], duties: [], today: '2026-05-15' });
    expect(hearth.conditions.source).to.equal('none');
    await as(server, theirs, 'get', `/api/groups/${other}/ribbon`).expect(200);
  });
  it('gives a useful window and allowance from one plant at one place, without weather or a count', async () => {
    const { standId } = await standOf(server, keeper, groupId, 'nettle');
    const tips = (await get<HearthView>('hearth?day=2026-04-20')).outlooks.find(
      (o) => o.standId === standId && o.part === 'tip',
    )!;
    expect(tips.basis).to.equal('calendar');
    expect(tips.readiness.state).to.equal('glowing');
    expect(tips.opens.p10! < tips.opens.p50! && tips.opens.p50! < tips.opens.p90!).to.equal(true);
    expect(tips.allowance).to.include({ kind: 'relative', perPlant: 1 });
    expect(tips.allowance.ceilings[0]).to.include({ kind: 'leaveForOthers', binding: true });
  });
  it('moves with the day', async () => {
    const { standId } = await standOf(server, keeper, groupId, 'elder');
    const flower = async (day: string) =>
      (await get<HearthView>(`hearth?day=${day}`)).outlooks.find((o) => o.standId === standId && o.part === 'flower')!
        .readiness.state;
    expect([
      await flower('2026-02-01'),
      await flower('2026-05-01'),
      await flower('2026-05-18'),
      await flower('2026-08-01'),
    ]).to.deep.equal(['cold', 'kindling', 'glowing', 'ash']);
  });
  it('says of a window that is over when it opens again, and of one that matters nothing of the kind', async () => {
    const groupId = await emptyGroup(server);
    const keeper = await person(server, [[groupId, 'keeper']]);
    await standOf(server, keeper, groupId, 'ramsons');
    const leaf = async (day: string) => {
      const answer = await as(server, keeper, 'get', `/api/groups/${groupId}/hearth?day=${day}`).expect(200);
      return (answer.body as HearthView).outlooks.find((o) => o.part === 'leaf')!;
    };
    const autumn = await leaf('2026-10-01');
    expect(autumn.readiness.state).to.equal('ash');
    expect(autumn.opensAgain!.p50).to.match(/^2027-0[34]/);
    expect((await leaf('2026-04-20')).opensAgain).to.equal(null);
  });
  it('keeps a winter window open across New Year', async () => {
    const { standId } = await standOf(server, keeper, groupId, 'burdock');
    const root = async (day: string) =>
      (await get<HearthView>(`hearth?day=${day}`)).outlooks.find((o) => o.standId === standId && o.part === 'root')!;
    expect((await root('2027-01-20')).readiness.state).to.equal('glowing');
    expect((await root('2027-01-20')).season).to.equal(2026);
    expect((await root('2027-06-01')).season).to.equal(2027);
  });
  it('asks for a second look where the identity is open, a first count, and a leave about to end', async () => {
    const { standId } = await standOf(server, keeper, groupId, 'ground-elder', {
      identity: 'unconfirmed',
      patch: { leave: 'given', leaveUntil: '2026-06-01' },
    });
    const { duties } = await get<HearthView>('hearth');
    const own = duties.filter((d) => d.standId === standId);
    expect(own.map((d) => d.kind)).to.deep.equal(['settleIdentity', 'leaveEnds']);
    const [settle] = own;
    expect(settle?.kind === 'settleIdentity' && settle.notRuledOut.map((t) => t['en'])).to.include('Hemlock');
    expect(settle?.kind === 'settleIdentity' && settle.lookAgain!.p50! > '2026-05-15').to.equal(true);
  });
  it('learns from a sighting at once', async () => {
    const place = await standOf(server, keeper, groupId, 'elder');
    const opens = async () =>
      (await get<StandView>(`stands/${place.standId}`)).outlooks.find((o) => o.part === 'flower')!.opens;
    const before = await opens();
    await send(server, keeper, groupId, [
      entryOf(place, 'stageSighting', { stage: 'buds', reached: true, share: null }, { day: '2026-04-20' }),
    ]);
    const after = await opens();
    expect(after.p50! < before.p50!).to.equal(true);
    const view = await get<StandView>(`stands/${place.standId}`);
    expect(view.ladder.season.stages.find((s) => s.key === 'buds')!.seenBy).to.equal('2026-04-20');
  });
  it('is confirmed by an identity entry, and locked again when a deadly look-alike is found', async () => {
    const place = await standOf(server, keeper, groupId, 'ramsons', { identity: 'provisional' });
    const leaf = async () => (await get<StandView>(`stands/${place.standId}`)).outlooks[0]!;
    expect((await leaf()).allowance.kind).to.equal('none');
    await send(server, keeper, groupId, [
      entryOf(place, 'identity', identityBody('confirmed', { seen: signsOf('ramsons') })),
    ]);
    expect((await leaf()).allowance.kind).to.equal('relative');
    expect((await leaf()).thorns).to.equal(false);
    await send(server, keeper, groupId, [
      entryOf(place, 'search', searchBody('Autumn crocus', true, { deadly: true })),
    ]);
    expect(await leaf()).to.deep.include({ thorns: true });
    expect((await leaf()).allowance.kind).to.equal('none');
  });
  it('shows the year as strokes', async () => {
    const ribbon = await get<RibbonView>('ribbon');
    expect(ribbon).to.include({ firstDay: '2026-01-01', lastDay: '2026-12-31' });
    expect(ribbon.strokes.length).to.be.above(3);
  });

  it('blurs a secret place for watchers before anything is derived from it, not for keepers', async () => {
    const ring = [
      [-30, 46],
      [-29.999, 46],
      [-29.999, 46.001],
      [-30, 46.001],
      [-30, 46],
    ] as const;
    const patch = patchBody({
      secret: true,
      name: 'Hidden',
      access: 'behind the third oak',
      geometry: { type: 'Polygon', coordinates: [ring] },
    });
    await as(server, keeper, 'post', `/api/groups/${groupId}/patches`).send(patch).expect(200);
    const seen = await get<PatchView>(`patches/${patch.id}`);
    expect(seen).to.deep.include({ blurred: false, geometry: patch.geometry });
    expect(seen.areaM2).to.be.within(8500, 8800);
    const blurred = await get<PatchView>(`patches/${patch.id}`, watcher);
    expect(blurred).to.deep.include({ blurred: true, areaM2: null, access: '' });
    expect(blurred.geometry.type).to.equal('Point');
    expect(JSON.stringify(await get('patches', watcher)))
      .not.to.include('29.999')
      .and.not.to.include('third oak');
  });
  it('keeps both edits of a patch: the later one made on an old version is told so', async () => {
    const patch = patchBody();
    await as(server, keeper, 'post', `/api/groups/${groupId}/patches`).send(patch).expect(200);
    await as(server, keeper, 'post', `/api/groups/${groupId}/patches`).send(patch).expect(200);
    await as(server, keeper, 'post', `/api/groups/${groupId}/patches`)
      .send({ ...patch, name: 'Other' })
      .expect(409);
    const { id: _, ...facts } = patch;
    const edit = (version: number, name: string) =>
      as(server, keeper, 'put', `/api/groups/${groupId}/patches/${patch.id}`).send({
        version,
        facts: { ...facts, name },
        liftReason: '',
      });
    await edit(1, 'First').expect(200);
    await edit(1, 'Second').expect(409);
    expect((await get<PatchView>(`patches/${patch.id}`)).name).to.equal('First');
  });
  it('lets a plant be copied and changed, never its warnings', async () => {
    const ramsons = CATALOGUE.find((p) => p.key === 'ramsons')!;
    const save = (profile: object, key = 'ramsons-own', baseRevision = 0) =>
      as(server, keeper, 'put', `/api/groups/${groupId}/plants/${key}`).send({
        copiedFrom: 'ramsons',
        baseRevision,
        profile,
        note: '',
      });
    const own = { ...ramsons, key: 'ramsons-own', names: { en: 'Our ramsons' } };
    await save({ ...own, lookAlikes: [] }).expect(400);
    await save({ ...own, cautions: own.cautions.slice(1) }).expect(400);
    await save({ ...ramsons, names: { en: 'Overwritten' } }, 'ramsons').expect(409);
    expect(((await save(own).expect(200)).body as PlantView).revision).to.equal(1);
    await save(own).expect(409);
    expect(
      ((await save({ ...own, names: { en: 'Ours' } }, 'ramsons-own', 1).expect(200)).body as PlantView).revision,
    ).to.equal(2);
    const { standId } = await standOf(server, keeper, groupId, 'ramsons-own');
    expect((await get<StandView>(`stands/${standId}`)).plantName['en']).to.equal('Ours');
  });
  it('finds by a piece of a name', async () => {
    const found = await get<{ kind: string; label: { en: string } }[]>('find?text=elder');
    expect(found.map((f) => f.kind)).to.include.members(['stand', 'plant']);
    expect(await get('find?text=zzz')).to.deep.equal([]);
  });
  it('finds one’s few stands first, then what is called exactly so, within a word, by its family, in either language and by several words; and people', async () => {
    const found = async (text: string): Promise<readonly string[]> =>
      (await get<readonly FoundThing[]>(`find?text=${encodeURIComponent(text)}`)).map(
        (f) => `${f.kind} ${f.label['en']}`,
      );
    const elder = await found('elder');
    expect(elder[0]).to.match(/^stand /);
    expect(elder.filter((f) => f.startsWith('plant'))[0]).to.equal('plant Elder');
    expect(await found('ettle')).to.include('plant Stinging nettle');
    expect(await found('carrot family')).to.include('plant Hemlock');
    expect(await found('doldenbl')).to.include('plant Hemlock');
    expect(await found('barlauch')).to.include('plant Ramsons');
    expect((await found('nettle hedge')).filter((f) => f === 'stand Stinging nettle')).not.to.be.empty;
    expect(await found(keeper.signInName)).to.deep.equal([`person ${keeper.signInName}`]);
  });
  it('forgives a slip of the finger, but only where nothing is called so', async () => {
    const found = async (text: string): Promise<readonly string[]> =>
      (await get<readonly FoundThing[]>(`find?text=${encodeURIComponent(text)}`)).map(
        (f) => `${f.kind} ${f.label['en']}`,
      );
    expect(await found('netlte')).to.include('plant Stinging nettle');
    expect(await found('netlte hedge')).to.include('stand Stinging nettle');
    expect(await found('netlle')).to.include('plant Stinging nettle');
    expect(await found('hasel')).to.include('plant Hazel');
    expect(await found('nettle')).not.to.include('plant Hazel');
  });
  it('turns the year round in the south', async () => {
    const { standId } = await standOf(server, keeper, groupId, 'nettle', {
      patch: { geometry: { type: 'Point', coordinates: [-30, -46] } },
    });
    const { opens } = (await get<StandView>(`stands/${standId}?day=2026-10-01`)).outlooks.find(
      (o) => o.part === 'tip',
    )!;
    expect(opens.p50! > '2026-08-15' && opens.p50! < '2026-11-01', opens.p50!).to.equal(true);
  });
  it('keeps the list of what is sought', async () => {
    const sought = `/api/groups/${groupId}/sought`;
    const body = { id: newId(), what: 'Morel', note: 'under ash' };
    await as(server, keeper, 'post', sought).send(body).expect(200);
    await as(server, keeper, 'post', sought).send(body).expect(200);
    expect(await get('sought')).to.have.length(1);
    await as(server, keeper, 'delete', `${sought}/${body.id}`).expect(204);
    expect(await get('sought')).to.deep.equal([]);
  });
});
