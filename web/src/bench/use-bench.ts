import { onScopeDispose, ref, shallowReactive, watch, type Ref } from 'vue';
import type { FutureTold, LastingShare } from '@emberfield/core/population';
import type { Asked, Told } from './play.ts';
import type { PlanKey } from './plans.ts';

/** Plays what is asked in a worker, and holds what came of it so far. What is asked anew leaves the old pictures until there are new ones. */
export function useBench(wanted: Ref<Omit<Asked, 'id'> | null>) {
  const told = shallowReactive(new Map<PlanKey, FutureTold>());
  const lasting = ref<LastingShare | null>(null);
  const busy = ref(false);
  const failed = ref(false);
  let worker: Worker | null = null;
  let id = 0;
  function start(): Worker {
    const made = new Worker(new URL('./bench.worker.ts', import.meta.url), { type: 'module' });
    made.onmessage = ({ data }: MessageEvent<Told>) => {
      if (data.id !== id) return;
      if (data.kind === 'plan') told.set(data.plan, data.told);
      else if (data.kind === 'lasting') lasting.value = data.found;
      else busy.value = false;
    };
    made.onerror = () => {
      failed.value = true;
      busy.value = false;
    };
    return made;
  }
  function ask(): void {
    if (!wanted.value) return;
    worker ??= start();
    busy.value = true;
    failed.value = false;
    // A page's own wrappers cannot be handed over: the plain thing is.
    worker.postMessage(JSON.parse(JSON.stringify({ id: ++id, ...wanted.value })) as Asked);
  }
  function stop(): void {
    worker?.postMessage({ id: ++id, stop: true });
    busy.value = false;
  }
  watch(wanted, ask, { immediate: true });
  onScopeDispose(() => worker?.terminate());
  return { told, lasting, busy, failed, stop, goOn: ask };
}
