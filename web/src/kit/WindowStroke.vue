<script setup lang="ts">
import { computed, useId } from 'vue';
import { dayNumber } from '@emberfield/core/measure';
import type { DayRangeView } from '@emberfield/contract';
import { strokeDays, strokeShape } from './stroke-path.ts';

const props = defineProps<{
  opens: DayRangeView;
  closes: DayRangeView;
  separable: DayRangeView | null;
  day: string;
  label: string;
}>();
const BEFORE = 30;
const AFTER = 65;
const WIDTH = 206;
const id = `stroke-${useId()}`;
const today = computed(() => dayNumber(props.day));
const frame = computed(() => ({
  first: today.value - BEFORE,
  last: today.value + AFTER,
  width: WIDTH,
  y: 3,
  height: 15,
}));
const days = computed(() => strokeDays(props.opens, props.closes, dayNumber, frame.value.last + 30));
const shape = computed(() => days.value && strokeShape(days.value, frame.value));
const at = (d: number): number => ((d - frame.value.first) / (frame.value.last - frame.value.first)) * WIDTH;
const mixedUntil = computed(() => (props.separable?.p50 && days.value ? at(dayNumber(props.separable.p50)) : null));
</script>

<template>
  <svg class="stroke" :viewBox="`0 0 ${WIDTH} 22`" preserveAspectRatio="none" role="img" :aria-label="label">
    <title>{{ label }}</title>
    <path :d="`M0 10.5H${WIDTH}`" class="ground" />
    <template v-if="shape">
      <linearGradient :id="id" :x1="shape.from" :x2="shape.to" y1="0" y2="0" gradientUnits="userSpaceOnUse">
        <stop offset="0" class="faint" />
        <stop :offset="shape.fullFrom" class="full" />
        <stop :offset="shape.fullTo" class="full" />
        <stop offset="1" class="faint" />
      </linearGradient>
      <path :d="shape.path" :fill="`url(#${id})`" />
      <path
        v-if="mixedUntil !== null && mixedUntil > shape.from"
        :d="`M${shape.from} 10.5H${mixedUntil}`"
        class="mixed" />
    </template>
    <path :d="`M${at(today)} 0V21`" class="today" />
  </svg>
</template>

<style scoped>
.stroke {
  width: 100%;
  height: 22px;
  display: block;
  overflow: hidden;
}
.ground {
  stroke: var(--hair);
}
.faint {
  stop-color: var(--ember);
  stop-opacity: 0;
}
.full {
  stop-color: var(--ember);
  stop-opacity: 1;
}
.today {
  stroke: var(--char);
  stroke-width: 1.6;
}
.mixed {
  stroke: var(--char);
  stroke-width: 1.6;
  stroke-dasharray: 1.5 3;
}
</style>
