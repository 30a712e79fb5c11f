import { useQuery } from '@tanstack/vue-query';
import { computed, type Ref } from 'vue';
import { ROUTES } from '@emberfield/contract';
import { call } from '../platform/api.ts';

type GroupId = Ref<string | null>;

export const usePlants = (groupId: GroupId) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'plants']),
    queryFn: () => call(ROUTES.plants, { params: { groupId: groupId.value! } }),
    enabled: computed(() => groupId.value !== null),
  });

export const usePlant = (groupId: GroupId, plantKey: Ref<string>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'plant', plantKey.value]),
    queryFn: () => call(ROUTES.plant, { params: { groupId: groupId.value!, plantKey: plantKey.value } }),
    enabled: computed(() => groupId.value !== null),
  });
