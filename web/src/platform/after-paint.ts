import { promiseTimeout } from '@vueuse/core';
import { defineAsyncComponent, type Component } from 'vue';

const AFTER_PAINT_MS = 500;
const LONGEST_BUSY_MS = 2_000;

/** Once the page has nothing more urgent to do; not every browser says when that is. */
export const whenIdle = (): Promise<void> =>
  new Promise((resolve) => {
    if (typeof requestIdleCallback === 'function') requestIdleCallback(() => resolve(), { timeout: LONGEST_BUSY_MS });
    else setTimeout(resolve, AFTER_PAINT_MS);
  });

/** Lets the browser draw, and answer a finger, between two pieces of work of the start. */
export const breath = (): Promise<void> => promiseTimeout(0);

/**
 * A component that is no part of the first load. It is fetched soon after the first paint whether it is shown or not, so that it is there
 * when it is wanted: also when the server has been renewed meanwhile, or is out of reach.
 */
export function afterPaint(load: () => Promise<{ readonly default: Component }>): Component {
  // What fails here is tried again when it is shown, and said then.
  void promiseTimeout(AFTER_PAINT_MS)
    .then(whenIdle)
    .then(load)
    .catch(() => undefined);
  return defineAsyncComponent(load as () => Promise<Component>);
}
