import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import type { StandProof } from '@emberfield/contract';
import {
  as,
  emptyGroup,
  entryOf,
  person,
  send,
  standOf,
  testServer,
  type Person,
  type TestServer,
} from '../testing/test-server.ts';

describe('how far off the dates of a stand were', () => {
  let server: TestServer;
  let groupId: string;
  let keeper: Person;
  let place: Awaited<ReturnType<typeof standOf>>;
  before(async function () {
    this.timeout(120_000);
    server = await testServer();
  });
  beforeEach(async () => {
    groupId = await emptyGroup(server);
    keeper = await person(server, [[groupId, 'keeper']]);
    place = await standOf(server, keeper, groupId, 'elder');
  });
  const proof = async (who: Person = keeper): Promise<StandProof> =>
    (await as(server, who, 'get', `/api/groups/${groupId}/stands/${place.standId}/proof`).expect(200))
      .body as StandProof;
  /** First flowers seen to come between two days of May. */
  const came = (year: number, after: number, by: number) =>
    send(
      server,
      keeper,
      groupId,
      [after, by].map((day, reached) =>
        entryOf(
          place,
          'stageSighting',
          { stage: 'firstFlowers', reached: reached === 1, share: null },
          { day: `${year}-05-${String(day).padStart(2, '0')}` },
        ),
      ),
    );

  it('says nothing before there is something to compare', async () => {
    await came(2025, 13, 17);
    const { scores, trials, doubtful } = await proof();
    expect(scores).to.equal(null);
    expect(trials.map((t) => [t.stage, t.season, t.lastYear])).to.deep.equal([['firstFlowers', 2025, null]]);
    expect(doubtful).to.deep.equal([]);
  });
  it('forecasts each season from the ones before, and holds it against last year’s date', async () => {
    for (const [year, after, by] of [
      [2022, 17, 20],
      [2023, 24, 27],
      [2024, 16, 19],
      [2025, 24, 27],
    ] as const)
      await came(year, after, by);
    const { trials, daysBefore, scores } = await proof();
    expect(daysBefore).to.equal(14);
    expect(scores).to.include({ seasons: 3, trials: 3 });
    // Each season came 6 to 9 days beside the last: 18–20, 25–27, 17–19 and 25–27 May.
    expect(scores!.lastYear).to.be.within(6, 8);
    expect(scores!.forecast).to.be.below(scores!.lastYear);
    const of2025 = trials.find((t) => t.season === 2025)!;
    expect(of2025).to.include({ issued: '2025-05-12', after: '2025-05-24', by: '2025-05-27', lastYear: '2025-05-19' });
    expect(of2025.lastYearMiss).to.equal(-7);
    const of2022 = trials.find((t) => t.season === 2022)!;
    expect(of2022.lastYear).to.equal(null);
  });
  it('names the sighting that the others speak against, until it is taken back', async () => {
    for (const year of [2021, 2022, 2023, 2024]) await came(year, 14, 17);
    const slip = entryOf(
      place,
      'stageSighting',
      { stage: 'firstFlowers', reached: true, share: null },
      { day: '2025-02-20' },
    );
    await send(server, keeper, groupId, [slip]);
    const { doubtful } = await proof();
    expect(doubtful).to.deep.equal([
      { stage: 'firstFlowers', stageName: doubtful[0]!.stageName, season: 2025, after: null, by: '2025-02-20' },
    ]);
    await send(server, keeper, groupId, [entryOf(place, 'withdrawal', { reason: '' }, { replaces: slip.id })]);
    expect((await proof()).doubtful).to.deep.equal([]);
  });
  it('is for everyone of the group, and nobody else', async () => {
    const watcher = await person(server, [[groupId, 'watcher']]);
    expect(await proof(watcher)).to.deep.equal(await proof());
    const stranger = await person(server, [[await emptyGroup(server), 'keeper']]);
    const path = `/api/groups/${groupId}/stands`;
    await as(server, stranger, 'get', `${path}/${place.standId}/proof`).expect(404);
    await as(server, keeper, 'get', `${path}/${newId()}/proof`).expect(404);
  });
});
