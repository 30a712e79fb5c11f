import { useQueryClient } from '@tanstack/vue-query';
import { useDocumentVisibility, useEventSource, useThrottleFn } from '@vueuse/core';
import { computed, watch } from 'vue';
import { ROUTES } from '@emberfield/contract';
import { TAB } from '../platform/api.ts';
import { useGroup } from './use-group.ts';

/** So often at most everything is asked anew, however much the others do. */
const AT_MOST_EVERY_MS = 800;
const AGAIN_AFTER_MS = 10_000;

/**
 * Listens for changes that others make in the group, and asks anew for what is on the screen: what is left of an allowance is the same for all who look at
 * it. Only while the page is seen: a browser keeps few lines to one server open, and a page behind others needs none.
 */
export function useLive(): void {
  const client = useQueryClient();
  const { groupId } = useGroup();
  const visibility = useDocumentVisibility();
  const url = computed(() =>
    groupId.value !== null && visibility.value === 'visible'
      ? `${ROUTES.live.path.replace(':groupId', groupId.value)}?tab=${TAB}`
      : undefined,
  );
  const { data, status } = useEventSource(url, [], {
    autoReconnect: { retries: () => url.value !== undefined, delay: AGAIN_AFTER_MS },
  });
  const askAnew = useThrottleFn(
    () => client.invalidateQueries({ queryKey: ['group', groupId.value] }),
    AT_MOST_EVERY_MS,
    true,
  );
  watch(data, (told) => told !== null && void askAnew());
  // What happened while nobody listened was not told: all but the first time it is asked anew.
  let opened = 0;
  watch(status, (now) => now === 'OPEN' && opened++ > 0 && void askAnew());
}
