import { computed, type ComputedRef } from 'vue';
import { useRoute } from 'vue-router';
import type { BatchView } from '@emberfield/contract';
import { useLarderHere } from './use-larder-here.ts';

/** The batch that the address names; nothing where it is not in the larder. */
export function useOneBatch(): ReturnType<typeof useLarderHere> & {
  readonly batch: ComputedRef<BatchView | undefined>;
} {
  const route = useRoute();
  const here = useLarderHere();
  return {
    ...here,
    batch: computed(() => here.larder.value?.batches.find((b) => b.id === String(route.params['batchId']))),
  };
}
