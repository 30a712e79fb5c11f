import { celsiusToFahrenheit, dayNumber, isoDay, millimetresToInches } from '@emberfield/core/measure';
import type { StationDayView } from '@emberfield/contract';

/** Temperatures and rain in the units of the reader. */
export interface ChartSeries {
  readonly days: readonly string[];
  readonly min: readonly (number | null)[];
  readonly max: readonly (number | null)[];
  readonly rain: readonly (number | null)[];
  /** Place of the first day that is only an outlook; a day's name would not do, for "15 May" may stand there twice. */
  readonly outlookFrom: number | null;
}

/** Days without a gap in the axis: a missing day stands empty instead of being drawn over. */
export function chartSeries(days: readonly StationDayView[], imperial: boolean): ChartSeries {
  const first = days[0];
  const last = days.at(-1);
  if (!first || !last) return { days: [], min: [], max: [], rain: [], outlookFrom: null };
  const by = new Map(days.map((d) => [d.day, d]));
  const all = Array.from({ length: dayNumber(last.day) - dayNumber(first.day) + 1 }, (_, i) =>
    isoDay(dayNumber(first.day) + i),
  );
  const of = (pick: (d: StationDayView) => number | null, convert: (value: number) => number) =>
    all.map((day) => {
      const d = by.get(day);
      const value = d ? pick(d) : null;
      return value === null ? null : imperial ? convert(value) : value;
    });
  const degreesF = (c: number): number => Math.round(celsiusToFahrenheit(c));
  const inches = (mm: number): number => Math.round(millimetresToInches(mm) * 100) / 100;
  const outlookFrom = all.findIndex((day) => by.get(day)?.outlook);
  return {
    days: all,
    min: of((d) => d.minC, degreesF),
    max: of((d) => d.maxC, degreesF),
    rain: of((d) => d.rainMm, inches),
    outlookFrom: outlookFrom < 0 ? null : outlookFrom,
  };
}
