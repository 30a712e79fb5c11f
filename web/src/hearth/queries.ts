import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import { computed, type Ref } from 'vue';
import { ROUTES, type HearthView } from '@emberfield/contract';
import { call } from '../platform/api.ts';

type GroupId = Ref<string | null>;
type AskedDay = Ref<string | undefined>;

const ASK_AGAIN_MS = 1_000;
/** `near`: only what the day is for; thousands of stands that are far from their time would only be in the way. */
export const hearthAsk = (groupId: string | null, near: boolean, day?: string) => ({
  queryKey: ['group', groupId, 'hearth', day ?? 'today', near ? 'near' : 'all'],
  queryFn: ({ signal }: { readonly signal: AbortSignal }): Promise<HearthView> =>
    call(ROUTES.hearth, { params: { groupId: groupId! }, query: { day, near: near ? '1' : '0' }, signal }),
});
export const useHearth = (groupId: GroupId, day: AskedDay, near: Ref<boolean>) =>
  useQuery({
    queryKey: computed(() => hearthAsk(groupId.value, near.value, day.value).queryKey),
    queryFn: (context) => hearthAsk(groupId.value, near.value, day.value).queryFn(context),
    enabled: computed(() => groupId.value !== null),
    placeholderData: keepPreviousData,
    // What is still reckoned is asked for again; a long answer is neither compared nor watched piece by piece.
    refetchInterval: (query) => ((query.state.data?.waiting ?? 0) > 0 ? ASK_AGAIN_MS : false),
    structuralSharing: false,
    shallow: true,
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
