import { defineStore } from 'pinia';
import { ref } from 'vue';

interface Done {
  readonly text: string;
  readonly undo: (() => Promise<void>) | null;
  readonly warn: boolean;
}

const SHOWN_MS = 12_000;

/** What was just done, shown for a while at the foot of the screen, with the way back. */
export const useUndo = defineStore('undo', () => {
  const done = ref<Done | null>(null);
  let timer: ReturnType<typeof setTimeout> | undefined;
  function say(text: string, undo: Done['undo'] = null, warn = false): void {
    clearTimeout(timer);
    done.value = { text, undo, warn };
    timer = setTimeout(() => (done.value = null), SHOWN_MS);
  }
  function clear(): void {
    done.value = null;
  }
  return { done, say, clear };
});
