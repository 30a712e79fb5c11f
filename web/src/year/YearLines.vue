<script setup lang="ts">
import { computed, ref } from 'vue';
import { dayNumber } from '@emberfield/core/measure';
import { isPhone } from '../platform/theme.ts';
import VirtualRows from '../kit/VirtualRows.vue';
import { ticksOf, xOf, type YearFrame } from './year-frame.ts';
import type { YearLine } from './year-lines.ts';
import YearLineRow from './YearLineRow.vue';

const props = defineProps<{
  lines: readonly YearLine[];
  frame: YearFrame;
  year: number;
  day: string;
  query: Record<string, string>;
  narrow: boolean;
}>();
const rows = ref<{ drawAll: () => Promise<void> } | null>(null);
const PLACE_PX = isPhone.value ? 44 : 30;
const LINE_PX = 25;
/** On the phone the name stands above the strip. */
const NAME_PX = 44;
const sizeOf = (line: YearLine): number =>
  line.kind === 'place' ? PLACE_PX : LINE_PX + line.row.past.length * 5 + (props.narrow ? NAME_PX : 0);
defineExpose({ print: () => rows.value?.drawAll() });
const now = computed(() => xOf(props.frame, dayNumber(props.day) + 0.5));
</script>

<template>
  <div class="lines">
    <svg class="grid" :width="frame.width" height="100%" aria-hidden="true">
      <path v-for="t in ticksOf(frame)" :key="t" :d="`M${xOf(frame, t)} 0V100000`" class="tick" />
      <path :d="`M${now} 0V100000`" class="now" />
    </svg>
    <VirtualRows v-slot="{ item }" ref="rows" :items="lines" :estimate="sizeOf">
      <YearLineRow :line="item" :frame="frame" :year="year" :query="query" />
    </VirtualRows>
  </div>
</template>

<style scoped>
.lines {
  position: relative;
}
.grid {
  position: absolute;
  top: 0;
  left: var(--names);
  pointer-events: none;
}
.tick {
  stroke: var(--hair);
}
.now {
  stroke: var(--char);
  stroke-width: 1.6;
}
@media (max-width: 900px) {
  .grid {
    left: 0;
  }
}
</style>
