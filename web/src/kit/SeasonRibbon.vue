<script setup lang="ts">
import { computed, ref, useId } from 'vue';
import { useElementSize } from '@vueuse/core';
import { dayNumber, firstOfYear, isoDay, yearOf } from '@emberfield/core/measure';
import type { RibbonView } from '@emberfield/contract';
import { useWords } from '../session/words.ts';
import { lanesFor, lanesIn } from './ribbon-lanes.ts';

const props = defineProps<{ ribbon: RibbonView | undefined; day: string; today: string; height: number }>();
const emit = defineEmits<{ look: [day: string]; step: [days: number] }>();
const words = useWords();
const id = `ribbon-${useId()}`;
const strip = ref<SVGSVGElement | null>(null);
const box = ref<HTMLElement | null>(null);
const { width } = useElementSize(box);
/** Names of months that have room: a month is at least this wide, px. */
const MONTH_PX = 44;
const year = computed(() => yearOf(dayNumber(props.day)));
const first = computed(() => firstOfYear(year.value));
const last = computed(() => firstOfYear(year.value + 1) - 1);
const x = (d: number): number => ((d - first.value) / (last.value - first.value)) * Math.max(1, width.value);
const dragged = ref<number | null>(null);
const notch = computed(() => x(dragged.value ?? dayNumber(props.day)));
const everyMonth = computed(() => (width.value / 12 >= MONTH_PX ? 1 : 2));
const months = computed(() =>
  Array.from({ length: 12 }, (_, m) => ({
    m,
    x: x(Math.round(Date.UTC(year.value, m, 1) / 86_400_000)),
    name: m % everyMonth.value === 0 ? words.value.format.month(m) : '',
  })),
);
const warmth = computed(() =>
  (props.ribbon?.warmthC ?? []).map((c, i) => ({
    x: x(first.value + i * 5),
    w: x(first.value + 5) + 0.5,
    o: c === null ? 0 : Math.min(0.4, Math.max(0, (c - 3) / 44)),
  })),
);
const strokes = computed(() =>
  lanesFor(props.ribbon?.strokes ?? [], {
    first: first.value,
    last: last.value,
    width: Math.max(1, width.value),
    lanes: lanesIn(props.height),
  }),
);

const dayAt = (clientX: number): number => {
  const rect = strip.value!.getBoundingClientRect();
  const share = Math.min(1, Math.max(0, (clientX - rect.left) / rect.width));
  return first.value + Math.round(share * (last.value - first.value));
};
/** A finger that only touches the strip on its way past must not move the day: it drags, a mouse may press. */
const DRAG_PX = 8;
let grabbedAt: number | null = null;
function grab(event: PointerEvent): void {
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  grabbedAt = event.clientX;
  if (event.pointerType === 'mouse') dragged.value = dayAt(event.clientX);
}
function move(event: PointerEvent): void {
  if (grabbedAt === null) return;
  if (dragged.value !== null || Math.abs(event.clientX - grabbedAt) >= DRAG_PX) dragged.value = dayAt(event.clientX);
}
function release(): void {
  if (dragged.value !== null) emit('look', isoDay(dragged.value));
  letGo();
}
function letGo(): void {
  dragged.value = null;
  grabbedAt = null;
}
function key(event: KeyboardEvent): void {
  const step = { ArrowLeft: -1, ArrowRight: 1, PageDown: -7, PageUp: 7 }[event.key];
  if (step !== undefined) emit('step', step);
  else if (event.key === 'Home') emit('look', isoDay(first.value));
  else if (event.key === 'End') emit('look', isoDay(last.value));
  else return;
  event.preventDefault();
}
</script>

<template>
  <div ref="box" class="ribbon" :style="{ height: `${height}px` }">
    <svg
      ref="strip"
      :width="width"
      :height="height"
      tabindex="0"
      role="slider"
      :aria-label="words.t('day.ribbon')"
      :aria-valuemin="1"
      :aria-valuemax="last - first + 1"
      :aria-valuenow="dayNumber(day) - first + 1"
      :aria-valuetext="words.format.weekday(day)"
      @pointerdown="grab"
      @pointermove="move"
      @pointerup="release"
      @pointercancel="letGo"
      @keydown="key">
      <defs>
        <linearGradient
          v-for="(s, i) in strokes"
          :id="`${id}-${i}`"
          :key="i"
          :x1="s.shape.from"
          :x2="s.shape.to"
          gradientUnits="userSpaceOnUse">
          <stop offset="0" :class="s.leafy ? 'moss' : 'ember'" stop-opacity="0" />
          <stop :offset="s.shape.fullFrom" :class="s.leafy ? 'moss' : 'ember'" />
          <stop :offset="s.shape.fullTo" :class="s.leafy ? 'moss' : 'ember'" />
          <stop offset="1" :class="s.leafy ? 'moss' : 'ember'" stop-opacity="0" />
        </linearGradient>
      </defs>
      <rect
        v-for="(w, i) in warmth"
        :key="i"
        :x="w.x"
        y="0"
        :width="w.w"
        :height="height"
        class="warm"
        :opacity="w.o" />
      <g v-for="m in months" :key="m.m">
        <path :d="`M${m.x} ${height - 12}V${height}`" class="tick" />
        <text :x="m.x + 4" :y="height - 3">{{ m.name }}</text>
      </g>
      <template v-for="(s, i) in strokes" :key="`s${i}`">
        <path :d="s.shape.path" :fill="`url(#${id}-${i})`" />
        <path v-if="s.clearFrom !== null" :d="`M${s.shape.from} ${s.shape.middle}H${s.clearFrom}`" class="mixed" />
      </template>
      <path
        v-if="today !== day && year === yearOf(dayNumber(today))"
        :d="`M${x(dayNumber(today))} 0V${height}`"
        class="today" />
      <path :d="`M${notch - 8} 0H${notch + 8}L${notch} 10Z`" class="notch" />
      <path :d="`M${notch} 0V${height}`" class="line" />
    </svg>
    <span v-if="dragged !== null" class="flag" :style="{ left: `${notch}px` }">{{
      words.format.day(isoDay(dragged))
    }}</span>
  </div>
</template>

<style scoped>
.mixed {
  stroke: var(--paper);
  stroke-width: 6;
  stroke-dasharray: 2 2.5;
}
.ribbon {
  position: relative;
  box-sizing: content-box;
  border-bottom: 1.5px solid var(--char);
}
svg {
  display: block;
  touch-action: pan-y;
  cursor: ew-resize;
}
text {
  font-size: 13px;
  fill: var(--soft);
  pointer-events: none;
  user-select: none;
}
.warm {
  fill: var(--glow);
}
.tick {
  stroke: var(--edge);
}
.notch {
  fill: var(--char);
}
.line {
  stroke: var(--char);
  stroke-width: 1.6;
}
.today {
  stroke: var(--soft);
  stroke-dasharray: 2 3;
}
.ember {
  stop-color: var(--ember);
}
.moss {
  stop-color: var(--moss);
}
.flag {
  position: absolute;
  top: 100%;
  transform: translateX(-50%);
  background: var(--char);
  color: var(--paper);
  padding: 3px 10px;
  border-radius: 3px;
  white-space: nowrap;
  z-index: 5;
}
</style>
