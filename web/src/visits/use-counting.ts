import { useLocalStorage } from '@vueuse/core';
import { computed, type ComputedRef, type Ref } from 'vue';
import type { ProfilePart, StandView } from '@emberfield/contract';
import type { TakeDraft } from './take-draft.ts';
import { unitsInOne, type Counted } from './tally.ts';

export interface Counting {
  readonly part: ComputedRef<ProfilePart | undefined>;
  /** How many units of the part one of what is counted is; `null` until somebody says. */
  readonly each: ComputedRef<number | null>;
  readonly holds: Ref<number | null>;
  readonly count: (counted: Counted) => void;
}

/** By what a take is counted. What a handful of this part holds is the same the next time, on this device. */
export function useCounting(draft: Ref<TakeDraft>, stand: ComputedRef<StandView | undefined>): Counting {
  const vessels = useLocalStorage<Record<string, number>>('emberfield-vessels', {});
  const key = computed(() => [stand.value?.plantKey, draft.value.part, draft.value.counted].join(':'));
  const holds = computed({
    get: () => vessels.value[key.value] ?? null,
    set: (n: number | null) => {
      const { [key.value]: _, ...others } = vessels.value;
      vessels.value = n === null ? others : { ...others, [key.value]: n };
    },
  });
  const part = computed(() => stand.value?.profile.parts.find((p) => p.key === draft.value.part));
  const each = computed(() => unitsInOne(draft.value.counted, part.value, holds.value));
  function count(counted: Counted): void {
    if (counted !== draft.value.counted) draft.value = { ...draft.value, counted, amount: 0, overReason: '' };
  }
  return { part, each, holds, count };
}
