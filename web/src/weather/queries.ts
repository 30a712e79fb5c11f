import { useQuery } from '@tanstack/vue-query';
import { computed, type Ref } from 'vue';
import { ROUTES } from '@emberfield/contract';
import { isoDay, dayNumber } from '@emberfield/core/measure';
import { call } from '../platform/api.ts';

type GroupId = Ref<string | null>;
const DAYS_BACK = 380;
const DAYS_ON = 12;

export const useTides = (groupId: GroupId) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'tides']),
    queryFn: () => call(ROUTES.tides, { params: { groupId: groupId.value! } }),
    enabled: computed(() => groupId.value !== null),
  });
export const useImports = (groupId: GroupId, isKeeper: Ref<boolean>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'imports']),
    queryFn: () => call(ROUTES.imports, { params: { groupId: groupId.value! } }),
    enabled: computed(() => groupId.value !== null && isKeeper.value),
  });
export const useStationDays = (groupId: GroupId, stationId: Ref<string | null>, lastDay: Ref<string | null>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'days', stationId.value, lastDay.value]),
    queryFn: () => {
      const last = dayNumber(lastDay.value!);
      return call(ROUTES.stationDays, {
        params: { groupId: groupId.value!, stationId: stationId.value! },
        query: { from: isoDay(last - DAYS_BACK), to: isoDay(last + DAYS_ON) },
      });
    },
    enabled: computed(() => groupId.value !== null && stationId.value !== null && lastDay.value !== null),
  });
