import type { DayNumber } from '../measure/index.ts';

/** When a stage came: after the one day and by the other, both from sightings. */
export interface SeenInterval {
  readonly stage: number;
  readonly season: number;
  readonly after: DayNumber;
  readonly by: DayNumber;
}

/** Middle of the days on which it may have come. */
export const middleOf = ({ after, by }: SeenInterval): number => (after + 1 + by) / 2;

/** Days from the middle of what was seen to a date: below 0 too early, above 0 too late. */
export const missOf = (day: DayNumber, seen: SeenInterval): number => Math.round(day - middleOf(seen));
