import type { GroupView } from '@emberfield/contract';
import { dayAt } from '../platform/clock.ts';

/**
 * The group's day: as the server says it. Where it was not reached what it said may be of yesterday, and then it is the device's own in the zone of the group: what is
 * noted on the second day out is of that day. A day that is set stays.
 */
export function todayOf(
  { today, zone, dayIsSet }: Pick<GroupView, 'today' | 'zone' | 'dayIsSet'>,
  reached: boolean,
  now: number,
): string {
  if (dayIsSet || reached) return today;
  const own = dayAt(zone, now);
  return own > today ? own : today;
}
