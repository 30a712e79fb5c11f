import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import { computed, type Ref } from 'vue';
import { ROUTES } from '@emberfield/contract';
import { call } from '../platform/api.ts';

type GroupId = Ref<string | null>;
type AskedDay = Ref<string | undefined>;

export const useHearth = (groupId: GroupId, day: AskedDay) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'hearth', day.value ?? 'today']),
    queryFn: ({ signal }) =>
      call(ROUTES.hearth, { params: { groupId: groupId.value! }, query: { day: day.value }, signal }),
    enabled: computed(() => groupId.value !== null),
    placeholderData: keepPreviousData,
  });

/** The strip belongs to a year: moving the day within it asks for nothing. */
export const useRibbon = (groupId: GroupId, day: AskedDay) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'ribbon', day.value?.slice(0, 4) ?? 'this-year']),
    queryFn: ({ signal }) =>
      call(ROUTES.ribbon, { params: { groupId: groupId.value! }, query: { day: day.value }, signal }),
    enabled: computed(() => groupId.value !== null),
    placeholderData: keepPreviousData,
  });
