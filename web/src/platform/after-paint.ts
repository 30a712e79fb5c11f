import { defineAsyncComponent, type Component } from 'vue';

const AFTER_PAINT_MS = 500;

/**
 * A component that is no part of the first load. It is fetched soon after the first paint whether it is shown or not, so that it is there
 * when it is wanted: also when the server has been renewed meanwhile, or is out of reach.
 */
export function afterPaint(load: () => Promise<{ readonly default: Component }>): Component {
  // What fails here is tried again when it is shown, and said then.
  setTimeout(() => void load().catch(() => undefined), AFTER_PAINT_MS);
  return defineAsyncComponent(load as () => Promise<Component>);
}
