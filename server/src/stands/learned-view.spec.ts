import { expect } from 'chai';
import type { LowerStand, StandView } from '@emberfield/contract';
import { dayNumber } from '@emberfield/core/measure';
import { openedGroup } from '../testing/opened-group.ts';
import { entryOf, takeBody } from '../testing/test-server.ts';

const usual = (day: number): number => 10 - 8 * Math.cos((2 * Math.PI * (day - dayNumber('2000-01-20'))) / 365.25);

describe('what the dates of a stand were learned from', () => {
  const group = openedGroup();
  const learned = async (standId: string) => (await group.get<StandView>(`stands/${standId}`)).learned;

  const lower = async (standId: string) => {
    const { body, status } = await group.ask('get', `stands/${standId}/lower`);
    return status === 204 ? null : (body as LowerStand | null);
  };
  it('are its own sightings, and those of its plant elsewhere in the group', async () => {
    await group.station(usual);
    const [one, other, stranger] = [
      await group.stand('nettle'),
      await group.stand('nettle'),
      await group.stand('elder'),
    ];
    const stage = (await group.get<StandView>(`stands/${one.standId}`)).profile.stages[0]!.key;
    const saw = (place: typeof one, day: string) =>
      entryOf(place, 'stageSighting', { stage, reached: true, share: 0.5 }, { day });
    await group.tell(saw(one, '2024-03-10'), saw(one, '2025-03-12'), saw(other, '2025-03-20'));
    // What others saw is learned behind the answers: the Hearth asks for it.
    await group.get('hearth');
    await new Promise((go) => setTimeout(go, 300));
    // A word of another plant tells of the season alone.
    expect(await learned(stranger.standId)).to.include({ here: 0, elsewhere: 0 });
    expect(await learned(one.standId)).to.include({ here: 2, elsewhere: 1 });
    expect(await learned(other.standId)).to.include({ here: 1, elsewhere: 2 });
  });
  it('are clocks that foretold its past seasons: the profile’s alone before there are any', async () => {
    // Springs that differ by weeks, and a plant that comes on the same date in all of them.
    const spring = (day: number): number => 4 * Math.sin(Math.floor((day - dayNumber('2000-01-01')) / 365.25) * 2.4);
    await group.station((day) => usual(day) + spring(day));
    const place = await group.stand('nettle');
    expect((await learned(place.standId)).clocks).to.deep.equal([]);
    const stage = (await group.get<StandView>(`stands/${place.standId}`)).profile.stages[0]!.key;
    const saw = (day: string, reached: boolean) =>
      entryOf(place, 'stageSighting', { stage, reached, share: null }, { day });
    const seasons = ['2018', '2019', '2020', '2021', '2022', '2023', '2024', '2025'];
    await group.tell(...seasons.flatMap((y) => [saw(`${y}-03-20`, false), saw(`${y}-03-24`, true)]));
    await group.get('hearth');
    await new Promise((go) => setTimeout(go, 500));
    const { clocks } = await learned(place.standId);
    const { form, share } = clocks![0]!;
    expect(['calendar', 'warmAboveMinus5', 'lateStart']).to.include(form);
    expect(share).to.be.above(0.3);
    expect(clocks!.reduce((sum, c) => sum + c.share, 0)).to.be.closeTo(1, 0.03);
  });
  it('are words about what was taken: which edge they moved, by how much, and the newest of them', async () => {
    await group.station(usual);
    const place = await group.stand('nettle');
    const taken = (over: object, day: string) =>
      entryOf(place, 'take', takeBody(4, { part: 'tip', plants: 1, ...over }), { day });
    expect((await learned(place.standId)).moved).to.deep.equal([]);
    await group.tell(
      taken({ quality: 'tough', wasteShare: 0.8 }, '2024-05-02'),
      taken({ quality: 'tough', wasteShare: 0.8 }, '2025-05-02'),
      taken({ quality: 'good' }, '2025-05-03'),
    );
    const { moved } = await learned(place.standId);
    const closes = moved.find((m) => m.part === 'tip' && m.edge === 'closes')!;
    expect(closes).to.include({ said: 'tough', day: '2025-05-02' });
    expect(closes.days).to.be.below(0);
  });
  it('are the height over the lowest of the same plant: how many days later, and no word of a secret place', async () => {
    await group.station(usual);
    const high = await group.stand('nettle', { patch: { name: 'High', heightM: 600 } });
    expect(await lower(high.standId)).to.equal(null);
    await group.stand('nettle', { patch: { name: 'Hidden', heightM: 10, secret: true } });
    expect(await lower(high.standId)).to.equal(null);
    const low = await group.stand('nettle', { patch: { name: 'Low', heightM: 60 } });
    await group.stand('nettle', { patch: { name: 'Middle', heightM: 300 } });
    const found = await lower(high.standId);
    expect(found).to.include({ patchName: 'Low', belowM: 540 });
    const { outlooks } = await group.get<StandView>(`stands/${high.standId}`);
    const there = (await group.get<StandView>(`stands/${low.standId}`)).outlooks;
    for (const { part, use, days } of found!.later) {
      const opens = (list: typeof outlooks) =>
        dayNumber(list.find((o) => o.part === part && o.use === use)!.opens.p50!);
      expect(opens(outlooks) - opens(there)).to.equal(days);
      expect(days).to.be.within(8, 60);
    }
    expect(await lower(low.standId)).to.equal(null);
  });
});
