import { dayNumber, isoDay } from '@emberfield/core/measure';
import type { StationDayView } from '@emberfield/contract';

export interface ChartSeries {
  readonly days: readonly string[];
  readonly min: readonly (number | null)[];
  readonly max: readonly (number | null)[];
  readonly rain: readonly (number | null)[];
  /** First day that is only an outlook. */
  readonly outlookFrom: string | null;
}

/** Days without a gap in the axis: a missing day stands empty instead of being drawn over. */
export function chartSeries(days: readonly StationDayView[]): ChartSeries {
  const first = days[0];
  const last = days.at(-1);
  if (!first || !last) return { days: [], min: [], max: [], rain: [], outlookFrom: null };
  const by = new Map(days.map((d) => [d.day, d]));
  const all = Array.from({ length: dayNumber(last.day) - dayNumber(first.day) + 1 }, (_, i) =>
    isoDay(dayNumber(first.day) + i),
  );
  const of = (pick: (d: StationDayView) => number | null) =>
    all.map((day) => {
      const d = by.get(day);
      return d ? pick(d) : null;
    });
  return {
    days: all,
    min: of((d) => d.minC),
    max: of((d) => d.maxC),
    rain: of((d) => d.rainMm),
    outlookFrom: days.find((d) => d.outlook)?.day ?? null,
  };
}
