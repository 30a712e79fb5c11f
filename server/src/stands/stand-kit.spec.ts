import { expect } from 'chai';
import type { StandKit, StandView } from '@emberfield/contract';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import { forecastSeason, unpackSeason } from '@emberfield/core/phenology';
import { openedGroup } from '../testing/opened-group.ts';
import { entryOf } from '../testing/test-server.ts';

describe('a stand’s kit', () => {
  const group = openedGroup();
  const usual = (day: number): number =>
    Math.round(100 - 80 * Math.cos((2 * Math.PI * (day - dayNumber('2000-01-20'))) / 365.25)) / 10;

  it('gives the very dates of the server, by the same code', async () => {
    await group.station(usual);
    const place = await group.stand('elder', { patch: { aspect: 'n', slopeDeg: 10, canopy: 'halfShade' } });
    await group.tell(
      entryOf(place, 'stageSighting', { stage: 'firstFlowers', reached: true, share: null }, { day: '2025-06-08' }),
      entryOf(place, 'stageSighting', { stage: 'buds', reached: false, share: null }, { day: '2026-05-02' }),
    );
    const [kit, view] = await Promise.all([
      group.get<StandKit>(`stands/${place.standId}/kit`),
      group.get<StandView>(`stands/${place.standId}`),
    ]);
    const { stages } = forecastSeason(unpackSeason(kit.season));
    expect(stages.map((s) => [s.key, s.reached.p50 && isoDay(s.reached.p50)])).to.deep.equal(
      view.ladder.season.stages.map((s) => [s.key, s.reached.p50]),
    );
    expect(kit.shifts).to.have.length(view.profile.windows.length);
    expect(JSON.stringify(kit).length).to.be.below(160_000);
  });
  it('says of a secret place only about where it is, to whoever is not to know', async () => {
    const place = await group.stand('elder', { patch: { secret: true, heightM: 137 } });
    const path = `stands/${place.standId}/kit`;
    const [keeper, watcher] = [
      await group.get<StandKit>(path),
      await group.get<StandKit>(path, await group.join('watcher')),
    ];
    expect(keeper.season.site.heightM).to.equal(137);
    expect(watcher.season.site.heightM).to.equal(150);
    for (const kit of [keeper, watcher]) expect(JSON.stringify(kit)).not.to.match(/longitude/);
  });
});
