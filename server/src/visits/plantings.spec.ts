import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import type {
  Entry,
  EntryBodies,
  EntryResult,
  HearthView,
  PlantingSeen,
  StandKit,
  StandView,
} from '@emberfield/contract';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import { cohortsOn, unpackBook } from '@emberfield/core/stand';
import { openedGroup } from '../testing/opened-group.ts';
import { entryOf, send, takeBody, TODAY } from '../testing/test-server.ts';

const planted = (over: Partial<EntryBodies['planting']> = {}): EntryBodies['planting'] => ({
  way: 'crown',
  number: 10,
  source: 'here',
  fromStandId: null,
  takeId: null,
  minutes: 20,
  note: '',
  ...over,
});
const looked = (plantingId: string, alive: number, over: Partial<EntryBodies['plantingCheck']> = {}) => ({
  plantingId,
  alive,
  flowering: 0,
  note: '',
  ...over,
});
const saidOf = (results: readonly EntryResult[]) =>
  results.map((r) => (r.status === 'needsAttention' ? r.code : r.status));

describe('plantings', () => {
  const group = openedGroup();
  type Place = Awaited<ReturnType<typeof group.stand>>;
  const cohorts = async ({ standId }: Place, day = TODAY) =>
    cohortsOn(unpackBook((await group.get<StandKit>(`stands/${standId}/kit`)).book), dayNumber(day));
  const plantedAt = async (place: Place, day: string, over: Partial<EntryBodies['planting']> = {}): Promise<Entry> => {
    const entry = entryOf(place, 'planting', planted(over), { day });
    expect(saidOf(await group.tell(entry))).to.deep.equal(['stored']);
    return entry;
  };

  it('are followed: looked at, they say how many live, and what was looked at is not due', async () => {
    const place = await group.stand('valerian');
    const { id } = await plantedAt(place, '2025-10-01');
    const due = async () => (await cohorts(place)).map((c) => c.due && isoDay(c.due));
    expect(await due()).to.deep.equal(['2025-10-31']);
    await group.tell(entryOf(place, 'plantingCheck', looked(id, 8), { day: '2025-10-28' }));
    expect(await due()).to.deep.equal(['2026-04-20']);
    await group.tell(entryOf(place, 'plantingCheck', looked(id, 5, { flowering: 1 }), { day: '2026-05-10' }));
    const [cohort] = await cohorts(place);
    expect(cohort).to.deep.include({ alive: 5, due: null });
    expect(cohort!.toFlower).to.be.within(1, 5);
  });
  it('are told of together, with what lived a year on, and by the name of their place that the reader may know', async () => {
    const open = await group.stand('valerian', { patch: { name: 'Reed bed' } });
    const secret = await group.stand('nettle', { patch: { name: 'Under the oak', secret: true } });
    const { id } = await plantedAt(open, '2025-05-01');
    await plantedAt(secret, '2026-04-01', { way: 'division', number: 3 });
    await group.tell(entryOf(open, 'plantingCheck', looked(id, 8), { day: '2025-10-28' }));
    const seen = (who = group.keeper) => group.get<readonly PlantingSeen[]>('plantings', who);
    expect((await seen()).map((p) => [p.patchName, p.planted, p.alive])).to.deep.equal([
      ['Reed bed', 10, null],
      ['Under the oak', 3, null],
    ]);
    await group.tell(entryOf(open, 'plantingCheck', looked(id, 6), { day: '2026-04-20' }));
    expect((await seen())[0]!.alive).to.equal(6);
    expect((await seen(await group.join('picker'))).map((p) => p.patchName)).not.to.include('Under the oak');
  });
  it('fall due as a duty of the day, which leaves with the look', async () => {
    const place = await group.stand('valerian');
    const { id } = await plantedAt(place, '2026-04-01');
    const duty = async () =>
      (await group.get<HearthView>('hearth')).duties.find((d) => d.kind === 'checkPlanting') ?? null;
    expect(await duty()).to.deep.equal({
      kind: 'checkPlanting',
      standId: place.standId,
      plantingId: id,
      way: 'crown',
      number: 10,
      planted: '2026-04-01',
      due: '2026-05-01',
    });
    await group.tell(entryOf(place, 'plantingCheck', looked(id, 0)));
    expect(await duty()).to.equal(null);
  });
  it('that were corrected keep what was seen of them; withdrawn they and their looks are gone', async () => {
    const place = await group.stand('valerian');
    const first = await plantedAt(place, '2025-10-01');
    await group.tell(entryOf(place, 'plantingCheck', looked(first.id, 7), { day: '2025-11-01' }));
    const corrected = entryOf(place, 'planting', planted({ number: 12 }), { day: '2025-10-02', replaces: first.id });
    await group.tell(corrected);
    const [cohort] = await cohorts(place);
    expect(cohort).to.deep.include({ id: corrected.id, number: 12, alive: 7 });
    await group.tell(entryOf(place, 'withdrawal', { reason: '' }, { replaces: corrected.id }));
    expect(await cohorts(place)).to.deep.equal([]);
    const late = entryOf(place, 'plantingCheck', looked(corrected.id, 3));
    expect(saidOf(await group.tell(late))).to.deep.equal(['notFound']);
  });
  it('are refused of an invader, and out of the wild into a garden where a plant is under pressure', async () => {
    const [knotweed, wild, garden] = [
      await group.stand('knotweed'),
      await group.stand('yellow-gentian'),
      await group.stand('yellow-gentian', { patch: { tended: true } }),
    ];
    const from = (place: Place, over: Partial<EntryBodies['planting']>) =>
      group.tell(entryOf(place, 'planting', planted(over))).then(saidOf);
    expect(await from(knotweed, {})).to.deep.equal(['invader']);
    const moved = { source: 'otherStand' } as const;
    expect(await from(garden, { ...moved, fromStandId: wild.standId })).to.deep.equal(['wildToGarden']);
    expect(await from(wild, { ...moved, fromStandId: garden.standId })).to.deep.equal(['stored']);
    expect(await from(garden, { source: 'bought' })).to.deep.equal(['stored']);
  });
  it('come from a stand of the same plant in the same group', async () => {
    const [place, other] = [await group.stand('valerian'), await group.stand('nettle')];
    const from = (fromStandId: string | null) =>
      group.tell(entryOf(place, 'planting', planted({ source: 'otherStand', fromStandId }))).then(saidOf);
    expect(await from(other.standId)).to.deep.equal(['otherPlant']);
    expect(await from(newId())).to.deep.equal(['notFound']);
    expect(await from(null)).to.deep.equal(['sourceMissing']);
  });
  it('are looked at here, after they were planted, and no more live than were', async () => {
    const [place, elsewhere] = [await group.stand('valerian'), await group.stand('valerian')];
    const { id } = await plantedAt(place, '2026-04-01');
    const look = (at: Place, alive: number, over: object = {}, day = TODAY) =>
      group.tell(entryOf(at, 'plantingCheck', looked(id, alive, over), { day })).then(saidOf);
    expect(await look(place, 11)).to.deep.equal(['moreThanPlanted']);
    expect(await look(place, 3, { flowering: 4 })).to.deep.equal(['moreFlowerThanLive']);
    expect(await look(place, 3, {}, '2026-03-31')).to.deep.equal(['beforePlanted']);
    expect(await look(elsewhere, 3)).to.deep.equal(['notFound']);
    expect((await cohorts(place))[0]!.checks).to.deep.equal([]);
    const watcher = await group.join('watcher');
    await send(group.server, watcher, group.groupId, [entryOf(place, 'plantingCheck', looked(id, 3))]).then(
      () => expect.fail('a watcher noted something'),
      () => undefined,
    );
  });
  it('go with the take that they were part of, and the take is reckoned as before', async () => {
    const place = await group.stand('valerian');
    const take = entryOf(place, 'take', takeBody(3, { part: 'root', plants: 3, killed: 3 }));
    await group.tell(take, entryOf(place, 'planting', planted({ number: 3, takeId: take.id })));
    const { takes, entries } = await group.get<StandView>(`stands/${place.standId}`);
    expect(takes).to.have.length(1);
    expect(entries.find((e) => e.kind === 'planting')!.body).to.include({ takeId: take.id });
  });
});

describe('the takes of a stand', () => {
  const group = openedGroup();
  it('are all told, however long its record is, as they stood when they were stored', async () => {
    const place = await group.stand('nettle');
    const days = Array.from({ length: 12 }, (_, i) => `20${14 + i}-05-05`);
    await group.tellAll(days.map((day) => entryOf(place, 'take', takeBody(2), { day })));
    for (let page = 0; page < 3; page++)
      await group.tellAll(
        Array.from({ length: 50 }, (_, i) => entryOf(place, 'note', { text: `note ${i}` }, { day: '2026-05-10' })),
      );
    const { takes, entries } = await group.get<StandView>(`stands/${place.standId}`);
    expect(
      entries.some((e) => e.kind === 'take'),
      'the first page holds none of them',
    ).to.equal(false);
    expect(takes.map((t) => t.day)).to.deep.equal(days);
    expect(takes.every((t) => t.part === 'tip' && t.amount === 2)).to.equal(true);
    const then = await group.get<StandView>(`stands/${place.standId}?day=2024-01-01`);
    expect(then.takes).to.have.length(10);
  });
});
