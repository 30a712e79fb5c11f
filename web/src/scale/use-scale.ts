import { computed, onScopeDispose, ref, shallowRef, type ComputedRef, type Ref } from 'vue';
import { ALIKE, isStill, type Reading } from './scale-line.ts';
import type { ScaleSource } from './scale.ts';

/** What lies on a scale, without what it was tared with. */
export function useScale(source: () => ScaleSource | null): {
  readonly running: Ref<boolean>;
  /** g; `null`: it has said nothing yet. */
  readonly netG: ComputedRef<number | null>;
  readonly still: ComputedRef<boolean>;
  /** Why it is lost; '' where nobody says. `null`: it is not. */
  readonly lost: Ref<string | null>;
  readonly start: () => void;
  readonly tare: () => void;
  readonly stop: () => void;
} {
  const last = shallowRef<readonly Reading[]>([]);
  const tareG = ref(0);
  const running = ref(false);
  const lost = ref<string | null>(null);
  let listening: { readonly stop: () => void } | null = null;
  function stop(): void {
    listening?.stop();
    listening = null;
    running.value = false;
    last.value = [];
    tareG.value = 0;
  }
  function start(): void {
    stop();
    lost.value = null;
    running.value = true;
    listening =
      source()?.(
        (reading) => void (last.value = [...last.value, reading].slice(-ALIKE)),
        (why) => {
          stop();
          lost.value = why;
        },
      ) ?? null;
  }
  const newest = computed(() => last.value.at(-1) ?? null);
  onScopeDispose(stop);
  return {
    running,
    netG: computed(() => newest.value && newest.value.massG - tareG.value),
    still: computed(() => isStill(last.value)),
    lost,
    start,
    tare: () => void (tareG.value = newest.value?.massG ?? 0),
    stop,
  };
}
