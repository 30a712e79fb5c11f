<script setup lang="ts">
import { computed, ref } from 'vue';
import { useEventListener } from '@vueuse/core';
import { useWindowVirtualizer } from '@tanstack/vue-virtual';
import { dayNumber } from '@emberfield/core/measure';
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
const list = ref<HTMLElement | null>(null);
const PLACE_PX = 30;
const LINE_PX = 25;
/** On the phone the name stands above the strip. */
const NAME_PX = 32;
const sizeOf = (line: YearLine): number =>
  line.kind === 'place' ? PLACE_PX : LINE_PX + line.row.past.length * 5 + (props.narrow ? NAME_PX : 0);
const virtual = useWindowVirtualizer(
  computed(() => ({
    count: props.lines.length,
    estimateSize: (i: number) => sizeOf(props.lines[i]!),
    getItemKey: (i: number) => props.lines[i]!.key,
    overscan: 12,
    scrollMargin: list.value?.offsetTop ?? 0,
  })),
);
const margin = computed(() => virtual.value.options.scrollMargin);
/** On paper all lines stand below each other; on the screen only those in sight are drawn. */
const MOST_PRINTED = 2_000;
const printing = ref(false);
useEventListener('beforeprint', () => (printing.value = true));
useEventListener('afterprint', () => (printing.value = false));
defineExpose({ print: () => (printing.value = true) });
const now = computed(() => xOf(props.frame, dayNumber(props.day) + 0.5));
</script>

<template>
  <div ref="list" class="lines">
    <svg class="grid" :width="frame.width" height="100%" aria-hidden="true">
      <path v-for="t in ticksOf(frame)" :key="t" :d="`M${xOf(frame, t)} 0V100000`" class="tick" />
      <path :d="`M${now} 0V100000`" class="now" />
    </svg>
    <template v-if="printing">
      <YearLineRow
        v-for="l in lines.slice(0, MOST_PRINTED)"
        :key="l.key"
        :line="l"
        :frame="frame"
        :year="year"
        :query="query" />
    </template>
    <div v-else :style="{ height: `${virtual.getTotalSize()}px` }">
      <div
        v-for="v in virtual.getVirtualItems()"
        :key="String(v.key)"
        class="item"
        :style="{ transform: `translateY(${v.start - margin}px)` }">
        <YearLineRow :line="lines[v.index]!" :frame="frame" :year="year" :query="query" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.lines {
  position: relative;
}
.item {
  position: absolute;
  top: 0;
  left: 0;
  right: 0;
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
