import { keepPreviousData, queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/vue-query';
import { createSharedComposable } from '@vueuse/core';
import { computed, type Ref } from 'vue';
import { ROUTES, type SessionView } from '@emberfield/contract';
import { forgetKept } from '../platform/kept.ts';
import { forgetDrafts } from './forget-drafts.ts';
import { call, useToken } from '../platform/api.ts';

/** What was read of the group leaves the device, and with it the round that stands on it: it says where places are. What was typed stays. */
async function forgetRead(): Promise<void> {
  forgetDrafts('taken-round');
  forgetDrafts('way-log');
  await forgetKept();
}

const SESSION_KEY = ['session'] as const;
export const sessionQuery = queryOptions({
  queryKey: SESSION_KEY,
  queryFn: async (): Promise<SessionView> => {
    const session = await call(ROUTES.session);
    useToken(session.token);
    // Signed out elsewhere, or run out: what was read under that session is not this device's any more.
    if (session.account === null) await forgetRead();
    return session;
  },
  staleTime: Infinity,
  // The note that it failed asks for it too, and must not set it off again and again.
  retryOnMount: false,
});
/** Nearly everything on a screen asks who is looking: one watcher of the answer for all of it. */
export const useSession = createSharedComposable(() => useQuery(sessionQuery));

/** Takes a fresh session in: everything else is asked for anew, and nothing of the one before stays on the device. */
export function useEnter(): (session: SessionView) => void {
  const client = useQueryClient();
  return (session) => {
    useToken(session.token);
    const forgotten = forgetRead();
    client.removeQueries({ predicate: (q) => q.queryKey[0] !== SESSION_KEY[0] });
    client.setQueryData(SESSION_KEY, session);
    // Only what was asked for is kept: without this the next start, where there is no signal, would not know who is in.
    if (session.account) void forgotten.then(() => client.refetchQueries({ queryKey: SESSION_KEY }));
  };
}

const groupQuery = <T>(name: string, groupId: Ref<string | null>, fetcher: (groupId: string) => Promise<T>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, name]),
    queryFn: () => fetcher(groupId.value!),
    enabled: computed(() => groupId.value !== null),
  });

export const useGroupView = (groupId: Ref<string | null>) =>
  groupQuery('view', groupId, (id) => call(ROUTES.group, { params: { groupId: id } }));
export const useMembers = (groupId: Ref<string | null>) =>
  groupQuery('members', groupId, (id) => call(ROUTES.members, { params: { groupId: id } }));
export const useRules = (groupId: Ref<string | null>) =>
  groupQuery('rules', groupId, (id) => call(ROUTES.rules, { params: { groupId: id } }));
export const usePermits = (groupId: Ref<string | null>) =>
  groupQuery('permits', groupId, (id) => call(ROUTES.permits, { params: { groupId: id } }));
export const usePlantingsSeen = (groupId: Ref<string | null>) =>
  groupQuery('plantings', groupId, (id) => call(ROUTES.plantings, { params: { groupId: id } }));
export const useEfforts = (groupId: Ref<string | null>) =>
  groupQuery('efforts', groupId, (id) => call(ROUTES.efforts, { params: { groupId: id } }));
export const useSeasonWants = (groupId: Ref<string | null>) =>
  groupQuery('wants', groupId, (id) => call(ROUTES.wants, { params: { groupId: id } }));
export const useLedger = (groupId: Ref<string | null>, season: Ref<number | null>) =>
  useQuery({
    queryKey: computed(() => ['group', groupId.value, 'ledger', season.value ?? 'now']),
    queryFn: () =>
      call(ROUTES.ledger, {
        params: { groupId: groupId.value! },
        query: { season: season.value === null ? undefined : String(season.value) },
      }),
    enabled: computed(() => groupId.value !== null),
    placeholderData: keepPreviousData,
  });
export const useKnownPhotos = (groupId: Ref<string | null>) =>
  groupQuery('knownPhotos', groupId, (id) => call(ROUTES.knownPhotos, { params: { groupId: id } }));
export const useTastes = (groupId: Ref<string | null>) =>
  groupQuery('tastes', groupId, (id) => call(ROUTES.tastes, { params: { groupId: id } }));
export const useLarder = (groupId: Ref<string | null>) =>
  groupQuery('larder', groupId, (id) => call(ROUTES.larder, { params: { groupId: id } }));
export const useClearances = (groupId: Ref<string | null>) =>
  groupQuery('clearances', groupId, (id) => call(ROUTES.clearances, { params: { groupId: id } }));
export const useInvitations = (groupId: Ref<string | null>) =>
  groupQuery('invitations', groupId, (id) => call(ROUTES.invitations, { params: { groupId: id } }));
export const useSought = (groupId: Ref<string | null>) =>
  groupQuery('sought', groupId, (id) => call(ROUTES.sought, { params: { groupId: id } }));
export const patchesAsk = (groupId: string | null) => ({
  queryKey: ['group', groupId, 'patches'],
  queryFn: () => call(ROUTES.patches, { params: { groupId: groupId! } }),
});
export const usePatches = (groupId: Ref<string | null>) =>
  useQuery(computed(() => ({ ...patchesAsk(groupId.value), enabled: groupId.value !== null })));
export const useSessions = () => useQuery({ queryKey: ['sessions'], queryFn: () => call(ROUTES.sessions) });

/** A change after which everything of the group is asked for anew: derived answers hang on all of it. */
export function useChange<V, T>(change: (value: V) => Promise<T>) {
  const client = useQueryClient();
  return useMutation({ mutationFn: change, onSuccess: () => client.invalidateQueries({ queryKey: ['group'] }) });
}
