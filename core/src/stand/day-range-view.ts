import { isoDay, type DayNumber, type DayRange, type IsoDay } from '../measure/index.ts';

/** 10, 50 and 90 % days, ISO; `null` lies beyond the horizon. */
export interface DayRangeView {
  readonly p10: string | null;
  readonly p50: string | null;
  readonly p90: string | null;
}

const iso = (day: DayNumber | null): IsoDay | null => (day === null ? null : isoDay(day));
/** A range of days as it travels. */
export const viewRange = ({ p10, p50, p90 }: DayRange): DayRangeView => ({
  p10: iso(p10),
  p50: iso(p50),
  p90: iso(p90),
});
