import { useQuery } from '@tanstack/vue-query';
import { computed, type Ref } from 'vue';
import { ROUTES } from '@emberfield/contract';
import { call } from '../platform/api.ts';

type GroupId = Ref<string | null>;

/** The stations that places are reckoned from. */
export const useStations = (groupId: GroupId) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'stations']),
    queryFn: () => call(ROUTES.stations, { params: { groupId: groupId.value! } }),
    enabled: computed(() => groupId.value !== null),
  });
export const usePatch = (groupId: GroupId, patchId: Ref<string>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'patch', patchId.value]),
    queryFn: () => call(ROUTES.patch, { params: { groupId: groupId.value!, patchId: patchId.value } }),
    enabled: computed(() => groupId.value !== null),
  });
export const usePoison = (groupId: GroupId, patchId: Ref<string>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'patch', patchId.value, 'poison']),
    queryFn: () => call(ROUTES.poison, { params: { groupId: groupId.value!, patchId: patchId.value } }),
    enabled: computed(() => groupId.value !== null),
  });
export const useBaseMap = (wanted: Ref<boolean>) =>
  useQuery({ queryKey: ['base-map'], queryFn: () => call(ROUTES.baseMap), enabled: wanted, staleTime: Infinity });
