import { useLocalStorage } from '@vueuse/core';
import { computed, toValue, type MaybeRefOrGetter, type Ref } from 'vue';
import { draftKey } from './forget-drafts.ts';
import { useSession } from './queries.ts';

/**
 * What somebody types, kept on the device until it is sent or let go: a reload and a closed browser lose none of it. It lies under the
 * account, so that nobody else who signs in on the same device sees it.
 */
export function useDraft<T>(name: MaybeRefOrGetter<string>, blank: T): Ref<T> {
  const session = useSession();
  const key = computed(() => draftKey(session.data.value?.account?.id ?? '', toValue(name)));
  return useLocalStorage<T>(key, blank, {
    mergeDefaults: true,
    serializer: { read: (text) => JSON.parse(text) as T, write: JSON.stringify },
  });
}
