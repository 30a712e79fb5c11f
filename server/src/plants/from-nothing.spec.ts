import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import { CATALOGUE } from '@emberfield/catalogue';
import type { PlantListItem, PlantProfile, PlantView, SavePlant, StandView } from '@emberfield/contract';
import { openedGroup } from '../testing/opened-group.ts';
import { as, entryOf, identityBody } from '../testing/test-server.ts';
import { insertOwnProfile } from './repository.ts';

const nettle = CATALOGUE.find((p) => p.key === 'nettle')!;
const ramsons = CATALOGUE.find((p) => p.key === 'ramsons')!;
type Twin = PlantProfile['lookAlikes'][number];
const twin = (scientific: string, over: Partial<Twin> = {}): Twin => ({
  name: { en: scientific },
  scientific,
  severity: 'deadly',
  separatedBy: { en: 'its stalk' },
  apartFrom: 'never',
  ...over,
});
/** A herb that no list has, built and shown like the nettle. */
const lovage = (over: Partial<PlantProfile> = {}): PlantProfile => ({
  ...nettle,
  key: 'scots-lovage',
  names: { en: 'Scots lovage' },
  scientific: 'Ligusticum scoticum',
  lookAlikes: [],
  ...over,
});
const SEEN = ['hairs.stinging', 'leafEdge.coarseTeeth', 'leafShape.heart', 'stemSection.square'].map((said) => {
  const [sign, state] = said.split('.');
  return { sign: sign!, state: state!, present: true };
});

