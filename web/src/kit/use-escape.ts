import { useEventListener } from '@vueuse/core';

/** Escape closes, wherever the focus is. */
export function useEscape(close: () => void): void {
  useEventListener(window, 'keydown', (event) => {
    if (event.key === 'Escape') close();
  });
}
