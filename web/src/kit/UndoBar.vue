<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { CloseOutlined } from '@ant-design/icons-vue';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';

const store = useUndo();
const words = useWords();
</script>

<template>
  <div class="bar-place no-print" aria-live="polite">
    <div
      v-if="store.done"
      class="undo"
      :class="{ over: store.done.warn }"
      @mouseenter="store.hold"
      @mouseleave="store.letGo"
      @focusin="store.hold"
      @focusout="store.letGo">
      <span>{{ store.done.text ?? words.t('common.undone') }}</span>
      <Button v-if="store.done.undo" ghost :disabled="store.busy" @click="store.takeBack()"
        >{{ words.t('common.undo') }} <kbd>u</kbd></Button
      >
      <Button type="text" class="x" :aria-label="words.t('common.close')" @click="store.clear()">
        <template #icon><CloseOutlined aria-hidden="true" /></template>
      </Button>
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
/* Above the ways at the foot of the phone. */
:global(body:has(nav.bottom) .bar-place) {
  bottom: 76px;
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
.undo :deep(.ant-btn) {
  color: inherit;
  border-color: currentColor;
}
.undo .x {
  border-color: transparent;
}
</style>
