import { useLocalStorage } from '@vueuse/core';
import { computed, type ComputedRef } from 'vue';
import type { GroupView } from '@emberfield/contract';
import { useGroupView, useSession } from './queries.ts';

const chosen = useLocalStorage<string | null>('emberfield-group', null);

/** The group that the screens show: the one chosen last, else the first. */
export function useGroup(): {
  readonly groupId: ComputedRef<string | null>;
  readonly group: ComputedRef<GroupView | undefined>;
  readonly choose: (id: string) => void;
  readonly mayPick: ComputedRef<boolean>;
  readonly isKeeper: ComputedRef<boolean>;
} {
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
}
