import { defineStore } from 'pinia';
import { ref } from 'vue';

interface Done {
  /** `null`: that it was taken back, which whoever shows it says. */
  readonly text: string | null;
  readonly undo: (() => Promise<void>) | null;
  readonly warn: boolean;
}

const SHOWN_MS = 12_000;

/** What was just done, shown for a while at the foot of the screen, with the way back. */
export const useUndo = defineStore('undo', () => {
  const done = ref<Done | null>(null);
  const busy = ref(false);
  let timer: ReturnType<typeof setTimeout> | undefined;
  function say(text: string | null, undo: Done['undo'] = null, warn = false): void {
    done.value = { text, undo, warn };
    letGo();
  }
  /** Whoever is on it, by mouse or key, has all the time they need. */
  const hold = (): void => clearTimeout(timer);
  function letGo(): void {
    clearTimeout(timer);
    timer = setTimeout(() => (done.value = null), SHOWN_MS);
  }
  function clear(): void {
    done.value = null;
  }
  async function takeBack(): Promise<void> {
    const undo = done.value?.undo;
    if (!undo || busy.value) return;
    busy.value = true;
    try {
      await undo();
      say(null);
    } catch (error) {
      say((error as Error).message, undo, true);
    } finally {
      busy.value = false;
    }
  }
  return { done, busy, say, hold, letGo, clear, takeBack };
});
