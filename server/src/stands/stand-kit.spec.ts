import { expect } from 'chai';
import type { StandKit, StandView } from '@emberfield/contract';
import { dayNumber } from '@emberfield/core/measure';
import { outlooksFor, seasonsOf, standDay, unpackBook } from '@emberfield/core/stand';
import { openedGroup } from '../testing/opened-group.ts';
import { entryOf, takeBody, type Person } from '../testing/test-server.ts';

/** What a device says of a day, from nothing but the kit it was given. */
function onTheDevice({ book: packed, clearance }: StandKit, iso: string) {
  const book = unpackBook(packed);
  const seasons = seasonsOf(book);
  const day = dayNumber(iso);
  return outlooksFor(book, seasons, standDay(book, day, seasons), { day, clearance });
}

const planted = {
  way: 'cutting',
  number: 4,
  source: 'here',
  fromStandId: null,
  takeId: null,
  minutes: null,
  note: '',
} as const;

describe('a stand’s kit', () => {
  const group = openedGroup();
  const usual = (day: number): number =>
    Math.round(100 - 80 * Math.cos((2 * Math.PI * (day - dayNumber('2000-01-20'))) / 365.25)) / 10;

  it('says on the device what the server says: dates, ceilings, what is left, on any day of the year', async () => {
    await group.station(usual);
    const place = await group.stand('elder', { patch: { aspect: 'n', slopeDeg: 10, canopy: 'halfShade' } });
    await group.tell(
      entryOf(place, 'stageSighting', { stage: 'firstFlowers', reached: true, share: null }, { day: '2025-06-08' }),
      entryOf(place, 'take', takeBody(6, { part: 'flower', quality: 'tough' }), { day: '2025-06-20' }),
      entryOf(place, 'stageSighting', { stage: 'buds', reached: false, share: null }, { day: '2026-05-02' }),
      entryOf(place, 'census', { method: 'complete', plants: 12, mature: 9, flowering: 8 }, { day: '2026-05-03' }),
    );
    const kit = await group.get<StandKit>(`stands/${place.standId}/kit`);
    for (const day of ['2026-05-15', '2026-06-15', '2026-09-10', '2026-12-28', '2025-11-02']) {
      const view = await group.get<StandView>(`stands/${place.standId}?day=${day}`);
      expect(onTheDevice(kit, day), day).to.deep.equal(view.outlooks);
    }
    expect(JSON.stringify(kit).length).to.be.below(200_000);
  });
  it('says of a secret place only about where it is, to whoever is not to know', async () => {
    const place = await group.stand('elder', { patch: { secret: true, heightM: 137 } });
    const other = await group.stand('elder');
    const rule = { on: true, rule: { kind: 'matureOnly' }, standId: place.standId, reason: 'the weir is young' };
    await group.ask('put', 'rules').send(rule).expect(200);
    await group.tell(
      entryOf(place, 'identity', {
        status: 'provisional',
        phase: 'leaf',
        seen: [],
        leftOpen: [],
        signs: ['bark by the weir'],
        note: 'left of the weir',
      }),
      entryOf(place, 'awaited', { sign: 'smell', due: '2026-06-01', note: 'back to the weir' }),
      entryOf(place, 'planting', {
        ...planted,
        source: 'otherStand',
        fromStandId: other.standId,
        note: 'under the weir',
      }),
    );
    const path = `stands/${place.standId}/kit`;
    const watching = await group.join('watcher');
    const [keeper, watcher] = [await group.get<StandKit>(path), await group.get<StandKit>(path, watching)];
    expect(keeper.book.place.heightM).to.equal(137);
    expect(JSON.stringify(keeper.book.record)).to.contain('left of the weir');
    expect(JSON.stringify(watcher.book.record)).not.to.contain('weir');
    expect(watcher.book.record.plantings).to.have.length(1);
    expect(JSON.stringify(watcher.book)).not.to.contain('weir').and.not.to.contain(other.standId);
    // Nor do the page and its record.
    const page = (who?: Person) => group.get<StandView>(`stands/${place.standId}`, who).then((v) => JSON.stringify(v));
    expect(await page())
      .to.contain('the weir is young')
      .and.to.contain(other.standId);
    expect(await page(watching))
      .not.to.contain('weir')
      .and.not.to.contain(other.standId);
    expect(watcher.book.place).to.include({ heightM: 150, longitudeDeg: -29.99, latitudeDeg: 46.01 });
  });
});
