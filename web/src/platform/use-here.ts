import { onScopeDispose, shallowRef, watch, type ShallowRef } from 'vue';
import { positionSource, type Position } from './position.ts';

/** Where the device is while a page is open; `lost` says that it does not know any more, and why. */
export function useHere(wanted: () => boolean): {
  readonly here: ShallowRef<Position | null>;
  readonly lost: ShallowRef<string | null>;
} {
  const here = shallowRef<Position | null>(null);
  const lost = shallowRef<string | null>(null);
  let running: { readonly stop: () => void } | null = null;
  watch(
    [wanted, positionSource],
    ([is, source]) => {
      running?.stop();
      running = is
        ? source(
            (position) => {
              here.value = position;
              lost.value = null;
            },
            (why) => {
              here.value = null;
              lost.value = why;
            },
          )
        : null;
    },
    { immediate: true },
  );
  onScopeDispose(() => running?.stop());
  return { here, lost };
}
