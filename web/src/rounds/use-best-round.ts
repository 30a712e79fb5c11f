import { onScopeDispose, ref, watch, type Ref } from 'vue';
import type { Outing } from '@emberfield/core/rounds';
import type { Asked, Told } from './round.worker.ts';

/** An outing with the names of its stops, in order. */
export interface Named {
  readonly outing: Outing;
  readonly names: readonly string[];
}
/** Stops by name; `exact`: no round is worth more. */
interface BestRound {
  readonly order: readonly string[];
  readonly exact: boolean;
}

/**
 * The best round of an outing, found in a worker; `null`: what has to be on it does not fit. What is asked meanwhile takes the place of what was asked before, and
 * until it is answered the last answer stands.
 */
export function useBestRound(wanted: Ref<Named | null>) {
  const best = ref<BestRound | null>(null);
  const busy = ref(false);
  const failed = ref(false);
  let worker: Worker | null = null;
  let id = 0;
  function start(): Worker {
    const made = new Worker(new URL('./round.worker.ts', import.meta.url), { type: 'module' });
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
    if (!wanted.value) return;
    const { outing, names } = wanted.value;
    const asked: Asked = { id: ++id, outing };
    worker ??= start();
    worker.onmessage = ({ data }: MessageEvent<Told>) => {
      if (data.id !== asked.id) return;
      best.value = data.best && { order: data.best.order.map((i) => names[i]!), exact: data.best.exact };
      busy.value = false;
    };
    busy.value = true;
    // A page's own wrappers cannot be handed over: the plain thing is.
    worker.postMessage(JSON.parse(JSON.stringify(asked)) as Asked);
  }
  watch(() => JSON.stringify(wanted.value), ask, { immediate: true });
  onScopeDispose(dismiss);
  return { best, busy, failed, again: ask };
}
