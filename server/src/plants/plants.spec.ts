import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import type { PlantListItem, PlantProfile, PlantView, SavePlant, StandView } from '@emberfield/contract';
import { openedGroup } from '../testing/opened-group.ts';
import { as, emptyGroup, person } from '../testing/test-server.ts';

describe('own plants', () => {
  const group = openedGroup();
  const nettle = CATALOGUE.find((p) => p.key === 'nettle')!;
  const copy = (over: Partial<PlantProfile> = {}, saved: Partial<SavePlant> = {}): SavePlant => ({
    baseRevision: 0,
    copiedFrom: 'nettle',
    note: 'later up here',
    profile: { ...nettle, key: 'hill-nettle', names: { en: 'Hill nettle' }, ...over },
    ...saved,
  });
  const save = (body: SavePlant, who = group.keeper, key = body.profile.key) =>
    group.ask('put', `plants/${key}`, who).send(body);
  const reason = async (body: SavePlant, status: number, key?: string): Promise<string | null> =>
    ((await save(body, group.keeper, key).expect(status)).body as { error: { reason: string | null } }).error.reason;

  it('stand among the shipped ones, by name, for their group alone', async () => {
    await save(copy()).expect(200);
    const list = (await group.ask('get', 'plants').expect(200)).body as PlantListItem[];
    expect(list).to.have.length(CATALOGUE.length + 1);
    const names = list.map((p) => p.names['en']!);
    expect(names).to.deep.equal([...names].sort((a, b) => a.localeCompare(b)));
    expect(list.find((p) => p.key === 'hill-nettle')!.copiedFrom).to.equal('nettle');
    const other = await emptyGroup(group.server);
    const stranger = await person(group.server, [[other, 'keeper']]);
    await as(group.server, stranger, 'get', `/api/groups/${other}/plants/hill-nettle`).expect(404);
  });
  it('are saved as one revision after another; a stale one changes nothing', async () => {
    const first = (await save(copy()).expect(200)).body as PlantView;
    expect(first.revision).to.equal(1);
    const later = copy({ names: { en: 'Hill nettle, late' } }, { baseRevision: 1 });
    expect(((await save(later).expect(200)).body as PlantView).revision).to.equal(2);
    await save(copy({}, { baseRevision: 1 })).expect(409);
    const read = (await group.ask('get', 'plants/hill-nettle')).body as PlantView;
    expect(read.profile.names['en']).to.equal('Hill nettle, late');
  });
  it('saved by two at once keep one of the two', async () => {
    const statuses = await Promise.all([copy(), copy({ family: 'Other' })].map(async (b) => (await save(b)).status));
    expect(statuses.sort()).to.deep.equal([200, 409]);
  });
  it('keep every warning of what they were copied from, and may add to them', async () => {
    const caution = { class: 'ground', text: { en: 'Not by the old works.' } } as const;
    await save(copy({ cautions: [...nettle.cautions, caution] })).expect(200);
    expect(await reason(copy({ cautions: nettle.cautions.slice(1) }, { baseRevision: 1 }), 400)).to.equal(
      'warningMissing',
    );
    const parsley = CATALOGUE.find((p) => p.lookAlikes.some((l) => l.severity === 'deadly'))!;
    const milder = parsley.lookAlikes.map((l) => ({ ...l, severity: 'nuisance' as const }));
    const body = copy({ ...parsley, key: 'my-own', lookAlikes: milder }, { copiedFrom: parsley.key });
    expect(await reason(body, 400)).to.equal('warningMissing');
  });
  it('of a protected plant stay protected', async () => {
    const guarded = CATALOGUE.find((p) => p.status === 'protected')!;
    const body = copy({ ...guarded, key: 'my-own', ceilings: [] }, { copiedFrom: guarded.key });
    expect(await reason(body, 400)).to.equal('warningMissing');
  });
  it('never take a shipped plant’s key, nor another key than the address says, nor an unknown base', async () => {
    expect(await reason(copy({ key: 'nettle' }), 409)).to.equal('shippedPlant');
    expect(await reason(copy(), 400, 'other-key')).to.equal('keyMismatch');
    await save(copy({}, { copiedFrom: 'no-such-plant' })).expect(404);
  });
  it('move the stands that grow them from the next look on', async () => {
    await save(copy()).expect(200);
    const { standId } = await group.stand('hill-nettle');
    const opens = async () =>
      ((await group.ask('get', `stands/${standId}`).expect(200)).body as StandView).outlooks[0]!.opens.p50!;
    const before = await opens();
    const later = nettle.stages.map((s) => ({
      ...s,
      calendar: { ...s.calendar, value: s.calendar.value + 20, low: s.calendar.low + 20, high: s.calendar.high + 20 },
    }));
    await save(copy({ stages: later }, { baseRevision: 1 })).expect(200);
    const days = (Date.parse(await opens()) - Date.parse(before)) / 86_400_000;
    expect(days).to.be.within(18, 22);
  });
  it('are a keeper’s to make', async () => {
    const picker = await group.join('picker');
    await save(copy(), picker).expect(403);
  });
});
