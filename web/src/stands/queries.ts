import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import { computed, type Ref } from 'vue';
import { ROUTES } from '@emberfield/contract';
import { call } from '../platform/api.ts';

export const useStand = (groupId: Ref<string | null>, standId: Ref<string>, day: Ref<string | undefined>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'stand', standId.value, day.value ?? 'today']),
    queryFn: ({ signal }) =>
      call(ROUTES.stand, {
        params: { groupId: groupId.value!, standId: standId.value },
        query: { day: day.value },
        signal,
      }),
    enabled: computed(() => groupId.value !== null),
    placeholderData: keepPreviousData,
  });
