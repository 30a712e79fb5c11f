import { expect } from 'chai';
import type { EntryResult, StandView } from '@emberfield/contract';
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

describe('what is set aside for today', () => {
  let server: TestServer;
  let groupId: string;
  let keeper: Person;
  let pickers: Person[];
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
    groupId = await emptyGroup(server);
    keeper = await person(server, [[groupId, 'keeper']]);
    pickers = [];
    for (let i = 0; i < 20; i++) pickers.push(await person(server, [[groupId, 'picker']]));
  });
  type Place = Awaited<ReturnType<typeof standOf>>;
  /** Nettles: 30 of 100 stay for others. */
  async function nettles(plants: number): Promise<Place> {
    const place = await standOf(server, keeper, groupId, 'nettle');
    const body = { method: 'complete', plants, mature: null, flowering: null } as const;
    await send(server, keeper, groupId, [entryOf(place, 'census', body, { day: '2026-05-01' })]);
    return place;
  }
  const view = async (place: Place, who = keeper): Promise<StandView> =>
    (await as(server, who, 'get', `/api/groups/${groupId}/stands/${place.standId}`).expect(200)).body as StandView;
  const left = async (place: Place, who = keeper) =>
    (await view(place, who)).outlooks.find((o) => o.part === 'tip')!.allowance;
  const hold = async (place: Place, who: Person, amount: number, day = TODAY): Promise<EntryResult> =>
    (await send(server, who, groupId, [entryOf(place, 'hold', { part: 'tip', amount }, { day })]))[0]!;
  const take = async (place: Place, who: Person, amount: number): Promise<EntryResult> =>
    (await send(server, who, groupId, [entryOf(place, 'take', takeBody(amount, { plants: null }))]))[0]!;
  const verdict = (r: EntryResult): string => (r.status === 'needsAttention' ? r.code : (r.take?.verdict ?? ''));

  it('is not left for the others, who are told whose it is, and is for oneself', async () => {
    const place = await nettles(15);
    const [one, other] = pickers as [Person, Person];
    expect(await hold(place, one, 7)).to.include({ status: 'stored' });
    expect(await left(place, one)).to.include({ amountLeft: 10 });
    expect(await left(place, other)).to.include({ amountLeft: 3, heldAmount: 7 });
    const [seen] = (await view(place, other)).holds;
    expect(seen).to.deep.include({ part: 'tip', amount: 7, ownIds: [] });
    expect((await view(place, one)).holds[0]!.ownIds).to.have.length(1);
    expect(verdict(await take(place, other, 4))).to.equal('over');
    expect(verdict(await take(place, one, 6))).to.equal('within');
  });
  it('is no more than is left, of today, and of those who may take', async () => {
    const place = await nettles(15);
    const [one, other] = pickers as [Person, Person];
    expect(verdict(await hold(place, one, 11))).to.equal('moreThanLeft');
    await hold(place, one, 6);
    expect(verdict(await hold(place, one, 5))).to.equal('moreThanLeft');
    expect(verdict(await hold(place, other, 5))).to.equal('moreThanLeft');
    expect(verdict(await hold(place, other, 4, '2026-05-14'))).to.equal('holdsToday');
    const uncounted = await standOf(server, keeper, groupId, 'nettle');
    expect(verdict(await hold(uncounted, one, 1)), 'nobody knows how much is left').to.equal('moreThanLeft');
    const watcher = await person(server, [[groupId, 'watcher']]);
    await as(server, watcher, 'post', `/api/groups/${groupId}/sync`)
      .send({ entries: [entryOf(place, 'hold', { part: 'tip', amount: 1 })] })
      .expect(403);
  });
  it('is corrected: what it was does not count against what it is to be', async () => {
    const place = await nettles(15);
    const [one, other] = pickers as [Person, Person];
    const entry = entryOf(place, 'hold', { part: 'tip', amount: 7 });
    await send(server, one, groupId, [entry]);
    const again = entryOf(place, 'hold', { part: 'tip', amount: 9 }, { replaces: entry.id });
    expect((await send(server, one, groupId, [again]))[0]).to.include({ status: 'stored' });
    expect((await left(place, other)).amountLeft).to.equal(1);
  });
  it('is let go by being taken back', async () => {
    const place = await nettles(15);
    const [one, other] = pickers as [Person, Person];
    const entry = entryOf(place, 'hold', { part: 'tip', amount: 7 });
    await send(server, one, groupId, [entry]);
    await send(server, one, groupId, [entryOf(place, 'withdrawal', { reason: '' }, { replaces: entry.id })]);
    expect((await left(place, other)).amountLeft).to.equal(10);
    expect((await view(place)).holds).to.deep.equal([]);
  });
  it('asked for by twenty at once is given to as many as there is', async () => {
    const place = await nettles(100);
    const { amountLeft } = await left(place);
    const results = await Promise.all(pickers.map((p) => hold(place, p, 10)));
    const given = results.filter((r) => r.status === 'stored').length;
    expect(given).to.equal(Math.floor(amountLeft! / 10));
    expect((await left(place)).amountLeft).to.equal(amountLeft! - 10 * given);
  });
  it('and two hundred takes at once by twenty people never come to more within than there was', async function () {
    this.timeout(120_000);
    const place = await nettles(100);
    const { amountLeft } = await left(place);
    await hold(place, pickers[0]!, 10);
    const results = (
      await Promise.all(pickers.map(async (p) => Promise.all(Array.from({ length: 10 }, () => take(place, p, 1)))))
    ).map((of) => of.map(verdict));
    const within = results.flat().filter((v) => v === 'within').length;
    expect(results.flat().filter((v) => v === 'over')).to.have.length(200 - within);
    expect(within).to.equal(amountLeft);
    // Whoever had set their ten aside got them, whenever they came.
    expect(results[0]!.every((v) => v === 'within')).to.equal(true);
    expect((await left(place)).takenAmount).to.equal(200);
  });
});