describe('a plant from nothing', () => {
  const group = openedGroup();
  const body = (profile: PlantProfile, over: Partial<SavePlant> = {}): SavePlant => ({
    baseRevision: 0,
    copiedFrom: null,
    note: '',
    profile,
    ...over,
  });
  const save = (profile: PlantProfile, over: Partial<SavePlant> = {}) =>
    group.ask('put', `plants/${profile.key}`).send(body(profile, over));
  const refused = async (profile: PlantProfile, over: Partial<SavePlant> = {}): Promise<string> => {
    const { error } = (await save(profile, over).expect(400)).body as { error: { field: string; reason: string } };
    return `${error.field.replace('body.profile.', '')}: ${error.reason}`;
  };
  const confirm = async (place: { patchId: string; standId: string }): Promise<string> => {
    const [result] = await group.tell(
      entryOf(place, 'identity', identityBody('confirmed', { seen: SEEN, phase: 'leaf' })),
    );
    return result!.status === 'needsAttention' ? `${result!.code}` : result!.status;
  };
  const barsOf = async (standId: string): Promise<readonly string[]> => {
    const { outlooks } = await group.get<StandView>(`stands/${standId}`);
    return outlooks[0]!.allowance.ceilings.filter((c) => c.bars).map((c) => c.kind);
  };
  const unsettled = () => group.stand('scots-lovage', { identity: 'unconfirmed' });

  it('stands on the list as written by the group, whatever it says of itself', async () => {
    const { origin: _, ...silent } = lovage();
    const made = (await save(silent).expect(200)).body as PlantView;
    expect([made.profile.origin, made.copiedFrom, made.revision]).to.deep.equal(['own', null, 1]);
    const list = await group.get<PlantListItem[]>('plants');
    expect(list.find((p) => p.key === 'scots-lovage')).to.include({ own: true, copiedFrom: null });
    expect(list.find((p) => p.key === 'nettle')).to.include({ own: false });
  });
  it('opens nothing and confirms nothing until somebody names what it could be taken for', async () => {
    await save(lovage()).expect(200);
    const place = await unsettled();
    expect(await confirm(place)).to.equal('lookAlikesUnnamed');
    // Nor does a word of before help.
    const settled = await group.stand('scots-lovage');
    expect(await barsOf(settled.standId)).to.deep.equal(['lookAlikesUnnamed']);
    await save(lovage({ lookAlikes: [twin('Archangelica sp.', { severity: 'nuisance' })] }), {
      baseRevision: 1,
    }).expect(200);
    expect(await barsOf(settled.standId)).to.deep.equal([]);
    expect(await confirm(place)).to.equal('stored');
  });
  it('is not confirmed while a dangerous look-alike is on no list, and is once that one is entered with its signs', async () => {
    const shows: PlantProfile['shows'] = [
      { sign: 'leafEdge', states: { smooth: 0.9 }, when: null },
      { sign: 'stemSection', states: { hollow: 0.9 }, when: null },
      { sign: 'hairs', states: { bare: 0.9 }, when: null },
    ];
    const stranger = lovage({
      key: 'false-one',
      scientific: 'Falsa venenosa',
      severity: 'deadly',
      shows,
      parts: [],
      windows: [],
      ceilings: [],
    });
    await save(lovage({ lookAlikes: [twin('Falsa venenosa')] })).expect(200);
    const place = await unsettled();
    expect(await confirm(place)).to.equal('lookAlikeWithoutSigns');
    await save(stranger).expect(200);
    expect(await confirm(place)).to.equal('stored');
    // It shuts what is taken, since nobody said when it can be told apart and nobody looked for it.
    expect(await barsOf(place.standId)).to.deep.equal(['lookAlikeUnsearched']);
  });
  it('is refused where it would stand there without warnings that are known', async () => {
    expect(await refused(lovage({ scientific: ramsons.scientific }))).to.equal('scientific: speciesIsShipped');
    const hemlock = twin('Conium maculatum', { severity: 'nuisance' });
    expect(await refused(lovage({ lookAlikes: [hemlock] }))).to.equal('lookAlikes: milderThanKnown');
    const { apartFrom: _, ...silent } = twin('Conium maculatum');
    expect(await refused(lovage({ lookAlikes: [silent] }))).to.equal('lookAlikes: apartMissing');
    expect(await refused(lovage({ severity: 'poisonous', shows: nettle.shows.slice(0, 1) }))).to.equal(
      'shows: dangerNeedsSigns',
    );
    expect(await refused(lovage({ decides: { hemlock: ['hairs'] } }))).to.equal('decides: decidesAnew');
    const sure = { ...ramsons, key: 'garlic', decides: { ...ramsons.decides, 'autumn-crocus': ['root'] } };
    expect(await refused(sure, { copiedFrom: 'ramsons' })).to.equal('decides: decidesAnew');
    expect(await refused(lovage({ decides: { hemlock: ['halo'] } }))).to.equal('decides: unknownState');
    const mild = { ...ramsons, key: 'garlic', windows: ramsons.windows.map(({ separableFrom: _w, ...w }) => w) };
    expect(await refused(mild, { copiedFrom: 'ramsons' })).to.equal('windows: warningMissing');
  });

  it('a copy of before keeps the warnings that its model was given later, and so does a copy of that copy', async () => {
    const old = { ...ramsons, key: 'old-ramsons', lookAlikes: [], cautions: [], decides: { hemlock: ['smell'] } };
    const row = { groupId: group.groupId, revision: 1, note: '', madeBy: group.keeper.accountId, madeAt: new Date() };
    await insertOwnProfile(group.server.deps.db, { ...row, key: 'old-ramsons', copiedFrom: 'ramsons', profile: old });
    await insertOwnProfile(group.server.deps.db, {
      ...row,
      key: 'a-copy',
      copiedFrom: 'old-ramsons',
      profile: { ...old, key: 'a-copy' },
    });
    for (const key of ['old-ramsons', 'a-copy']) {
      const { profile } = await group.get<PlantView>(`plants/${key}`);
      expect(profile.lookAlikes, key).to.have.deep.members([...ramsons.lookAlikes]);
      expect(profile.cautions, key).to.have.deep.members([...ramsons.cautions]);
      // Nor does it hold to a sign that its model no longer takes for decisive.
      expect(profile.decides, key).to.deep.equal(ramsons.decides);
    }
  });

  describe('goes off the list', () => {
    const remove = (who = group.keeper, key = 'scots-lovage') => group.ask('delete', `plants/${key}`, who);
    const listed = async (): Promise<boolean> =>
      (await group.get<PlantListItem[]>('plants')).some((p) => p.key === 'scots-lovage');

    it('and back on it by saving it after that revision', async () => {
      await save(lovage()).expect(200);
      const { revision } = (await remove().expect(200)).body as { revision: number };
      expect([revision, await listed()]).to.deep.equal([2, false]);
      await remove().expect(404);
      const stand = {
        id: newId(),
        patchId: newId(),
        plantKey: 'scots-lovage',
        where: '',
        since: null,
        restUntil: null,
      };
      const { patchId } = await group.stand('nettle');
      await group
        .ask('post', 'stands')
        .send({ ...stand, patchId })
        .expect(400);
      await save(lovage(), { baseRevision: 1 }).expect(409);
      await save(lovage(), { baseRevision: 2 }).expect(200);
      expect(await listed()).to.equal(true);
      // Whoever writes it anew afterwards knows nothing of the one before.
      await remove().expect(200);
      expect(((await save(lovage({ family: 'Other' })).expect(200)).body as PlantView).revision).to.equal(5);
    });
    it('only by a keeper, only one’s own, and not while something hangs on it', async () => {
      await save(lovage({ lookAlikes: [twin('Falsa una', { severity: 'nuisance' })] })).expect(200);
      await remove(await group.join('picker')).expect(403);
      await remove(group.keeper, 'nettle').expect(409);
      await group.stand('scots-lovage');
      await remove().expect(409);
      expect(await listed()).to.equal(true);
      const { profile } = await group.get<PlantView>('plants/scots-lovage');
      await save({ ...profile, key: 'late-lovage' }, { copiedFrom: 'scots-lovage' }).expect(200);
      expect((await group.get<PlantView>('plants/late-lovage')).profile.origin).to.equal('own');
      await as(group.server, group.keeper, 'delete', group.at('plants/late-lovage')).expect(200);
    });
  });
});
