import { useQuery } from '@tanstack/vue-query';
import { computed, type Ref } from 'vue';
import { ROUTES } from '@emberfield/contract';
import { call } from '../platform/api.ts';

export const usePaths = (groupId: Ref<string | null>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'paths']),
    queryFn: () => call(ROUTES.paths, { params: { groupId: groupId.value! } }),
    enabled: computed(() => groupId.value !== null),
  });
