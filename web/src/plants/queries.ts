import { useQueries, useQuery } from '@tanstack/vue-query';
import { computed, toValue, type MaybeRefOrGetter, type Ref } from 'vue';
import { ROUTES, type PlantListItem, type PlantView } from '@emberfield/contract';
import { call } from '../platform/api.ts';

type GroupId = Ref<string | null>;

export const plantsAsk = (groupId: string | null) => ({
  queryKey: ['group', groupId, 'plants'],
  queryFn: (): Promise<readonly PlantListItem[]> => call(ROUTES.plants, { params: { groupId: groupId! } }),
});
export const usePlants = (groupId: GroupId) =>
  useQuery(computed(() => ({ ...plantsAsk(groupId.value), enabled: groupId.value !== null })));

export const plantAsk = (groupId: string | null, plantKey: string) => ({
  queryKey: ['group', groupId, 'plant', plantKey],
  queryFn: (): Promise<PlantView> => call(ROUTES.plant, { params: { groupId: groupId!, plantKey } }),
});
/** Several at once: all of them, or none yet. */
export const useProfiles = (groupId: GroupId, keys: MaybeRefOrGetter<readonly string[]>) =>
  useQueries({
    queries: computed(() => toValue(keys).map((key) => plantAsk(groupId.value, key))),
    combine: (asked) => ({
      all: asked.every((a) => a.data) ? asked.map((a) => a.data!.profile) : null,
      error: asked.find((a) => a.error)?.error ?? null,
      again: () => asked.forEach((a) => void (a.error && a.refetch())),
    }),
  });
export const usePlant = (groupId: GroupId, plantKey: Ref<string>) =>
  useQuery(computed(() => ({ ...plantAsk(groupId.value, plantKey.value), enabled: groupId.value !== null })));
