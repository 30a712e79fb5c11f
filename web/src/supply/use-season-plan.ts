import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue';
import type { Further, Lifted, SeasonPlan } from '@emberfield/core/supply';
import type { Laid } from './season-task.ts';
import type { Asked, Told } from './supply.worker.ts';

/** A plan, with what it was made for. */
export interface Planned {
  readonly laid: Laid;
  readonly plan: SeasonPlan;
}

/** Why not all of a want is to be had. */
export interface Why {
  readonly lifted: readonly Lifted[];
  readonly further: Further | null;
}

/**
 * The plan of a season, made in a worker, and then, if that is asked, what holds back each want that is not met. What is asked meanwhile takes the place of what was asked
 * before; until it is answered the last answer stands.
 */
export function useSeasonPlan(laid: Ref<Laid | null>, asksWhy: boolean) {
  const planned = shallowRef<Planned | null>(null);
  const heldBack = shallowRef<ReadonlyMap<number, Why>>(new Map());
  const state = ref<'idle' | 'planning' | 'asking' | 'stopped' | 'failed'>('idle');
  const progress = ref<{ readonly done: number; readonly of: number } | null>(null);
  let worker: Worker | null = null;
  let id = 0;
  function dismiss(): void {
    worker?.terminate();
    worker = null;
  }
  function fail(): void {
    dismiss();
    state.value = 'failed';
  }
  function hear(told: Told, asked: Laid): void {
    if (told.kind === 'held') {
      heldBack.value = new Map([...heldBack.value, [told.want, { lifted: told.lifted, further: told.further }]]);
      progress.value = { done: told.done, of: told.of };
      if (told.done === told.of) state.value = 'idle';
    } else if (!told.plan) fail();
    else {
      planned.value = { laid: asked, plan: told.plan };
      heldBack.value = new Map();
      progress.value = null;
      state.value = told.short > 0 ? 'asking' : 'idle';
    }
  }
  function ask(): void {
    // A search that nobody waits for any more would only hold up the next.
    if (state.value === 'planning' || state.value === 'asking') dismiss();
    const asked = laid.value;
    if (!asked) {
      planned.value = null;
      state.value = 'idle';
      return;
    }
    if (!worker) {
      worker = new Worker(new URL('./supply.worker.ts', import.meta.url), { type: 'module' });
      worker.onerror = fail;
    }
    const one = ++id;
    worker.onmessage = ({ data }: MessageEvent<Told>) => {
      if (data.id === one) hear(data, asked);
    };
    state.value = 'planning';
    const standing = asked.sources.map((s) => s.standing);
    worker.postMessage({ id: one, task: asked.task, standing, asksWhy } satisfies Asked);
  }
  function stop(): void {
    dismiss();
    state.value = 'stopped';
  }
  watch(() => laid.value && keyOf(laid.value), ask, { immediate: true });
  onScopeDispose(dismiss);
  return { planned, heldBack, state, progress, stop, again: ask };
}

/** All that a plan hangs on, as a text: `Infinity` and maps too. */
const keyOf = ({ task }: Laid): string =>
  JSON.stringify(task, (_, value: unknown) =>
    value instanceof Map ? [...(value as Map<string, number>)] : value === Infinity ? 'all' : value,
  );
