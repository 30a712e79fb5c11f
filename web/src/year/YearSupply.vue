<script setup lang="ts">
import { computed, useId } from 'vue';
import { isoDay } from '@emberfield/core/measure';
import { useWords } from '../session/words.ts';
import { nameOf } from './say-year.ts';
import { xOf, type YearFrame } from './year-frame.ts';
import type { PartLine } from './year-lines.ts';
import { supplyOf, thinSpans } from './year-supply.ts';

const props = defineProps<{ lines: readonly PartLine[]; frame: YearFrame }>();
const words = useWords();
const hatch = `hatch-${useId()}`;
const HEIGHT = 34;
const steps = computed(() => supplyOf(props.lines, props.frame));
const most = computed(() => Math.max(1, ...steps.value.map((s) => s.open)));
const bars = computed(() =>
  steps.value.map((s) => {
    const h = s.open === 0 ? 0 : 3 + (s.open / most.value) * (HEIGHT - 5);
    const x = xOf(props.frame, s.first);
    return {
      ...s,
      x,
      width: Math.max(1, xOf(props.frame, s.first + s.days) - x - 1.5),
      y: HEIGHT - h,
      h,
      title: words.value.t('year.fullOn', { day: words.value.format.day(isoDay(s.first)), n: s.open }),
    };
  }),
);
const MOST_SPANS = 5;
const MOST_NAMED = 2;
const thin = computed(() => {
  const { t, format } = words.value;
  const spans = thinSpans(props.lines, steps.value).slice(0, MOST_SPANS);
  if (spans.length === 0) return t('year.thinNone');
  return t('year.thin', {
    spans: spans
      .map(({ from, to, only }) => {
        const names = [...new Set(only.map((l) => nameOf(l, words.value)))];
        const parts = format.list([...names.slice(0, MOST_NAMED), ...(names.length > MOST_NAMED ? ['…'] : [])]);
        const days = { from: format.shortDay(from), to: format.shortDay(to) };
        return names.length ? t('year.thinOnly', { ...days, parts }) : t('year.thinNothing', days);
      })
      .join('; '),
  });
});
</script>

<template>
  <div class="supply">
    <b class="name">{{ words.t('year.full') }}</b>
    <div>
      <svg :width="frame.width" :height="HEIGHT" role="img" :aria-label="thin">
        <pattern :id="hatch" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="5" height="5" class="thin-ground" />
          <path d="M0 0V5" class="thin-line" />
        </pattern>
        <rect
          v-for="b in bars"
          :key="b.first"
          :x="b.x"
          :y="b.y"
          :width="b.width"
          :height="b.h"
          :fill="b.thin ? `url(#${hatch})` : undefined"
          class="bar">
          <title>{{ b.title }}</title>
        </rect>
        <path :d="`M0 ${HEIGHT - 0.5}H${frame.width}`" class="ground" />
      </svg>
      <p class="soft small">{{ thin }}</p>
    </div>
  </div>
</template>

<style scoped>
.supply {
  display: flex;
  margin-top: 14px;
  break-inside: avoid;
}
.name {
  width: var(--names);
  flex: none;
  font-size: 14px;
  align-self: flex-start;
  padding-top: 12px;
}
svg {
  display: block;
}
.bar:not([fill]) {
  fill: var(--loam);
}
.thin-ground {
  fill: var(--paper);
}
.thin-line {
  stroke: var(--rime);
  stroke-width: 3;
}
.ground {
  stroke: var(--edge);
}
p {
  margin-top: 4px;
}
@media (max-width: 900px) {
  .supply {
    display: block;
  }
}
</style>
