import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue';
import { SANDBOX_KINDS, type SandboxAction, type SandboxState, type SandboxVerdict } from '@emberfield/core/sandbox';
import type { Asked, Told } from './judge.worker.ts';

/** What the truth says of each stand once a year is over, in a worker; they come one by one. */
export function useVerdicts(
  state: Ref<SandboxState>,
  game: Ref<{ readonly seed: number; readonly actions: readonly SandboxAction[] }>,
) {
  const verdicts = shallowRef<readonly SandboxVerdict[]>([]);
  const hasFailed = ref(false);
  let worker: Worker | null = null;
  function dismiss(): void {
    worker?.terminate();
    worker = null;
  }
  function ask(): void {
    dismiss();
    verdicts.value = [];
    hasFailed.value = false;
    if (!state.value.isOver) return;
    worker = new Worker(new URL('./judge.worker.ts', import.meta.url), { type: 'module' });
    worker.onerror = () => {
      dismiss();
      hasFailed.value = true;
    };
    worker.onmessage = ({ data }: MessageEvent<Told>) => {
      verdicts.value = [...verdicts.value, data.verdict];
      if (verdicts.value.length === SANDBOX_KINDS.length) dismiss();
    };
    // What the page watches cannot be posted as it is.
    worker.postMessage(JSON.parse(JSON.stringify(game.value)) as Asked);
  }
  watch(() => `${state.value.seed}:${state.value.nth}:${state.value.isOver}`, ask, { immediate: true });
  onScopeDispose(dismiss);
  return { verdicts, hasFailed, again: ask };
}
