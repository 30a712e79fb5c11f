import { dayNumber, firstOfYear, isoDay, yearOf, type DayNumber } from '@emberfield/core/measure';

export const ZOOMS = ['year', 'month', 'week'] as const;
export type Zoom = (typeof ZOOMS)[number];

/** The days that are drawn, both ends included, and how wide. */
export interface YearFrame {
  readonly zoom: Zoom;
  readonly first: DayNumber;
  readonly last: DayNumber;
  readonly width: number;
}

/** The year, the month or the week (from Monday) that a day lies in. */
export function frameOf(iso: string, zoom: Zoom, width: number): YearFrame {
  const day = dayNumber(iso);
  switch (zoom) {
    case 'year':
      return { zoom, width, first: firstOfYear(yearOf(day)), last: firstOfYear(yearOf(day) + 1) - 1 };
    case 'month': {
      const first = dayNumber(`${iso.slice(0, 7)}-01`);
      return { zoom, width, first, last: firstOfNextMonth(iso) - 1 };
    }
    case 'week': {
      // Day 0, 1 January 1970, was a Thursday.
      const first = day - ((((day + 3) % 7) + 7) % 7);
      return { zoom, width, first, last: first + 6 };
    }
  }
}

function firstOfNextMonth(iso: string): DayNumber {
  const [year, month] = [Number(iso.slice(0, 4)), Number(iso.slice(5, 7))];
  return dayNumber(month === 12 ? `${year + 1}-01-01` : `${year}-${String(month + 1).padStart(2, '0')}-01`);
}

/** Left edge of a day. */
export const xOf = ({ first, last, width }: YearFrame, day: number): number =>
  ((day - first) / (last - first + 1)) * width;

/** The day that the neighbouring frame is looked at on: the same day of it where there is one. */
export function stepFrame(iso: string, zoom: Zoom, by: 1 | -1): string {
  const day = dayNumber(iso);
  if (zoom === 'week') return isoDay(day + 7 * by);
  const [year, month, date] = iso.split('-').map(Number) as [number, number, number];
  const months = year * 12 + (month - 1) + (zoom === 'year' ? 12 : 1) * by;
  const [y, m] = [Math.floor(months / 12), (months % 12) + 1];
  const start = `${y}-${String(m).padStart(2, '0')}-01`;
  return isoDay(Math.min(dayNumber(start) + date - 1, firstOfNextMonth(start) - 1));
}

/** Where the scale is marked: months of a year, days of a month or week. */
export function ticksOf({ zoom, first, last }: YearFrame): readonly DayNumber[] {
  const days = Array.from({ length: last - first + 1 }, (_, i) => first + i);
  return zoom === 'year' ? days.filter((d) => isoDay(d).endsWith('-01')) : days;
}
