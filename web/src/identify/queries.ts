import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import { computed, type Ref } from 'vue';
import { ROUTES } from '@emberfield/contract';
import { call } from '../platform/api.ts';

/** Every plant's signs, and when its stages come at a place. */
export const useSigns = (groupId: Ref<string | null>, patchId: Ref<string | undefined>, day: Ref<string | undefined>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'signs', patchId.value ?? '-', day.value ?? 'today']),
    queryFn: ({ signal }) =>
      call(ROUTES.signs, {
        params: { groupId: groupId.value! },
        query: { patch: patchId.value, day: day.value },
        signal,
      }),
    enabled: computed(() => groupId.value !== null),
    placeholderData: keepPreviousData,
  });
