<script setup lang="ts">
import { CaretDownOutlined, CaretUpOutlined, PushpinFilled, PushpinOutlined } from '@ant-design/icons-vue';
import { refDebounced, useLocalStorage } from '@vueuse/core';
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { RibbonView } from '@emberfield/contract';
import SeasonRibbon from '../kit/SeasonRibbon.vue';
import { isPhone } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';

/** The year as a strip under the bar: thin until it is wanted, then as tall as its windows are many. */
defineProps<{ ribbon: RibbonView | undefined; day: string; today: string }>();
const emit = defineEmits<{ look: [day: string]; step: [days: number] }>();
const words = useWords();
const THIN = 44;
const TALL = 96;
/** A mouse on its way past opens nothing, ms. */
const HOVER_MS = 200;
const pinned = useLocalStorage('emberfield-ribbon-pinned', false);
const hovered = ref(false);
const focused = ref(false);
const stayed = refDebounced(hovered, HOVER_MS);
/** A thumb opens it on purpose, and only then can it move the day: nothing jumps on the way past. */
const pulled = ref(false);
const over = computed(() =>
  isPhone.value ? false : !pinned.value && (focused.value || (hovered.value && stayed.value)),
);
const tall = computed(() => (isPhone.value ? pulled.value : pinned.value || over.value));
const height = computed(() => (tall.value ? TALL : THIN));
function focus(event: FocusEvent): void {
  focused.value = (event.target as Element).matches('[role=slider]:focus-visible');
}
</script>

<template>
  <div class="place" :style="{ height: `${over ? THIN : height}px` }">
    <div
      class="strip"
      :class="{ over }"
      @mouseenter="hovered = true"
      @mouseleave="hovered = false"
      @focusin="focus"
      @focusout="focused = false">
      <SeasonRibbon
        :ribbon="ribbon"
        :day="day"
        :today="today"
        :height="height"
        :class="{ still: isPhone && !pulled }"
        @look="emit('look', $event)"
        @step="emit('step', $event)" />
      <Button
        v-if="isPhone"
        class="pull"
        type="text"
        :aria-label="words.t(pulled ? 'day.shut' : 'day.pull')"
        :aria-expanded="pulled"
        @click="pulled = !pulled">
        <template #icon
          ><CaretUpOutlined v-if="pulled" aria-hidden="true" /><CaretDownOutlined v-else aria-hidden="true"
        /></template>
      </Button>
      <Button
        v-else-if="tall"
        class="pin"
        type="text"
        size="small"
        :aria-label="words.t(pinned ? 'day.unpin' : 'day.pin')"
        :aria-pressed="pinned"
        @click="pinned = !pinned">
        <template #icon
          ><PushpinFilled v-if="pinned" aria-hidden="true" /><PushpinOutlined v-else aria-hidden="true"
        /></template>
      </Button>
    </div>
  </div>
</template>

<style scoped>
.place {
  position: relative;
  z-index: 15;
}
.strip {
  position: relative;
  background: var(--paper);
  padding: 0 24px;
}
.over {
  box-shadow: 0 1px 0 var(--hair);
}
.pin {
  position: absolute;
  right: 26px;
  top: 0;
}
.pull {
  position: absolute;
  inset: auto 0 0 auto;
}
/* Shut, the strip is looked at: a touch goes by it, a press opens it. */
.still {
  pointer-events: none;
}
@media (max-width: 900px) {
  .strip {
    padding: 0 52px 0 14px;
  }
}
@media print {
  .place {
    display: none;
  }
}
</style>
