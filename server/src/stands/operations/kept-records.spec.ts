import { expect } from 'chai';
import { entriesOfStands } from '../../entries/index.ts';
import {
  emptyGroup,
  entryOf,
  person,
  send,
  standOf,
  takeBody,
  testServer,
  type TestServer,
} from '../../testing/test-server.ts';
import { standById } from '../repository.ts';
import { recordsFor, recordUnderLock, rememberEntry } from './kept-records.ts';

describe('records that are kept', () => {
  let server: TestServer;
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
  });
  it('count a take once, though it was read under the revision before and is remembered after', async () => {
    const { db } = server.deps;
    const groupId = await emptyGroup(server);
    const keeper = await person(server, [[groupId, 'keeper']]);
    const place = await standOf(server, keeper, groupId, 'nettle');
    await send(server, keeper, groupId, [entryOf(place, 'take', takeBody(3))]);
    const row = (await standById(db, groupId, place.standId))!;
    const [entry] = await entriesOfStands(db, [place.standId]);
    // Revisions far off, which nothing else keeps: somebody read the stand's row before the take, and the entries after it.
    const at = (revision: number) => ({ ...row, stand: { ...row.stand, revision } });
    await recordsFor(server.deps, [at(1_000)]);
    rememberEntry(server.deps, at(1_001).stand, entry!);
    const { takes } = await recordUnderLock(server.deps, db, at(1_002).stand);
    expect(takes.map((t) => t.amount)).to.deep.equal([3]);
  });
  it('hold one more after each entry, in the order of their days', async () => {
    const { db } = server.deps;
    const groupId = await emptyGroup(server);
    const keeper = await person(server, [[groupId, 'keeper']]);
    const place = await standOf(server, keeper, groupId, 'nettle');
    const row = (await standById(db, groupId, place.standId))!;
    const at = (revision: number) => ({ ...row, stand: { ...row.stand, revision } });
    await recordsFor(server.deps, [at(1_000)]);
    const [late, early] = [
      entryOf(place, 'take', takeBody(2)),
      entryOf(place, 'take', takeBody(1), { day: '2026-05-02' }),
    ];
    for (const [i, e] of [late, early].entries())
      rememberEntry(server.deps, at(1_001 + i).stand, {
        ...e,
        standId: place.standId,
        by: 'p',
        byId: keeper.accountId,
      });
    const { takes } = await recordUnderLock(server.deps, db, at(1_003).stand);
    expect(takes.map((t) => t.amount)).to.deep.equal([1, 2]);
  });
});
