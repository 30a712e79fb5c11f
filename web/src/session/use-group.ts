import { createSharedComposable, useLocalStorage } from '@vueuse/core';
import { useQueryClient } from '@tanstack/vue-query';
import { computed, watch, type ComputedRef } from 'vue';
import { useRoute } from 'vue-router';
import type { GroupView } from '@emberfield/contract';
import { useGroupView, useSession } from './queries.ts';

const chosen = useLocalStorage<string | null>('emberfield-group', null);

interface ShownGroup {
  readonly groupId: ComputedRef<string | null>;
  readonly group: ComputedRef<GroupView | undefined>;
  readonly choose: (id: string) => void;
  readonly mayPick: ComputedRef<boolean>;
  readonly isKeeper: ComputedRef<boolean>;
}

/** The group that the screens show: the one chosen last, else the first. Made once for all of them. */
export const useGroup = createSharedComposable((): ShownGroup => {
  const session = useSession();
  const groupId = computed(() => {
    const groups = session.data.value?.groups ?? [];
    return (groups.find((g) => g.id === chosen.value) ?? groups[0])?.id ?? null;
  });
  const view = useGroupView(groupId);
  return {
    groupId,
    group: computed(() => view.data.value),
    choose: (id) => void (chosen.value = id),
    mayPick: computed(() => view.data.value !== undefined && view.data.value.role !== 'watcher'),
    isKeeper: computed(() => view.data.value?.role === 'keeper'),
  };
});

/** Its day and one's role in it may be others by now: asked for anew on the way to another view. */
export function useFreshGroup(): void {
  const client = useQueryClient();
  const route = useRoute();
  const { groupId } = useGroup();
  watch(
    () => route.path,
    () => void client.refetchQueries({ queryKey: ['group', groupId.value, 'view'], stale: true }),
  );
}
