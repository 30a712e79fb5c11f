import { computed, shallowRef, watch, type Ref } from 'vue';
import type { StandKit } from '@emberfield/contract';
import { dayNumber } from '@emberfield/core/measure';
import { cohortsOn, puttingBackOn, unpackBook, type NoPuttingBack, type PuttingBack } from '@emberfield/core/stand';

/** What was put back at a stand, at once; and what is owed and how to make it up, once that is reckoned. */
export function usePutBack(kit: Ref<StandKit | undefined>, day: Ref<string>) {
  const book = computed(() => (kit.value ? unpackBook(kit.value.book) : null));
  const cohorts = computed(() => (book.value ? cohortsOn(book.value, dayNumber(day.value)) : []));
  const told = shallowRef<PuttingBack | { readonly none: NoPuttingBack } | null>(null);
  watch(
    [book, day],
    ([of, on], _before, onCleanup) => {
      // Some tenths of a second on a phone: the page is shown first.
      const timer = setTimeout(() => (told.value = of && puttingBackOn(of, dayNumber(on))), 0);
      onCleanup(() => clearTimeout(timer));
    },
    { immediate: true },
  );
  const known = computed(() => (told.value && !('none' in told.value) ? told.value : null));
  const none = computed(() => (told.value && 'none' in told.value ? told.value.none : null));
  return { book, cohorts, known, none };
}
