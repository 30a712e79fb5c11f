import { createSharedComposable, useNow } from '@vueuse/core';
import { computed, type ComputedRef } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { dayNumber, isIsoDay, isoDay } from '@emberfield/core/measure';
import { signal } from '../platform/signal.ts';
import { todayOf } from './today.ts';
import { useGroup } from './use-group.ts';

interface LookedAtDay {
  readonly day: ComputedRef<string>;
  readonly today: ComputedRef<string>;
  readonly lookingAway: ComputedRef<boolean>;
  readonly asked: ComputedRef<string | undefined>;
  /** For the address of another view, so that it looks at the same day. */
  readonly dayQuery: ComputedRef<{ readonly day?: string }>;
  readonly lookAt: (iso: string | null) => void;
  readonly step: (days: number) => void;
}

/** The day the whole application looks at: `?day=` in the address, else today. */
export const useDay = createSharedComposable((): LookedAtDay => {
  const route = useRoute();
  const router = useRouter();
  const { group } = useGroup();
  const now = useNow({ interval: 60_000 });
  const today = computed(() =>
    group.value
      ? // By what the server last said of a clock that is wrong.
        todayOf(group.value, signal.reached.value, now.value.getTime() - (signal.clockOff.value ?? 0))
      : isoDay(Math.floor(Date.now() / 86_400_000)),
  );
  const asked = computed(() => {
    const { day } = route.query;
    return typeof day === 'string' && isIsoDay(day) && day !== today.value ? day : undefined;
  });
  const day = computed(() => asked.value ?? today.value);
  const at = (iso: string | null) => {
    const { day: _, ...query } = route.query;
    return { query: iso === null || iso === today.value ? query : { ...query, day: iso }, hash: route.hash };
  };
  return {
    day,
    today,
    asked,
    dayQuery: computed(() => (asked.value ? { day: asked.value } : {})),
    lookingAway: computed(() => day.value !== today.value),
    // "Back" returns from a day that was gone to; of many small steps it forgets each but the last.
    lookAt: (iso) => void router.push(at(iso)),
    step: (days) => {
      const to = at(isoDay(dayNumber(day.value) + days));
      void (asked.value ? router.replace(to) : router.push(to));
    },
  };
});
