import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import { computed, type Ref } from 'vue';
import { ROUTES } from '@emberfield/contract';
import { call } from '../platform/api.ts';

const ASK_AGAIN_MS = 1_500;
export const useProof = (groupId: Ref<string | null>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'proof']),
    queryFn: ({ signal }) => call(ROUTES.proof, { params: { groupId: groupId.value! }, signal }),
    enabled: computed(() => groupId.value !== null),
    refetchInterval: (query) => ((query.state.data?.waiting ?? 0) > 0 ? ASK_AGAIN_MS : false),
    placeholderData: keepPreviousData,
  });
