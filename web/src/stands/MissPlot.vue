<script setup lang="ts">
import { computed, ref } from 'vue';
import { useElementSize } from '@vueuse/core';
import { useWords } from '../session/words.ts';
import DateLegend from '../kit/DateLegend.vue';
import { roomForNames } from '../kit/ladder-layout.ts';
import type { MissMark, MissPlot } from './miss-plot.ts';
import { sayMiss } from './say-miss.ts';

const props = defineProps<{ plot: MissPlot }>();
const words = useWords();
const box = ref<HTMLElement | null>(null);
const { width } = useElementSize(box);
const wide = computed(() => Math.max(300, width.value));
const ROW = 26;
const left = computed(() =>
  Math.min(wide.value * 0.4, roomForNames(props.plot.rows.map((r) => words.value.text(r.stageName)))),
);
const half = computed(() => (wide.value - left.value - 14) / 2);
const x = (at: number): number => left.value + half.value * (1 + at * 0.96);
const height = computed(() => props.plot.rows.length * ROW + 30);
const y = (row: number): number => row * ROW + 16;
/** Marks on one place stand a little apart, so that each can be seen. */
const spread = (marks: readonly MissMark[], k: number): number => (marks.length < 2 ? 0 : ((k % 3) - 1) * 4);
const say = (m: MissMark): string =>
  words.value.t('stand.proofMiss', {
    stage: words.value.text(m.trial.stageName),
    season: m.trial.season,
    who: words.value.t(m.by === 'forecast' ? 'stand.proofMine' : 'stand.proofLastYear'),
    miss: sayMiss(m.by === 'forecast' ? m.trial.miss! : m.trial.lastYearMiss!, words.value),
  });
</script>

<template>
  <div ref="box">
    <svg :width="wide" :height="height" role="img" :aria-label="words.t('stand.proof')">
      <path :d="`M${x(0)} 0V${height - 22}`" class="on" />
      <g v-for="(r, i) in plot.rows" :key="r.stage">
        <path :d="`M${left} ${y(i)}H${wide - 8}`" class="grid" />
        <text :x="left - 10" :y="y(i) + 4.5" text-anchor="end" class="name">{{ words.text(r.stageName) }}</text>
        <g v-for="(m, k) in r.marks" :key="k" :transform="`translate(${x(m.at)} ${y(i) + spread(r.marks, k)})`">
          <circle v-if="m.by === 'forecast'" r="4.2" class="mine" />
          <path v-else d="M0 -5L5 0L0 5L-5 0Z" class="last" />
          <path v-if="m.beyond" :d="m.at < 0 ? 'M-7 -4L-12 0L-7 4' : 'M7 -4L12 0L7 4'" class="beyond" />
          <title>{{ say(m) }}</title>
        </g>
      </g>
      <text :x="left" :y="height - 5" class="axis">{{ words.t('stand.proofEarly', { n: plot.reach }) }}</text>
      <text :x="x(0)" :y="height - 5" text-anchor="middle" class="axis">{{ words.t('stand.proofOn') }}</text>
      <text :x="wide - 8" :y="height - 5" text-anchor="end" class="axis">
        {{ words.t('stand.proofLate', { n: plot.reach }) }}
      </text>
    </svg>
    <DateLegend />
  </div>
</template>

<style scoped>
svg {
  display: block;
  max-width: 100%;
}
.grid {
  stroke: var(--hair);
}
.on {
  stroke: var(--char);
  stroke-width: 1.4;
}
.name,
.axis {
  font-size: 13px;
  fill: var(--char);
}
.axis {
  fill: var(--soft);
}
.mine {
  fill: var(--ember);
}
.last,
.beyond {
  fill: none;
  stroke: var(--soft);
  stroke-width: 1.6;
}
</style>
