import { useNow } from '@vueuse/core';
import { computed, type ComputedRef } from 'vue';
import { dayAt } from '../platform/clock.ts';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';

const MINUTE_MS = 60_000;
const MS_PER_HOUR = 3_600_000;
/** The clock by which things dry. */
export function useLarderClock(): {
  /** Ms since 1970; where the day is set by whoever runs it, noon of that day: the clock on the wall is of another. */
  readonly now: ComputedRef<number>;
  /** The day of the group's zone so many hours after an instant. */
  readonly dayAfter: (instant: string, hours: number) => string;
} {
  const { group } = useGroup();
  const { today } = useDay();
  const wall = useNow({ interval: MINUTE_MS });
  return {
    now: computed(() => (group.value?.dayIsSet ? Date.parse(`${today.value}T12:00:00Z`) : wall.value.getTime())),
    dayAfter: (instant, hours) => dayAt(group.value?.zone ?? 'UTC', Date.parse(instant) + hours * MS_PER_HOUR),
  };
}
