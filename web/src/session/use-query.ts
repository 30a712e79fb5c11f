import { useTimeoutFn } from '@vueuse/core';
import { computed, ref, watch, type Ref, type WritableComputedRef } from 'vue';
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router';

/** What is shown and how stands in the address, so that it survives a reload and can be sent to somebody; what is usual does not. */
export function useQueryValue<T>(
  name: string,
  read: (text: string | undefined) => T,
  write: (value: T) => string | undefined,
): WritableComputedRef<T> {
  const route = useRoute();
  const router = useRouter();
  return computed({
    get: () => {
      const value = route.query[name];
      return read(typeof value === 'string' && value !== '' ? value : undefined);
    },
    set: (value) => {
      const { [name]: _, ...query } = route.query;
      const said = write(value);
      void router.replace({ query: said === undefined ? query : { ...query, [name]: said }, hash: route.hash });
    },
  });
}

/** A choice; `null` where it is not made. */
export const useQueryChoice = (name: string): WritableComputedRef<string | null> =>
  useQueryValue<string | null>(
    name,
    (text) => text ?? null,
    (value) => value ?? undefined,
  );

const TYPED_MS = 300;
/** What is typed to look for something: in the address once the fingers rest, and not at all where the view is left before. */
export function useQueryText(): Ref<string> {
  const said = useQueryChoice('text');
  const text = ref(said.value ?? '');
  const rest = useTimeoutFn(() => (said.value = text.value.trim() || null), TYPED_MS, { immediate: false });
  watch(text, () => rest.start());
  // Whoever goes on before the fingers have rested would be called back to this view.
  onBeforeRouteLeave(() => rest.stop());
  // The address may be gone back to another; while somebody types it is only behind.
  watch(said, (now) => {
    if (!rest.isPending.value && (now ?? '') !== text.value.trim()) text.value = now ?? '';
  });
  return text;
}

/** Which of a view's tabs is open; the first where the address says none, or one that is not there. */
export const useQueryTab = <T extends string>(tabs: () => readonly [T, ...T[]]): WritableComputedRef<T> =>
  useQueryValue<T>(
    'tab',
    (text) => tabs().find((t) => t === text) ?? tabs()[0],
    (tab) => (tab === tabs()[0] ? undefined : tab),
  );
