import { expect } from 'chai';
import type { EntryPage, HearthView, StandView } from '@emberfield/contract';
import { dayNumber } from '@emberfield/core/measure';
import { openedGroup } from '../testing/opened-group.ts';
import { as, emptyGroup, entryOf, person, standOf } from '../testing/test-server.ts';

type Place = Awaited<ReturnType<typeof standOf>>;

describe('what stands learn from each other', () => {
  const group = openedGroup();
  const { get } = group;
  const hearth = () => get<HearthView>('hearth');
  const opensAt = ({ opens }: StandView['outlooks'][number]): number => dayNumber(opens.p50!);
  const flowers = async ({ standId }: Place): Promise<number> =>
    opensAt((await get<StandView>(`stands/${standId}`)).outlooks.find((o) => o.part === 'flower')!);
  const onHearth = async ({ standId }: Place): Promise<number> =>
    opensAt((await hearth()).outlooks.find((o) => o.standId === standId && o.part === 'flower')!);
  /** Full flower seen to come between two days, about three weeks later than the profile says, in four seasons. */
  const late = (place: Place, years = [2022, 2023, 2024, 2025]) =>
    group.tellAll(
      years.flatMap((year) => [
        entryOf(
          place,
          'stageSighting',
          { stage: 'firstFlowers', reached: false, share: null },
          { day: `${year}-06-12` },
        ),
        entryOf(
          place,
          'stageSighting',
          { stage: 'firstFlowers', reached: true, share: null },
          { day: `${year}-06-17` },
        ),
      ]),
    );
  /** Learning anew goes on behind an answer: asked again until it is through, within reason. */
  const until = async (check: () => Promise<boolean>): Promise<boolean> => {
    for (let i = 0; i < 50; i++) {
      if (await check()) return true;
      await new Promise((r) => setTimeout(r, 20));
    }
    return false;
  };

  it('a stand’s own late seasons move it at once', async () => {
    const place = await group.stand('elder');
    const before = await flowers(place);
    await late(place);
    expect(await flowers(place)).to.be.above(before + 9);
  });
  it('another stand of the kind follows, less far, and one of another kind does not', async () => {
    const [one, other, nettle] = [await group.stand('elder'), await group.stand('elder'), await group.stand('nettle')];
    const tips = async (): Promise<number> =>
      opensAt((await hearth()).outlooks.find((o) => o.standId === nettle.standId && o.part === 'tip')!);
    const [before, beforeTips] = [await onHearth(other), await tips()];
    await late(one);
    expect(await until(async () => (await onHearth(other)) > before + 2)).to.equal(true);
    expect(await onHearth(other)).to.be.below(await onHearth(one));
    expect(await flowers(other)).to.equal(await onHearth(other));
    expect(Math.abs((await tips()) - beforeTips)).to.be.at.most(1);
  });
  it('taken back they are forgotten', async () => {
    const place = await group.stand('elder');
    const before = await flowers(place);
    await late(place, [2025]);
    expect(await flowers(place)).to.be.above(before);
    const { entries } = await get<EntryPage>(`stands/${place.standId}/entries`);
    await group.tellAll(entries.map((e) => entryOf(place, 'withdrawal', { reason: '' }, { replaces: e.id })));
    expect(await flowers(place)).to.equal(before);
  });
  it('a flush out of season is in the record, and moves nothing', async () => {
    const place = await group.stand('elder');
    const before = await flowers(place);
    const body = { stage: 'firstFlowers', reached: true, share: 0.1, offSeason: true };
    await group.tellAll([entryOf(place, 'stageSighting', body, { day: '2026-01-10' })]);
    expect(await flowers(place)).to.equal(before);
    const { ladder, entries } = await get<StandView>(`stands/${place.standId}`);
    expect(ladder.season.stages.every((s) => s.seenBy === null)).to.equal(true);
    expect(entries.map((e) => e.body)).to.deep.equal([body]);
  });
  it('can be asked as it was known on a day, before what came after', async () => {
    const place = await group.stand('elder');
    const reached = async (query: string) => {
      const { ladder } = await get<StandView>(`stands/${place.standId}?${query}`);
      return ladder.season.stages.find((s) => s.key === 'firstFlowers')!.reached;
    };
    const before = await reached('day=2026-05-01&known=then');
    await group.tellAll([
      entryOf(place, 'stageSighting', { stage: 'firstFlowers', reached: true, share: null }, { day: '2026-05-04' }),
    ]);
    expect(await reached('day=2026-05-01&known=then')).to.deep.equal(before);
    expect((await reached('day=2026-05-01')).p50! <= '2026-05-04').to.equal(true);
  });
  it('as it was known on a day, before what the others saw after it', async () => {
    const [one, other] = [await group.stand('elder'), await group.stand('elder')];
    const reached = async () =>
      (await get<StandView>(`stands/${other.standId}?day=2024-05-20&known=then`)).ladder.season.stages.find(
        (s) => s.key === 'firstFlowers',
      )!.reached;
    const before = await reached();
    await late(one, [2024, 2025]);
    expect(await reached()).to.deep.equal(before);
    await late(one, [2021, 2022, 2023]);
    expect((await reached()).p50! > before.p50!).to.equal(true);
  });
  it('a share says how far off the half is', async () => {
    const seen = async (share: number | null): Promise<number> => {
      const place = await group.stand('elder');
      await group.tellAll([
        entryOf(place, 'stageSighting', { stage: 'firstFlowers', reached: true, share }, { day: '2026-05-14' }),
      ]);
      const { ladder } = await get<StandView>(`stands/${place.standId}`);
      return (
        dayNumber(ladder.season.stages.find((s) => s.key === 'firstFlowers')!.reached.p50!) - dayNumber('2026-05-14')
      );
    };
    const [tenth, half, most] = [await seen(0.1), await seen(0.5), await seen(0.75)];
    expect(tenth).to.be.within(2, 7);
    expect(half).to.be.within(-2, 2);
    expect(most).to.be.within(-6, -1);
  });
  it('do not cross the border of a group', async () => {
    const place = await group.stand('elder');
    await late(place);
    await hearth();
    const other = await emptyGroup(group.server);
    const theirs = await person(group.server, [[other, 'keeper']]);
    const fresh = await standOf(group.server, theirs, other, 'elder');
    const { body } = await as(group.server, theirs, 'get', `/api/groups/${other}/hearth`).expect(200);
    const own = (body as HearthView).outlooks.find((o) => o.standId === fresh.standId && o.part === 'flower')!;
    const first = await group.stand('elder');
    expect(opensAt(own)).to.be.below(await flowers(first));
  });
});
