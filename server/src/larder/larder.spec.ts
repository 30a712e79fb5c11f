import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import type { Entry, EntryBodies, EntryResult, LarderView, StandView, UnitLearned } from '@emberfield/contract';
import { openedGroup } from '../testing/opened-group.ts';
import { entryOf, takeBody } from '../testing/test-server.ts';

const body = (parents: readonly string[], over: Partial<EntryBodies['batch']> = {}): EntryBodies['batch'] => ({
  ...{ name: '', parents, part: 'tip', massG: 200, out: [], washed: true, way: 'dry', form: 'mesh' },
  ...{ acrossCm: null, humidityPct: null, note: '' },
  ...over,
});
const saidOf = (results: readonly EntryResult[]) =>
  results.map((r) => (r.status === 'needsAttention' ? r.code : r.status));

describe('the larder', () => {
  const group = openedGroup();
  type Place = Awaited<ReturnType<typeof group.stand>>;
  const larder = (who = group.keeper) => group.get<LarderView>('larder', who);
  const told = async (...entries: readonly Entry[]) => saidOf(await group.tell(...entries));
  const taken = async (place: Place, amount = 40, over: Partial<EntryBodies['take']> = {}): Promise<Entry> => {
    const take = entryOf(place, 'take', takeBody(amount, over));
    expect(await told(take)).to.deep.equal(['stored']);
    return take;
  };

  it('has on its table what was taken lately and not eaten, until it is sorted', async () => {
    const place = await group.stand('nettle', { patch: { name: 'Mill hedge' } });
    const take = await taken(place);
    await taken(place, 5, { eatenOnTheSpot: true });
    const old = entryOf(place, 'take', takeBody(9), { day: '2026-04-20' });
    await told(old);
    const mine = async () => (await larder()).table.filter((t) => t.standId === place.standId);
    expect((await mine()).map((t) => [t.id, t.amount, t.patchName])).to.deep.equal([[take.id, 40, 'Mill hedge']]);
    expect((await mine())[0]!.each!.value).to.be.above(0);
    const batch = entryOf(place, 'batch', body([take.id]));
    expect(await told(batch)).to.deep.equal(['stored']);
    expect(await mine()).to.deep.equal([]);
    await told(entryOf(place, 'withdrawal', { reason: '' }, { replaces: batch.id }));
    expect(await mine()).to.have.length(1);
  });
  it('says how a batch stands: what it weighed, what is left, where it is, and by when to use it', async () => {
    const place = await group.stand('nettle');
    const batch = entryOf(place, 'batch', body([(await taken(place)).id], { name: 'Spring tips' }));
    const stored = { batchId: batch.id, step: 'stored', massG: 42, where: 'cellar' } as const;
    expect(
      await told(
        batch,
        entryOf(place, 'batchWeighing', { batchId: batch.id, massG: 90, at: '2026-05-15T20:00:00Z' }),
        entryOf(place, 'batchStep', stored),
        entryOf(place, 'batchStep', { ...stored, step: 'used', massG: 12, where: 'soup' }),
      ),
    ).to.deep.equal(['stored', 'stored', 'stored', 'stored']);
    const shown = (await larder()).batches.find((b) => b.id === batch.id)!;
    expect(shown).to.deep.include({ state: 'kept', leftG: 30, where: 'cellar', storedOn: '2026-05-15', mine: true });
    expect(shown.bestBefore).to.equal('2027-05-15');
    expect(shown.weighings.map((w) => w.massG)).to.deep.equal([200, 90]);
    expect(shown.noted.map((s) => [s.step, s.massG, s.mine])).to.deep.equal([
      ['weighed', 90, true],
      ['stored', 42, true],
      ['used', 12, true],
    ]);
    expect(shown.cautions.length).to.be.above(0);
  });
  it('takes no batch of what is not there, of another part, or twice of the same; and nothing of one that is gone', async () => {
    const place = await group.stand('nettle');
    const take = await taken(place);
    const refused = async (over: Partial<EntryBodies['batch']>, at: Partial<Entry> = {}) =>
      (await told(entryOf(place, 'batch', body([take.id], over), at)))[0];
    expect(await refused({ parents: [newId()] })).to.equal('notFound');
    expect(await refused({ parents: [take.id, take.id] })).to.equal('parentTwice');
    expect(await refused({ parents: [] })).to.equal('missing');
    expect(await refused({ part: 'sap' })).to.equal('unknownPart');
    expect(await refused({ form: null })).to.equal('formMissing');
    const half = { reason: 'woody', share: 0.6 } as const;
    expect(await refused({ out: [half, half] })).to.equal('moreThrownThanThere');
    expect(await refused({ out: [half, { reason: 'old', share: 0.5 }] })).to.equal('moreThrownThanThere');
    expect(await refused({}, { day: '2026-05-01' })).to.equal('beforeTaken');
    const batch = entryOf(place, 'batch', body([take.id]));
    await told(batch, entryOf(place, 'withdrawal', { reason: '' }, { replaces: batch.id }));
    const weighing = { batchId: batch.id, massG: 90, at: '2026-05-15T20:00:00Z' };
    expect(await told(entryOf(place, 'batchWeighing', weighing))).to.deep.equal(['conflict']);
    expect(await told(entryOf(place, 'batchWeighing', { ...weighing, batchId: take.id }))).to.deep.equal(['notFound']);
    const other = await group.stand('elder');
    const standing = entryOf(place, 'batch', body([take.id]));
    await told(standing);
    expect(await told(entryOf(other, 'batchWeighing', { ...weighing, batchId: standing.id }))).to.deep.equal([
      'notFound',
    ]);
  });
  it('stays sorted when the take is put right afterwards, twice', async () => {
    const place = await group.stand('nettle');
    const take = await taken(place);
    const batch = entryOf(place, 'batch', body([take.id]));
    const once = entryOf(place, 'take', takeBody(30), { replaces: take.id });
    const twice = entryOf(place, 'take', takeBody(28), { replaces: once.id });
    expect(await told(batch, once, twice)).to.deep.equal(['stored', 'stored', 'stored']);
    const view = await larder();
    expect(view.table.filter((t) => t.standId === place.standId)).to.deep.equal([]);
    expect(view.batches.find((b) => b.id === batch.id)!.body.parents).to.deep.equal([twice.id]);
  });
  it('learns at the table what one weighs and what a handful holds, and says it of the next take', async () => {
    const place = await group.stand('nettle');
    const other = await group.stand('nettle', { patch: { name: 'Far side' } });
    const before = await taken(place, 100);
    const known = (await larder()).table.find((t) => t.id === before.id)!.each!;
    expect(known.n).to.equal(0);
    const sorted = (take: Entry, massG: number, at = place) =>
      entryOf(at, 'batch', body([take.id], { massG, washed: false }));
    await told(sorted(before, 100 * 3 * known.value));
    const handfuls = await taken(other, 60, { countedBy: { vessel: 'handful', count: 4, holds: 15 } });
    await told(sorted(handfuls, 4 * 20 * known.value, other));
    const byScale = await taken(place, 500, { measure: 'gram' });
    await told(sorted(byScale, 480));
    const next = await taken(other, 10);
    const view = await larder();
    const [unit] = view.units;
    expect(view.units).to.have.lengthOf(1);
    expect(unit).to.deep.include({ plantKey: 'nettle', part: 'tip' });
    expect(unit!.each.n).to.equal(1);
    expect(unit!.each.value).to.be.within(known.value * 1.1, known.value * 3);
    const [{ vessel, holds }] = unit!.vessels as [UnitLearned['vessels'][number]];
    // Twenty as heavy as was thought before; they are heavier, so it is fewer.
    expect([vessel, holds.n]).to.deep.equal(['handful', 1]);
    expect(holds.value).to.be.closeTo((20 * known.value) / unit!.each.value, 0.3);
    expect(holds.low).to.be.below(holds.value);
    const waiting = view.table.find((t) => t.id === next.id)!;
    expect(waiting.each).to.deep.equal(unit!.each);
  });
  it('hands what was noted of a take to whoever may put it right, and to nobody else', async () => {
    const place = await group.stand('nettle', { patch: { secret: true } });
    await taken(place, 4, { note: 'left of the old gate' });
    const [picker, keeper] = [await group.join('picker'), group.keeper];
    const said = async (who: typeof keeper) => (await larder(who)).table.map((t) => t.said?.body.note ?? null);
    expect(await said(keeper)).to.deep.equal(['left of the old gate']);
    expect(await said(picker)).to.deep.equal([null]);
  });
  it('names a secret place only to those who may know it', async () => {
    const place = await group.stand('nettle', { patch: { name: 'Under the oak', secret: true } });
    await told(entryOf(place, 'batch', body([(await taken(place)).id])));
    await taken(place);
    const picker = await group.join('picker');
    const seen = JSON.stringify(await larder(picker));
    expect(seen).not.to.include('Under the oak');
    expect(seen).to.include(place.standId);
    expect(JSON.stringify(await larder())).to.include('Under the oak');
  });
  it('changes nothing of what a stand may give, nor of what was counted', async () => {
    const place = await group.stand('nettle');
    const take = await taken(place);
    const stand = async () => {
      const { outlooks, count } = await group.get<StandView>(`stands/${place.standId}`);
      return { outlooks, count };
    };
    const before = await stand();
    await told(entryOf(place, 'batch', body([take.id], { out: [{ reason: 'woody', share: 0.25 }] })));
    expect(await stand()).to.deep.equal(before);
  });
});
