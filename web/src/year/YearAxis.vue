<script setup lang="ts">
import { computed } from 'vue';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import { useWords } from '../session/words.ts';
import { ticksOf, xOf, type YearFrame } from './year-frame.ts';

const props = defineProps<{ frame: YearFrame; day: string }>();
const emit = defineEmits<{ month: [iso: string] }>();
const words = useWords();
const ticks = computed(() =>
  ticksOf(props.frame).map((d) => {
    const iso = isoDay(d);
    const { format } = words.value;
    const name = {
      year: () => format.month(Number(iso.slice(5, 7)) - 1),
      month: () => String(Number(iso.slice(8))),
      week: () => format.weekday(iso),
    }[props.frame.zoom]();
    return { iso, name, x: xOf(props.frame, d) };
  }),
);
const now = computed(() => xOf(props.frame, dayNumber(props.day) + 0.5));
</script>

<template>
  <div class="axis" :class="frame.zoom">
    <component
      :is="frame.zoom === 'year' ? 'button' : 'span'"
      v-for="t in ticks"
      :key="t.iso"
      :type="frame.zoom === 'year' ? 'button' : undefined"
      :style="{ left: `${t.x}px` }"
      @click="frame.zoom === 'year' && emit('month', t.iso)"
      >{{ t.name }}</component
    >
    <svg width="16" height="12" :style="{ left: `${now - 8}px` }" aria-hidden="true"><path d="M0 0H16L8 11Z" /></svg>
  </div>
</template>

<style scoped>
.axis {
  position: relative;
  height: 30px;
}
.axis > button,
.axis > span {
  position: absolute;
  top: 0;
  height: 28px;
  padding: 4px 0 0 5px;
  border: 0;
  border-left: 1px solid var(--hair);
  background: none;
  color: var(--soft);
  font: inherit;
  font-size: 13px;
  white-space: nowrap;
}
.axis > button {
  cursor: pointer;
}
.axis > button:hover {
  color: var(--char);
  text-decoration: underline;
}
svg {
  position: absolute;
  bottom: 0;
  fill: var(--char);
}
@media (max-width: 900px) {
  .year > button:nth-of-type(even),
  .month > span:nth-of-type(2n) {
    font-size: 0;
  }
  .week > span {
    font-size: 13px;
    width: 48px;
    overflow: hidden;
    text-overflow: ellipsis;
  }
}
</style>
