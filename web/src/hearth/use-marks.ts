import { computed, ref, type ComputedRef, type Ref } from 'vue';
import type { HearthRow } from './sections.ts';

export interface Marks {
  readonly marked: ComputedRef<readonly HearthRow[]>;
  readonly isMarked: (row: HearthRow) => boolean;
  readonly toggle: (row: HearthRow) => void;
  /** Only the marked ones are shown: what a walk is for, to print or to take along. */
  readonly only: Readonly<Ref<boolean>>;
  readonly toggleOnly: () => void;
  readonly clear: () => void;
}

/** Lines of the Hearth that somebody marked. What is gone from the list is marked no more. */
export function useMarks(rows: Ref<readonly HearthRow[]>): Marks {
  const keys = ref<ReadonlySet<string>>(new Set());
  const only = ref(false);
  const marked = computed(() => rows.value.filter((r) => keys.value.has(r.key)));
  return {
    marked,
    only,
    toggleOnly: () => void (only.value = !only.value),
    isMarked: (row) => keys.value.has(row.key),
    toggle: ({ key }) => {
      const next = new Set(keys.value);
      if (!next.delete(key)) next.add(key);
      keys.value = next;
      if (next.size === 0) only.value = false;
    },
    clear: () => {
      keys.value = new Set();
      only.value = false;
    },
  };
}
