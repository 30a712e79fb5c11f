<script setup lang="ts">
import { computed, useId } from 'vue';
import { dayNumber, firstOfYear } from '@emberfield/core/measure';
import type { YearRow } from '@emberfield/contract';
import { strokeDays, strokeShape } from '../kit/stroke-path.ts';
import { useWords } from '../session/words.ts';
import type { PlannedAt } from '../session/planned.ts';
import { xOf, type YearFrame } from './year-frame.ts';
import { sayMark, sayWindows } from './say-year.ts';

const props = defineProps<{
  row: YearRow;
  frame: YearFrame;
  year: number;
  name: string;
  moss: boolean;
  planned: readonly PlannedAt[];
}>();
const words = useWords();
const id = `year-${useId()}`;
const PAST_HEIGHT = 5;
const height = computed(() => 24 + props.row.past.length * PAST_HEIGHT);
/** A stroke ends with its last day, not at its beginning. */
const scale = computed(() => ({
  first: props.frame.first,
  last: props.frame.last + 1,
  width: props.frame.width,
  y: 5,
  height: 9,
}));
const strokes = computed(() =>
  props.row.windows.flatMap((w) => {
    const days = strokeDays(w.opens, w.closes, dayNumber, props.frame.last + 90);
    const shape = days && strokeShape({ ...days, closes: days.closes + 1, latest: days.latest + 1 }, scale.value);
    if (!shape) return [];
    const clear = w.separable?.p50 ? xOf(props.frame, dayNumber(w.separable.p50)) : null;
    return [{ shape, clear: clear !== null && clear > shape.from ? Math.min(clear, shape.to) : null }];
  }),
);
const before = computed(() =>
  props.row.past.flatMap(({ year, windows }, k) =>
    windows.flatMap((w) => {
      const shift = firstOfYear(props.year) - firstOfYear(year);
      const days = strokeDays(w.opens, w.closes, dayNumber, firstOfYear(year + 1) + 90);
      if (!days) return [];
      const from = Math.max(0, xOf(props.frame, days.opens + shift));
      const to = Math.min(props.frame.width, xOf(props.frame, days.closes + 1 + shift));
      return to > from ? [{ year, from, width: to - from, y: 17 + k * PAST_HEIGHT }] : [];
    }),
  ),
);
const marks = computed(() =>
  props.row.marks.flatMap((m) => {
    const day = dayNumber(m.day);
    if (day < props.frame.first || day > props.frame.last) return [];
    return [{ ...m, x: xOf(props.frame, day + 0.5), text: sayMark(m, words.value) }];
  }),
);
const MID_WEEK = 3.5;
const plans = computed(() =>
  props.planned.flatMap(({ name, weeks }) =>
    weeks.flatMap((monday) => {
      const day = dayNumber(monday) + MID_WEEK;
      if (day < props.frame.first || day > props.frame.last + 1) return [];
      const text = words.value.t('year.planned', { name, day: words.value.format.day(monday) });
      return [{ x: xOf(props.frame, day), text }];
    }),
  ),
);
</script>

<template>
  <svg
    :width="frame.width"
    :height="height"
    role="img"
    :aria-label="words.t('year.row', { name, windows: sayWindows(row, words) })">
    <path :d="`M0 ${height - 1}H${frame.width}`" class="ground" />
    <rect
      v-for="(b, i) in before"
      :key="`b${i}`"
      :x="b.from"
      :y="b.y"
      :width="b.width"
      height="3"
      rx="1.5"
      class="past">
      <title>{{ b.year }}</title>
    </rect>
    <template v-for="(s, i) in strokes" :key="i">
      <linearGradient :id="`${id}-${i}`" :x1="s.shape.from" :x2="s.shape.to" gradientUnits="userSpaceOnUse">
        <stop offset="0" :class="moss ? 'moss' : 'ember'" stop-opacity="0.08" />
        <stop :offset="s.shape.fullFrom" :class="moss ? 'moss' : 'ember'" />
        <stop :offset="s.shape.fullTo" :class="moss ? 'moss' : 'ember'" />
        <stop offset="1" :class="moss ? 'moss' : 'ember'" stop-opacity="0.08" />
      </linearGradient>
      <path :d="s.shape.path" :fill="`url(#${id}-${i})`" />
      <path v-if="s.clear !== null" :d="`M${s.shape.from} ${s.shape.middle}H${s.clear}`" class="mixed" />
    </template>
    <path v-for="(p, i) in plans" :key="`p${i}`" :d="`M${p.x - 5} 9.5l5 -6 5 6 -5 6Z`" class="planned">
      <title>{{ p.text }}</title>
    </path>
    <g v-for="(m, i) in marks" :key="`m${i}`">
      <circle :cx="m.x" cy="9.5" r="4.2" :class="m.kind">
        <title>{{ m.text }}</title>
      </circle>
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  overflow: hidden;
}
.ground {
  stroke: var(--hair);
}
.ember {
  stop-color: var(--ember);
}
.moss {
  stop-color: var(--moss);
}
.mixed {
  stroke: var(--char);
  stroke-width: 1.6;
  stroke-dasharray: 1.5 3;
}
</style>
<style scoped src="./marks.css"></style>
