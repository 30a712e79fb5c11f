import { useLocalStorage } from '@vueuse/core';
import { computed, type ComputedRef, type Ref } from 'vue';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import { useSession } from '../session/queries.ts';
import type { DutyRow } from './sections.ts';

/** "Not now" is heard for so long. */
const PUT_OFF_DAYS = 14;

/** Duties that this person put off on this device, until when. */
export function usePutOff(
  duties: Ref<readonly DutyRow[]>,
  today: Ref<string>,
): {
  readonly due: ComputedRef<readonly DutyRow[]>;
  readonly offCount: ComputedRef<number>;
  readonly putOff: (key: string) => void;
  readonly bringBack: (key?: string) => void;
} {
  const session = useSession();
  const kept = useLocalStorage<Record<string, Record<string, string>>>('emberfield-put-off', {});
  const account = computed(() => session.data.value?.account?.id ?? '');
  const off = computed(() => kept.value[account.value] ?? {});
  const isOff = ({ key }: DutyRow): boolean => (off.value[key] ?? '') > today.value;
  const write = (next: Record<string, string>): void => void (kept.value = { ...kept.value, [account.value]: next });
  return {
    due: computed(() => duties.value.filter((d) => !isOff(d))),
    offCount: computed(() => duties.value.filter(isOff).length),
    putOff: (key) => write({ ...off.value, [key]: isoDay(dayNumber(today.value) + PUT_OFF_DAYS) }),
    bringBack: (key) => {
      const { [key ?? '']: _, ...rest } = off.value;
      write(key === undefined ? {} : rest);
    },
  };
}
