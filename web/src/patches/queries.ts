import { useQuery } from '@tanstack/vue-query';
import { computed, type Ref } from 'vue';
import { ROUTES, type PatchDetail } from '@emberfield/contract';
import { call } from '../platform/api.ts';

type GroupId = Ref<string | null>;

/** The stations that places are reckoned from. */
export const useStations = (groupId: GroupId) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'stations']),
    queryFn: () => call(ROUTES.stations, { params: { groupId: groupId.value! } }),
    enabled: computed(() => groupId.value !== null),
  });
export const patchAsk = (groupId: string | null, patchId: string) => ({
  queryKey: ['group', groupId, 'patch', patchId],
  queryFn: (): Promise<PatchDetail> => call(ROUTES.patch, { params: { groupId: groupId!, patchId } }),
});
export const usePatch = (groupId: GroupId, patchId: Ref<string>) =>
  useQuery(computed(() => ({ ...patchAsk(groupId.value, patchId.value), enabled: groupId.value !== null })));
export const usePoison = (groupId: GroupId, patchId: Ref<string>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'patch', patchId.value, 'poison']),
    queryFn: () => call(ROUTES.poison, { params: { groupId: groupId.value!, patchId: patchId.value } }),
    enabled: computed(() => groupId.value !== null),
  });
export const baseMapAsk = { queryKey: ['base-map'], queryFn: () => call(ROUTES.baseMap), staleTime: Infinity };
export const useBaseMap = (wanted: Ref<boolean>) => useQuery({ ...baseMapAsk, enabled: wanted });
