import { onScopeDispose, ref, watch, type Ref } from 'vue';
import type { Outing } from '@emberfield/core/rounds';
import type { Asked, Told } from './round.worker.ts';

/** The best order of an outing, found in a worker. What is asked meanwhile takes the place of what was asked before. */
export function useBestOrder(outing: Ref<Outing | null>) {
  const best = ref<readonly number[] | null>(null);
  const busy = ref(false);
  const failed = ref(false);
  let worker: Worker | null = null;
  let id = 0;
  function start(): Worker {
    const made = new Worker(new URL('./round.worker.ts', import.meta.url), { type: 'module' });
    made.onmessage = ({ data }: MessageEvent<Told>) => {
      if (data.id !== id) return;
      best.value = data.order;
      busy.value = false;
    };
    made.onerror = () => {
      dismiss();
      failed.value = true;
    };
    return made;
  }
  function dismiss(): void {
    worker?.terminate();
    worker = null;
    busy.value = false;
  }
  function ask(): void {
    failed.value = false;
    // A search that nobody waits for any more would only hold up the next.
    if (busy.value) dismiss();
    id++;
    if (!outing.value) {
      best.value = null;
      return;
    }
    worker ??= start();
    busy.value = true;
    worker.postMessage({ id, outing: JSON.parse(JSON.stringify(outing.value)) as Outing } satisfies Asked);
  }
  watch(() => JSON.stringify(outing.value), ask, { immediate: true });
  onScopeDispose(dismiss);
  return { best, busy, failed, again: ask };
}
