import { expect } from 'chai';
import { dayNumber, HALF_YEAR_DAYS } from '../measure/index.ts';
import { warmthLead } from './warmth-lead.ts';
import { climatologyOf, joinDays, type WeatherDay } from './weather.ts';

describe('the lead of the year', () => {
  const COLDEST = dayNumber('2000-01-20');
  const day = (n: number, shift: number, coldest: number): WeatherDay => {
    const mean = 10 - 8 * Math.cos((2 * Math.PI * (n - coldest)) / 365.25) + shift;
    return { day: n, minC: mean - 3, maxC: mean + 3, rainMm: null, outlook: false };
  };
  const days = (from: string, to: string, shift: number, coldest = COLDEST): WeatherDay[] =>
    Array.from({ length: dayNumber(to) - dayNumber(from) }, (_, i) => day(dayNumber(from) + i, shift, coldest));
  const north = (list: readonly WeatherDay[], usual: readonly WeatherDay[], on: string) =>
    warmthLead(joinDays(list)!, climatologyOf(usual)!, { day: dayNumber(on), latitudeDeg: 46 });
  const USUAL = days('2023-01-01', '2026-01-01', 0);
  const lead = (shift: number) =>
    north([...USUAL, ...days('2026-01-01', '2026-05-16', shift)], USUAL, '2026-05-15')!.daysAhead;

  it('is near nothing in a usual year, ahead in a warm one, behind in a cold one', () => {
    expect(lead(0)).to.be.within(-1, 1);
    expect(lead(1.5)).to.be.within(5, 20);
    expect(lead(-1.5)).to.be.within(-20, -5);
  });
  it('says nothing in the cold half of the year, when a mild week would count for a month', () => {
    const on = (iso: string) =>
      north([...USUAL, ...days('2026-01-01', iso, 0.5), day(dayNumber(iso), 0.5, COLDEST)], USUAL, iso);
    expect(on('2026-01-20')).to.equal(null);
    expect(on('2026-05-15')).not.to.equal(null);
  });
  it('says nothing without the start of the year, nor of a day beyond the record', () => {
    expect(north(days('2026-04-15', '2026-05-16', 0), USUAL, '2026-05-15')).to.equal(null);
    expect(north(USUAL, USUAL, '2026-05-15')).to.equal(null);
  });
  it('begins half a year later in the south: a winter’s warmth there is of the year that grows from it', () => {
    const coldest = COLDEST + HALF_YEAR_DAYS;
    const usual = days('2022-07-01', '2025-07-01', 0, coldest);
    const south = (first: number, second: number) =>
      warmthLead(
        joinDays([
          ...usual,
          ...days('2025-07-01', '2026-01-01', first, coldest),
          ...days('2026-01-01', '2026-01-16', second, coldest),
        ])!,
        climatologyOf(usual)!,
        { day: dayNumber('2026-01-15'), latitudeDeg: -42 },
      )!;
    expect(south(0, 0).daysAhead).to.be.within(-2, 2);
    // Ahead since July; the calendar's year began a fortnight ago and was as usual.
    expect(south(1.5, 0).daysAhead).to.be.within(5, 25);
    // The sum of a spring, not of two weeks.
    expect(south(0, 0).sum).to.be.above(500);
  });
});
