import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import { computed, ref, type Ref } from 'vue';
import { ROUTES } from '@emberfield/contract';
import { call } from '../platform/api.ts';

/** `asThen`: the ladder as it was known on the day, not as it is known now. */
export const useStand = (
  groupId: Ref<string | null>,
  standId: Ref<string>,
  day: Ref<string | undefined>,
  asThen: Ref<boolean> = ref(false),
) =>
  useQuery({
    queryKey: computed(() => [
      'group',
      groupId.value,
      'stand',
      standId.value,
      day.value ?? 'today',
      asThen.value ? 'then' : 'now',
    ]),
    queryFn: ({ signal }) =>
      call(ROUTES.stand, {
        params: { groupId: groupId.value!, standId: standId.value },
        query: { day: day.value, known: asThen.value ? 'then' : undefined },
        signal,
      }),
    enabled: computed(() => groupId.value !== null),
    placeholderData: keepPreviousData,
  });

const KIT_FRESH_MS = 600_000;
/** What its season is forecast from; read along, for where there is no signal. */
export const useStandKit = (groupId: Ref<string | null>, standId: Ref<string>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'stand', standId.value, 'kit']),
    queryFn: ({ signal }) =>
      call(ROUTES.standKit, { params: { groupId: groupId.value!, standId: standId.value }, signal }),
    // Some hundred kilobytes: not again at every look.
    staleTime: KIT_FRESH_MS,
    enabled: computed(() => groupId.value !== null),
  });

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
