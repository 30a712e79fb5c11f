import { expect } from 'chai';
import type { EntryBodies, LedgerView } from '@emberfield/contract';
import { openedGroup } from '../testing/opened-group.ts';
import { entryOf, send, takeBody } from '../testing/test-server.ts';

describe('the ledger', () => {
  const group = openedGroup();
  type Place = Awaited<ReturnType<typeof group.stand>>;
  const ledger = (season: number | null = 2026, who = group.keeper) =>
    group.get<LedgerView>(`ledger${season === null ? '' : `?season=${season}`}`, who);
  const count = (plants: number): EntryBodies['census'] => ({
    method: 'complete',
    plants,
    mature: null,
    flowering: null,
  });
  const counted = (place: Place, plants: number, day: string) =>
    group.tell(entryOf(place, 'census', count(plants), { day }));
  const tip = (view: LedgerView, { standId }: Place) =>
    view.lines.find((l) => l.standId === standId && l.part === 'tip')!;
  const of = (view: LedgerView, { standId }: Place) => view.suggestions.filter((s) => s.standId === standId);

  it('says what was taken of what was allowed, by whom, how long it took and what was thrown away', async () => {
    const place = await group.stand('nettle', { patch: { name: 'Mill hedge' } });
    await counted(place, 100, '2026-05-01');
    const ode = await group.join('picker');
    await group.tell(entryOf(place, 'take', takeBody(20, { minutes: 10, wasteShare: 0.1, quality: 'good' })));
    await send(group.server, ode, group.groupId, [entryOf(place, 'take', takeBody(5, { minutes: null }))]);
    const view = await ledger();
    expect(view).to.deep.include({ season: 2026, seasons: [2026] });
    const line = tip(view, place);
    expect(line).to.deep.include({ takes: 2, amount: 25, allowed: 70, kind: 'counted', state: 'open' });
    expect(line.people.map((p) => p.amount)).to.deep.equal([20, 5]);
    expect(line.timed).to.deep.equal({ takes: 1, minutes: 10, amount: 20 });
    expect([line.wasteShare, line.qualities]).to.deep.equal([0.1, { good: 1 }]);
    expect(line.held).to.include({ kind: 'leaveForOthers', binding: true });
    expect(view.stands.find((s) => s.id === place.standId)).to.include({
      patchName: 'Mill hedge',
      counts: 1,
      plants: 100,
    });
  });
  it('keeps the seasons apart, and has none that has not come', async () => {
    const place = await group.stand('nettle');
    await group.tell(entryOf(place, 'take', takeBody(9), { day: '2025-05-20' }));
    expect((await ledger()).seasons).to.deep.equal([2026, 2025]);
    expect((await ledger(null)).season, 'in spring one looks back on the year before').to.equal(2025);
    expect(tip(await ledger(2025), place)).to.include({ amount: 9, state: 'over' });
    expect(tip(await ledger(), place)?.amount ?? 0).to.equal(0);
    await group.ask('get', 'ledger?season=2027').expect(400);
    await group.ask('get', 'ledger?season=soon').expect(400);
  });
  it('suggests a rest where more was taken than allowed, a count where there is none, and neither once it is done', async () => {
    const place = await group.stand('nettle');
    await counted(place, 10, '2026-05-01');
    await group.tell(entryOf(place, 'take', takeBody(12, { overReason: 'a feast' })));
    expect(of(await ledger(), place)).to.deep.equal([
      { kind: 'rest', standId: place.standId, why: { of: 'over', part: 'tip', taken: 12, allowed: 7 } },
    ]);
    const { version, where, since } = await group.get<{ version: number; where: string; since: null }>(
      `stands/${place.standId}`,
    );
    await group
      .ask('put', `stands/${place.standId}`)
      .send({ version, where, since, restUntil: '2027-12-31', restReason: 'taken too much of' })
      .expect((r) => expect(r.status).to.be.below(300));
    expect(of(await ledger(), place)).to.deep.equal([]);
    const other = await group.stand('nettle');
    await group.tell(entryOf(other, 'take', takeBody(3)));
    expect(of(await ledger(), other)).to.deep.equal([
      { kind: 'count', standId: other.standId, lastCount: null, takes: 1 },
    ]);
    expect((await ledger(2024)).suggestions).to.deep.equal([]);
  });
  it('says of plantings what lives, and how a stand grows by its counts', async () => {
    const place = await group.stand('ramsons');
    await counted(place, 200, '2022-05-01');
    await counted(place, 100, '2026-05-01');
    const planting = entryOf(
      place,
      'planting',
      { way: 'seed', number: 50, source: 'here', fromStandId: null, takeId: null, minutes: null, note: '' },
      { day: '2026-05-02' },
    );
    await group.tell(planting);
    const check = { plantingId: planting.id, alive: 30, flowering: null, note: '' };
    await group.tell(entryOf(place, 'plantingCheck', check, { day: '2026-05-14' }));
    const shown = (await ledger()).stands.find((s) => s.id === place.standId)!;
    expect(shown.plantings.map((p) => [p.number, p.alive])).to.deep.equal([[50, 30]]);
    expect(shown.aYear).to.be.closeTo(-0.16, 0.01);
    expect(shown.shrinks).to.be.above(0.8);
  });
  it('keeps what was taken of a stand that is no longer gone to, and suggests nothing of it', async () => {
    const place = await group.stand('nettle');
    await group.tell(entryOf(place, 'take', takeBody(6)));
    expect(of(await ledger(), place)).to.have.length(1);
    await group.ask('put', `stands/${place.standId}/retirement`).send({ retired: true, why: 'mown' }).expect(204);
    expect(tip(await ledger(), place)).to.include({ amount: 6 });
    expect(of(await ledger(), place)).to.deep.equal([]);
  });
  it('shows a secret place to nobody who may not know it, nor where in it something grows', async () => {
    const place = await group.stand('nettle', {
      patch: { secret: true, name: 'Hidden dell' },
      where: 'below the old mill',
    });
    await group.tell(entryOf(place, 'take', takeBody(4)));
    const watcher = await group.join('watcher');
    const known = JSON.stringify(await ledger(2026, watcher));
    expect(known).not.to.include('Hidden dell').and.not.to.include('old mill');
    expect(JSON.stringify(await ledger()))
      .to.include('Hidden dell')
      .and.to.include('old mill');
  });
});
