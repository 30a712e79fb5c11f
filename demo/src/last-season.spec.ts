import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { dayNumber, isoDay, seasonOf } from '@emberfield/core/measure';
import { NOTHING_SEEN, standSeason, windowOn, type SeasonBook, type StandSeason } from '@emberfield/core/stand';
import { climatologyOf, joinDays } from '@emberfield/core/weather';
import { islandWeather } from './index.ts';

const TODAY = dayNumber('2026-05-15');
const FROM = dayNumber('2026-01-01');

describe('last season’s window', () => {
  it('is left out only where it has closed long ago: for every plant and day the same comes out with it', function () {
    this.timeout(60_000);
    const days = islandWeather(7, 2010, 2026).filter((d) => d.day <= TODAY);
    const climatology = climatologyOf(days);
    const weather = { series: joinDays(days, climatology)!, climatology, heightM: 40 };
    for (const profile of CATALOGUE) {
      const book: SeasonBook = {
        stand: { id: profile.key },
        profile,
        plantRevision: 0,
        place: {
          latitudeDeg: 46,
          longitudeDeg: -30,
          heightM: 200,
          facts: {
            aspect: 'flat',
            slopeDeg: 0,
            canopy: 'open',
            leave: 'notNeeded',
            leaveUntil: null,
            leaveDays: null,
            hazards: [],
          },
        },
        record: NOTHING_SEEN,
        weather,
        thermometer: null,
        learned: { clocks: () => undefined },
        today: TODAY,
      };
      const known = new Map<number, StandSeason>();
      const of = (season: number): StandSeason => {
        if (!known.has(season)) known.set(season, standSeason(book, season));
        return known.get(season)!;
      };
      for (let day = FROM; day < FROM + 365; day += 9)
        for (const [w] of profile.windows.entries()) {
          const before = of(seasonOf(day, profile.seasonStart, 46) - 1).windows[w]!;
          const open = before.opens.p50 !== null && before.opens.p50 <= day && (before.closes.p50 ?? Infinity) >= day;
          if (open) expect(windowOn(book, { of }, w, day), `${profile.key} ${isoDay(day)}`).to.equal(before);
        }
    }
  });
});
