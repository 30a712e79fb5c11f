import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import type { AllowanceView, EntryResult, EntryView, PartOutlook, StandView } from '@emberfield/contract';
import {
  as,
  emptyGroup,
  entryOf,
  person,
  send,
  standOf,
  takeBody,
  testServer,
  TODAY,
  type Person,
  type TestServer,
} from '../testing/test-server.ts';

describe('takes', () => {
  let server: TestServer;
  let groupId: string;
  let keeper: Person;
  let picker: Person;
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
    groupId = await emptyGroup(server);
    keeper = await person(server, [[groupId, 'keeper']]);
    picker = await person(server, [[groupId, 'picker']]);
  });

  /** Nettles, counted: 30 % stay for others. 15 plants of one tip each leave 10. */
  async function nettles(plants = 15) {
    const place = await standOf(server, keeper, groupId, 'nettle');
    await send(server, keeper, groupId, [
      entryOf(place, 'census', { method: 'complete', plants, mature: null, flowering: null }, { day: '2026-05-01' }),
    ]);
    return place;
  }
  const verdictOf = (r: EntryResult | undefined) => (r && r.status !== 'needsAttention' ? r.take!.verdict : r?.code);
  const tips = async (standId: string, query = ''): Promise<PartOutlook> =>
    (
      (await as(server, keeper, 'get', `/api/groups/${groupId}/stands/${standId}${query}`).expect(200))
        .body as StandView
    ).outlooks.find((o) => o.part === 'tip')!;

  it('count against the allowance, and say what they left', async () => {
    const place = await nettles();
    expect((await tips(place.standId)).allowance).to.include({ kind: 'counted', amount: 10, amountLeft: 10 });
    const [result] = await send(server, picker, groupId, [entryOf(place, 'take', takeBody(4))]);
    expect(result).to.deep.include({ status: 'stored' });
    expect((result as { take: object }).take).to.include({ verdict: 'within', leftBefore: 10, leftAfter: 6 });
    expect((await tips(place.standId)).allowance.amountLeft).to.equal(6);
  });
  it('over the allowance are kept, marked over, with the rule that held', async () => {
    const place = await nettles();
    const results = await send(server, picker, groupId, [
      entryOf(place, 'take', takeBody(8)),
      entryOf(place, 'take', takeBody(5, { overReason: 'already picked' })),
    ]);
    expect(results.map(verdictOf)).to.deep.equal(['within', 'over']);
    const [, over] = results;
    expect(over?.status === 'stored' && over.take!.allowance.ceilings.find((c) => c.binding)!.kind).to.equal(
      'leaveForOthers',
    );
    expect((await tips(place.standId)).allowance.amountLeft).to.equal(0);
  });
  it('forty at once from several sessions against an allowance of ten: ten within, thirty over, none lost', async function () {
    this.timeout(60_000);
    const place = await nettles();
    const people = await Promise.all(Array.from({ length: 5 }, () => person(server, [[groupId, 'picker']])));
    const results = await Promise.all(
      Array.from({ length: 40 }, (_, i) =>
        send(server, people[i % 5]!, groupId, [entryOf(place, 'take', takeBody(1))]),
      ),
    );
    const verdicts = results.map(([r]) => verdictOf(r));
    expect(verdicts.filter((v) => v === 'within')).to.have.length(10);
    expect(verdicts.filter((v) => v === 'over')).to.have.length(30);
    const { entries } = (await as(server, keeper, 'get', `/api/groups/${groupId}/stands/${place.standId}/entries`))
      .body as { entries: EntryView[] };
    expect(entries.filter((e) => e.kind === 'take')).to.have.length(40);
    const over = entries.filter((e) => e.take?.verdict === 'over');
    expect(over.every((e) => e.take!.allowance.ceilings.some((c) => c.binding))).to.equal(true);
  });
  it('sent twice are stored once and answered the same; with another content the key is refused', async () => {
    const place = await nettles();
    const entry = entryOf(place, 'take', takeBody(3));
    const [first] = await send(server, picker, groupId, [entry]);
    const [second] = await send(server, picker, groupId, [entry]);
    expect(second).to.deep.equal({ ...first, status: 'alreadyThere' });
    const [third] = await send(server, picker, groupId, [{ ...entry, body: takeBody(9) }]);
    expect(third).to.include({ status: 'needsAttention', code: 'idTaken' });
    expect((await tips(place.standId)).allowance.amountLeft).to.equal(7);
  });
  it('the same take sent five times at once is stored once', async () => {
    const place = await nettles();
    const entry = entryOf(place, 'take', takeBody(3));
    const all = await Promise.all(Array.from({ length: 5 }, () => send(server, picker, groupId, [entry])));
    expect(all.filter(([r]) => r!.status === 'stored')).to.have.length(1);
    expect(all.filter(([r]) => r!.status === 'alreadyThere')).to.have.length(4);
  });
  it('taken back free the allowance again, once, and stay in the record', async () => {
    const place = await nettles();
    const entry = entryOf(place, 'take', takeBody(7));
    await send(server, picker, groupId, [entry]);
    const undo = () => entryOf(place, 'withdrawal', { reason: '' }, { replaces: entry.id });
    const [stored] = await send(server, picker, groupId, [undo()]);
    expect(stored!.status).to.equal('stored');
    expect((await tips(place.standId)).allowance.amountLeft).to.equal(10);
    const [again] = await send(server, picker, groupId, [undo()]);
    expect(again).to.include({ status: 'needsAttention', code: 'conflict' });
    const view = (await as(server, keeper, 'get', `/api/groups/${groupId}/stands/${place.standId}`)).body as StandView;
    expect(view.entries.find((e) => e.id === entry.id)!.standing).to.equal('withdrawn');
  });
  it('corrected are judged without what they replace', async () => {
    const place = await nettles();
    const entry = entryOf(place, 'take', takeBody(8));
    await send(server, picker, groupId, [entry]);
    const [corrected] = await send(server, picker, groupId, [
      entryOf(place, 'take', takeBody(9), { replaces: entry.id }),
    ]);
    expect(verdictOf(corrected)).to.equal('within');
    expect((await tips(place.standId)).allowance.amountLeft).to.equal(1);
  });
  it('of others are not a picker’s to take back, but a keeper’s', async () => {
    const place = await nettles();
    const entry = entryOf(place, 'take', takeBody(2));
    await send(server, keeper, groupId, [entry]);
    const [refused] = await send(server, picker, groupId, [
      entryOf(place, 'withdrawal', { reason: '' }, { replaces: entry.id }),
    ]);
    expect(refused).to.include({ status: 'needsAttention', code: 'notAllowed' });
    const own = entryOf(place, 'take', takeBody(2));
    await send(server, picker, groupId, [own]);
    const [allowed] = await send(server, keeper, groupId, [
      entryOf(place, 'withdrawal', { reason: '' }, { replaces: own.id }),
    ]);
    expect(allowed!.status).to.equal('stored');
  });
  it('weighed are turned to units, and losses lower what is left', async () => {
    const place = await nettles(100);
    await send(server, picker, groupId, [entryOf(place, 'take', takeBody(30, { measure: 'gram' }))]);
    expect((await tips(place.standId)).allowance).to.include({ amount: 70, takenAmount: 10 });
    await send(server, picker, groupId, [entryOf(place, 'loss', { cause: 'grazed', share: 0.5, note: '' })]);
    expect((await tips(place.standId)).allowance.amount).to.equal(35);
  });
  it('of flower heads cost berries later', async () => {
    const place = await standOf(server, keeper, groupId, 'elder');
    await send(server, keeper, groupId, [
      entryOf(place, 'census', { method: 'complete', plants: 3, mature: null, flowering: null }, { day: '2026-05-01' }),
      entryOf(place, 'take', takeBody(12, { part: 'flower' })),
    ]);
    const view = (await as(server, keeper, 'get', `/api/groups/${groupId}/stands/${place.standId}`)).body as StandView;
    expect(view.outlooks.find((o) => o.part === 'fruit')!.allowance).to.include({
      amount: 60,
      takenAmount: 12,
      amountLeft: 48,
    });
  });
  it('of days to come are refused, those of days past are kept; one bad entry does not hold up the others', async () => {
    const place = await nettles();
    const results = await send(server, picker, groupId, [
      entryOf(place, 'take', takeBody(1), { day: '2026-05-16' }),
      entryOf(place, 'take', takeBody(1), { day: '2026-05-02' }),
      { nonsense: true },
      entryOf(place, 'take', takeBody(1, { part: 'sap' })),
      entryOf(place, 'stageSighting', { stage: 'nowhere', reached: true, share: null }),
      entryOf({ ...place, standId: newId() }, 'take', takeBody(1)),
    ]);
    expect(results.map((r) => (r.status === 'needsAttention' ? r.code : r.status))).to.deep.equal([
      'futureDay',
      'stored',
      'unknownField',
      'unknownPart',
      'unknownStage',
      'notFound',
    ]);
    for (const r of results) if (r.status === 'needsAttention') expect(r.message).to.match(/[a-z]{3,}.*[.]/i);
  });
  it('are nothing where the identity is open, the stand rests or the plant is protected — and reality is still kept', async () => {
    const cases = [
      await standOf(server, keeper, groupId, 'ramsons', { identity: 'provisional' }),
      await standOf(server, keeper, groupId, 'nettle', { restUntil: '2027-01-01' }),
      await standOf(server, keeper, groupId, 'arnica'),
    ];
    for (const [i, part] of (['leaf', 'tip', 'flower'] as const).entries()) {
      const [result] = await send(server, picker, groupId, [entryOf(cases[i]!, 'take', takeBody(1, { part }))]);
      expect(verdictOf(result), part).to.equal('over');
    }
  });
  it('keep the allowance as it was when they were stored', async () => {
    const place = await nettles();
    const entry = entryOf(place, 'take', takeBody(2));
    await send(server, picker, groupId, [entry]);
    await send(server, keeper, groupId, [
      entryOf(place, 'census', { method: 'complete', plants: 60, mature: null, flowering: null }),
    ]);
    const view = (await as(server, keeper, 'get', `/api/groups/${groupId}/stands/${place.standId}`)).body as StandView;
    expect(view.entries.find((e) => e.id === entry.id)!.take!.allowance.amount).to.equal(10);
    expect(view.outlooks.find((o) => o.part === 'tip')!.allowance.amount).to.equal(42);
  });
  it('of a day are seen from that day on, not from the days before', async () => {
    const place = await nettles();
    await send(server, picker, groupId, [entryOf(place, 'take', takeBody(4), { day: '2026-05-10' })]);
    expect((await tips(place.standId, '?day=2026-05-09')).allowance.amountLeft).to.equal(10);
    expect((await tips(place.standId, `?day=${TODAY}`)).allowance.amountLeft).to.equal(6);
  });
  it('are judged by the way in which they were taken, and kill by its chance', async () => {
    // Of a group without the rules that were set above.
    const group = await emptyGroup(server);
    const alone = await person(server, [[group, 'keeper']]);
    const place = await standOf(server, alone, group, 'dandelion');
    await send(server, alone, group, [
      entryOf(
        place,
        'census',
        { method: 'complete', plants: 200, mature: null, flowering: null },
        { day: '2026-05-01' },
      ),
    ]);
    const root = (over: object) => entryOf(place, 'take', takeBody(1, { part: 'root', plants: 20, ...over }));
    const [unknown] = await send(server, alone, group, [root({ method: 'sideRoots' })]);
    expect(unknown).to.deep.include({ status: 'needsAttention', code: 'unknownMethod' });
    const [left] = await send(server, alone, group, [root({ method: 'lowerLeft' })]);
    const judged = (r: EntryResult | undefined) => (r as { take: { allowance: AllowanceView } }).take.allowance;
    const [whole] = await send(server, alone, group, [root({ method: 'usual', amount: 20 })]);
    expect([left, whole].map((r) => judged(r).perPlant)).to.deep.equal([0.65, 1]);
    expect(judged(whole).plantsLeft, 'twenty of sixty were touched').to.equal(40);
    const view = (await as(server, alone, 'get', `/api/groups/${group}/stands/${place.standId}`)).body as StandView;
    const leaf = view.outlooks.find((o) => o.part === 'leaf')!;
    // Of twenty whose lower root stayed seven die, of twenty that were lifted all.
    expect(leaf.allowance.plantsStanding).to.equal(200 - 7 - 20);
    const of = view.outlooks.find((o) => o.part === 'root')!;
    expect(of.otherMethods?.map((m) => m.method)).to.deep.equal(['lowerLeft']);
  });
});
