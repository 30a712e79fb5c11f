import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import { computed, type Ref } from 'vue';
import { ROUTES } from '@emberfield/contract';
import { call } from '../platform/api.ts';

export const useYear = (groupId: Ref<string | null>, day: Ref<string | undefined>, past: Ref<number>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'year', day.value ?? 'today', past.value]),
    queryFn: ({ signal }) =>
      call(ROUTES.year, {
        params: { groupId: groupId.value! },
        query: { day: day.value, past: String(past.value) },
        signal,
      }),
    enabled: computed(() => groupId.value !== null),
    placeholderData: keepPreviousData,
  });
