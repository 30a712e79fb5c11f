import { expect } from 'chai';
import type { PartOutlook, StandView, YearView } from '@emberfield/contract';
import { dayNumber } from '@emberfield/core/measure';
import { openedGroup } from '../testing/opened-group.ts';
import { entryOf, patchBody, takeBody, TODAY } from '../testing/test-server.ts';

const usual = (day: number): number => 10 - 8 * Math.cos((2 * Math.PI * (day - dayNumber('2000-01-20'))) / 365.25);

describe('the windows of a stand', () => {
  const group = openedGroup();
  const outlook = async (standId: string, part: string, day = TODAY): Promise<PartOutlook> =>
    (await group.get<StandView>(`stands/${standId}?day=${day}`)).outlooks.find((o) => o.part === part)!;
  const kinds = (o: PartOutlook) => o.allowance.ceilings.filter((c) => c.bars).map((c) => c.kind);

  describe('by a measured length', () => {
    it('open and close by it, the sooner the longer it is, and say so', async () => {
      await group.station(usual);
      const [long, short, unmeasured] = [
        await group.stand('nettle'),
        await group.stand('nettle'),
        await group.stand('nettle'),
      ];
      await group.tell(
        entryOf(long, 'measurement', { part: 'tip', lengthsCm: [50, 55, 48] }, { day: '2026-05-10' }),
        entryOf(short, 'measurement', { part: 'tip', lengthsCm: [14, 12, 15] }, { day: '2026-05-10' }),
      );
      const [l, s, u] = await Promise.all([long, short, unmeasured].map((p) => outlook(p.standId, 'tip')));
      expect([l!.bySize, s!.bySize, u!.bySize]).to.deep.equal([true, true, false]);
      expect(l!.closes.p50! < s!.closes.p50!).to.equal(true);
      expect(l!.opens.p50! < s!.opens.p50!).to.equal(true);
    });
    it('need weather to go by', async () => {
      const place = await group.stand('nettle');
      const [result] = await group.tell(entryOf(place, 'measurement', { part: 'tip', lengthsCm: [20] }));
      expect(result).to.include({ status: 'stored' });
      expect((await outlook(place.standId, 'tip')).bySize).to.equal(false);
    });
    it('take no length of nothing, nor of a part that the plant has not', async () => {
      const place = await group.stand('nettle');
      const results = await group.tell(
        entryOf(place, 'measurement', { part: 'tip', lengthsCm: [] }),
        entryOf(place, 'measurement', { part: 'tip', lengthsCm: [0] }),
        entryOf(place, 'measurement', { part: 'root', lengthsCm: [12] }),
      );
      expect(results.map((r) => r.status)).to.deep.equal(Array(3).fill('needsAttention'));
    });
  });

  describe('by lengths that somebody wants', () => {
    it('keep the days on which the part has them, say them, and are as they were once the wish is gone', async () => {
      await group.station(usual);
      const place = await group.stand('nettle');
      const before = await outlook(place.standId, 'tip');
      const wish = entryOf(place, 'wish', { part: 'tip', fromCm: 25, toCm: 60 });
      const [result] = await group.tell(wish);
      expect(result).to.include({ status: 'stored' });
      const { wished, opens, closes } = await outlook(place.standId, 'tip');
      expect(wished).to.include({ fromCm: 25, toCm: 60, measured: false });
      expect(opens.p50! > before.opens.p50! && closes.p50! < before.closes.p50!).to.equal(true);
      await group.tell(entryOf(place, 'withdrawal', { reason: '' }, { replaces: wish.id }));
      expect(await outlook(place.standId, 'tip')).to.deep.equal(before);
    });
    it('are refused the wrong way round, outside of what is taken, and of what nobody knows to grow', async () => {
      const [nettle, elder] = [await group.stand('nettle'), await group.stand('elder')];
      const results = await group.tell(
        entryOf(nettle, 'wish', { part: 'tip', fromCm: 60, toCm: 25 }),
        entryOf(nettle, 'wish', { part: 'tip', fromCm: 10, toCm: 400 }),
        entryOf(nettle, 'wish', { part: 'tip', fromCm: -1, toCm: null }),
        entryOf(elder, 'wish', { part: 'flower', fromCm: 10, toCm: 20 }),
        entryOf(nettle, 'wish', { part: 'sap', fromCm: null, toCm: null }),
      );
      expect(results.map((r) => r.status)).to.deep.equal(Array(5).fill('needsAttention'));
    });
  });

  describe('after a cut', () => {
    it('open again, on the stand’s page and over the year; before it they are as they were', async () => {
      await group.station(usual);
      const place = await group.stand('nettle');
      await group.tell(entryOf(place, 'loss', { cause: 'mown', share: 0.9, note: '' }, { day: '2026-05-08' }));
      const [before, after] = [await outlook(place.standId, 'tip', '2026-05-07'), await outlook(place.standId, 'tip')];
      expect([before.again, after.again]).to.deep.equal([false, true]);
      expect(after.readiness.state).to.equal('kindling');
      expect(dayNumber(after.opens.p50!) - dayNumber('2026-05-08')).to.be.within(12, 40);
      const { stands } = await group.get<YearView>('year');
      const row = stands.find((s) => s.id === place.standId)!.rows.find((r) => r.part === 'tip')!;
      expect(row.windows.map((w) => w.again)).to.deep.equal([false, true]);
    });
    it('by taking most of the plants do so too; by taking a few they do not', async () => {
      await group.station(usual);
      const [most, few] = [await group.stand('nettle'), await group.stand('nettle')];
      for (const [place, plants] of [
        [most, 60],
        [few, 8],
      ] as const)
        await group.tell(
          entryOf(
            place,
            'census',
            { method: 'complete', plants: 80, mature: null, flowering: null },
            { day: '2026-05-01' },
          ),
          entryOf(place, 'take', takeBody(plants, { part: 'tip', plants }), { day: '2026-05-08' }),
        );
      expect((await outlook(most.standId, 'tip')).again).to.equal(true);
      expect((await outlook(few.standId, 'tip')).again).to.equal(false);
    });
  });

  describe('by what takes were like', () => {
    it('close earlier where they were tough early, the more so the more of it was waste', async () => {
      await group.station(usual);
      const [plain, tough, wasted] = [
        await group.stand('nettle'),
        await group.stand('nettle'),
        await group.stand('nettle'),
      ];
      const taken = (over: object) => takeBody(4, { part: 'tip', plants: 1, ...over });
      for (const day of ['2024-05-02', '2025-05-02'])
        await group.tell(
          entryOf(plain, 'take', taken({ quality: 'good' }), { day }),
          entryOf(tough, 'take', taken({ quality: 'tough' }), { day }),
          entryOf(wasted, 'take', taken({ quality: 'tough', wasteShare: 0.8 }), { day }),
        );
      const [p, t, w] = await Promise.all(
        [plain, tough, wasted].map(async (x) => (await outlook(x.standId, 'tip')).closes.p50!),
      );
      expect(t! < p!).to.equal(true);
      expect(w! < p!).to.equal(true);
      expect((await group.get<StandView>(`stands/${wasted.standId}`)).ladder.season.stages).to.deep.equal(
        (await group.get<StandView>(`stands/${plain.standId}`)).ladder.season.stages,
      );
    });
  });

  describe('of a plant of two years', () => {
    it('are barred where the count found none of the right year, until the next season', async () => {
      const place = await group.stand('burdock', { since: 2018 });
      await group.tell(
        entryOf(place, 'census', { method: 'complete', plants: 20, mature: null, flowering: 0 }, { day: '2026-05-14' }),
      );
      const [root, stalk] = [await outlook(place.standId, 'root'), await outlook(place.standId, 'stalk')];
      expect(kinds(root)).not.to.include('wrongYear');
      expect(kinds(stalk)).to.include('wrongYear');
      const bar = stalk.allowance.ceilings.find((c) => c.kind === 'wrongYear')!;
      expect(bar.values).to.include({ yearOfLife: 2, until: '2027-01-01' });
      expect(kinds(await outlook(place.standId, 'stalk', '2027-05-10'))).not.to.include('wrongYear');
    });
    it('count the plants of that year alone', async () => {
      const place = await group.stand('burdock', { since: 2018 });
      await group.tell(
        entryOf(
          place,
          'census',
          { method: 'complete', plants: 30, mature: null, flowering: 12 },
          { day: '2026-05-14' },
        ),
      );
      expect((await outlook(place.standId, 'stalk')).allowance.plantsCounted).to.equal(12);
      expect((await outlook(place.standId, 'root')).allowance.plantsCounted).to.be.within(17, 18);
    });
  });

  describe('of a place with days for taking', () => {
    const placed = (leaveDays: { readonly from: string; readonly to: string }) =>
      group.stand('nettle', { patch: { leaveDays } });
    it('are barred outside them, and say when they open and when they end', async () => {
      const place = await placed({ from: '06-01', to: '08-31' });
      const early = await outlook(place.standId, 'tip');
      expect(kinds(early)).to.include('closedDays');
      expect(early.allowance.ceilings.find((c) => c.kind === 'closedDays')!.values).to.include({ until: '2026-06-01' });
      const within = await outlook(place.standId, 'tip', '2026-06-10');
      expect(kinds(within)).not.to.include('closedDays');
      expect(within.leaveEnds).to.equal('2026-08-31');
    });
    it('open nothing that the owner refuses', async () => {
      const place = await group.stand('nettle', {
        patch: { leaveDays: { from: '06-01', to: '08-31' }, leave: 'refused' },
      });
      expect(kinds(await outlook(place.standId, 'tip'))).to.include.members(['ownerLeave', 'closedDays']);
      expect(kinds(await outlook(place.standId, 'tip', '2026-07-01'))).to.include('ownerLeave');
    });
    it('may reach over New Year', async () => {
      const place = await placed({ from: '10-01', to: '02-28' });
      expect(kinds(await outlook(place.standId, 'tip', '2026-01-15'))).not.to.include('closedDays');
      expect(kinds(await outlook(place.standId, 'tip', '2026-03-01'))).to.include('closedDays');
      expect(kinds(await outlook(place.standId, 'tip', '2026-12-31'))).not.to.include('closedDays');
    });
    it('take no days that the year has not', async () => {
      for (const leaveDays of [{ from: '13-01', to: '02-28' }, { from: '03-01' }, { from: '02-30', to: '03-30' }])
        await group
          .ask('post', 'patches')
          .send({ ...patchBody(), leaveDays })
          .expect(400);
    });
  });
});
