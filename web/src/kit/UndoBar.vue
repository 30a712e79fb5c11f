<script setup lang="ts">
import { ref } from 'vue';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';

const store = useUndo();
const words = useWords();
const busy = ref(false);
async function takeBack(): Promise<void> {
  const undo = store.done?.undo;
  if (!undo) return;
  busy.value = true;
  try {
    await undo();
    store.say(words.value.t('common.undone'));
  } catch (error) {
    store.say((error as Error).message, undo, true);
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <div class="bar-place no-print" aria-live="polite">
    <div v-if="store.done" class="undo" :class="{ over: store.done.warn }">
      <span>{{ store.done.text }}</span>
      <button v-if="store.done.undo" type="button" :disabled="busy" @click="takeBack">
        {{ words.t('common.undo') }}
      </button>
      <button type="button" class="x" :aria-label="words.t('common.close')" @click="store.clear()">×</button>
    </div>
  </div>
</template>

<style scoped>
.bar-place {
  position: fixed;
  inset: auto 0 18px;
  display: flex;
  justify-content: center;
  pointer-events: none;
  z-index: 40;
  padding: 0 12px;
}
/* Above the foot of a field form, whose button must stay in reach. */
:global(body:has(.field-screen) .bar-place) {
  bottom: 112px;
}
.undo {
  pointer-events: auto;
  display: flex;
  gap: 14px;
  align-items: center;
  background: var(--char);
  color: var(--paper);
  padding: 10px 10px 10px 18px;
  border-radius: 5px;
  max-width: 640px;
}
.undo.over {
  border-left: 5px solid var(--glow);
}
button {
  background: none;
  border: 1px solid currentColor;
  color: inherit;
  font: 650 15px var(--sans);
  padding: 7px 14px;
  border-radius: 4px;
  cursor: pointer;
  min-height: 40px;
}
.x {
  border-color: transparent;
  padding: 4px 10px;
  font-size: 18px;
}
</style>
