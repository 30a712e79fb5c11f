import { useNow } from '@vueuse/core';
import { computed, type ComputedRef } from 'vue';
import type { OnTheGround } from '@emberfield/core/measure';
import { trackEffort } from '@emberfield/core/rounds';
import { useWayLog } from './kept-way.ts';
import { minutesAt, trackOf } from './way-log.ts';

const SOON_MS = 20_000;
/** What the way says of being at a place, where it is noted. */
export function useStay(place: () => OnTheGround | null): {
  /** Minutes since one came; `null`: nobody notes it, or one is elsewhere. */
  readonly minutes: ComputedRef<number | null>;
  /** Minutes on foot since the last place that was told of; `null`: nobody notes it. */
  readonly onFoot: () => number | null;
  /** From here on the way is that to the next place. */
  readonly toldOf: () => void;
} {
  const wayLog = useWayLog();
  const now = useNow({ interval: SOON_MS });
  const minutes = computed(() => {
    const at = place();
    return wayLog.value.on && at ? minutesAt(wayLog.value, at, now.value.getTime()) : null;
  });
  const walked = (): number => trackEffort(trackOf(wayLog.value), [], 0).walkingMinutes;
  const onFoot = (): number | null => (wayLog.value.on ? Math.max(0, Math.round(walked() - wayLog.value.told)) : null);
  function toldOf(): void {
    if (wayLog.value.on) wayLog.value = { ...wayLog.value, told: walked() };
  }
  return { minutes, onFoot, toldOf };
}
