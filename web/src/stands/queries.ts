import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import { computed, ref, type Ref } from 'vue';
import { ROUTES, type StandKit, type StandView } from '@emberfield/contract';
import { call } from '../platform/api.ts';

/** What is asked of a stand on a day. `asThen`: the ladder as it was known on the day, not as it is known now. */
export const standAsk = (groupId: string | null, standId: string, day?: string, asThen = false) => ({
  queryKey: ['group', groupId, 'stand', standId, day ?? 'today', asThen ? 'then' : 'now'],
  queryFn: ({ signal }: { readonly signal: AbortSignal }): Promise<StandView> =>
    call(ROUTES.stand, {
      params: { groupId: groupId!, standId },
      query: { day, known: asThen ? 'then' : undefined },
      signal,
    }),
});
export const useStand = (
  groupId: Ref<string | null>,
  standId: Ref<string>,
  day: Ref<string | undefined>,
  asThen: Ref<boolean> = ref(false),
) =>
  useQuery(
    computed(() => ({
      ...standAsk(groupId.value, standId.value, day.value, asThen.value),
      enabled: groupId.value !== null,
      placeholderData: keepPreviousData<StandView>,
    })),
  );

const KIT_FRESH_MS = 600_000;
/** What a season is forecast from; read along, for where there is no signal. */
export const kitAsk = (groupId: string | null, standId: string) => ({
  queryKey: ['group', groupId, 'stand', standId, 'kit'],
  queryFn: ({ signal }: { readonly signal: AbortSignal }): Promise<StandKit> =>
    call(ROUTES.standKit, { params: { groupId: groupId!, standId }, signal }),
  // Some hundred kilobytes: not again at every look.
  staleTime: KIT_FRESH_MS,
});
export const useStandKit = (groupId: Ref<string | null>, standId: Ref<string>) =>
  useQuery(computed(() => ({ ...kitAsk(groupId.value, standId.value), enabled: groupId.value !== null })));

/** The plant's lowest other stand beside it; hangs on the season, not on the day looked at. */
export const useLowerStand = (groupId: Ref<string | null>, standId: Ref<string>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'stand', standId.value, 'lower']),
    queryFn: ({ signal }) =>
      call(ROUTES.lowerStand, { params: { groupId: groupId.value!, standId: standId.value }, signal }),
    enabled: computed(() => groupId.value !== null),
  });

/** How far off the dates of a stand were; hangs on what was noted, not on the day looked at. */
export const useStandProof = (groupId: Ref<string | null>, standId: Ref<string>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'stand', standId.value, 'proof']),
    queryFn: ({ signal }) =>
      call(ROUTES.standProof, { params: { groupId: groupId.value!, standId: standId.value }, signal }),
    enabled: computed(() => groupId.value !== null),
  });
