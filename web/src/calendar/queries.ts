import { useQuery } from '@tanstack/vue-query';
import { computed, type Ref } from 'vue';
import { ROUTES } from '@emberfield/contract';
import { call } from '../platform/api.ts';

export const useFeed = (groupId: Ref<string | null>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'calendar']),
    queryFn: () => call(ROUTES.calendarFeed, { params: { groupId: groupId.value! } }),
    enabled: computed(() => groupId.value !== null),
  });

const ASK_AGAIN_MS = 30 * 60_000;
/** Asked again while the application stays open: what it says is of a day. */
export const useNoticeList = (groupId: Ref<string | null>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'notices']),
    queryFn: ({ signal }) => call(ROUTES.notices, { params: { groupId: groupId.value! }, signal }),
    enabled: computed(() => groupId.value !== null),
    refetchInterval: ASK_AGAIN_MS,
  });
