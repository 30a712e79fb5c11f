<script setup lang="ts">
import { computed, ref } from 'vue';
import { useElementSize } from '@vueuse/core';
import type { GroupProof } from '@emberfield/contract';
import DateLegend from '../kit/DateLegend.vue';
import { roomForNames } from '../kit/ladder-layout.ts';
import { useWords } from '../session/words.ts';

/** Mean days off by plant: a dot for Emberfield, a lozenge for last year's date, a line between them. */
const props = defineProps<{ plants: GroupProof['plants'] }>();
const words = useWords();
const box = ref<HTMLElement | null>(null);
const { width } = useElementSize(box);
const wide = computed(() => Math.max(320, width.value));
const ROW = 26;
const left = computed(() =>
  Math.min(wide.value * 0.4, roomForNames(props.plants.map((p) => words.value.text(p.plantName)))),
);
const most = computed(() =>
  Math.max(4, ...props.plants.flatMap((p) => [p.scores.forecast, p.scores.lastYear, p.scores.meanDate])),
);
const x = (days: number): number => left.value + (days / most.value) * (wide.value - left.value - 20);
const height = computed(() => props.plants.length * ROW + 28);
const y = (i: number): number => i * ROW + 14;
const ticks = computed(() =>
  Array.from({ length: Math.floor(most.value / 2) + 1 }, (_, k) => 2 * k).filter(
    (d) => most.value <= 14 || d % 4 === 0,
  ),
);
</script>

<template>
  <div ref="box">
    <svg :width="wide" :height="height" role="img" :aria-label="words.t('proof.picture')">
      <g v-for="t in ticks" :key="t">
        <path :d="`M${x(t)} 0V${height - 22}`" class="grid" />
        <text :x="x(t)" :y="height - 6" text-anchor="middle" class="axis">{{ t }}</text>
      </g>
      <g v-for="(p, i) in plants" :key="p.plantKey">
        <text :x="left - 10" :y="y(i) + 4.5" text-anchor="end">{{ words.text(p.plantName) }}</text>
        <path :d="`M${x(p.scores.forecast)} ${y(i)}H${x(p.scores.lastYear)}`" class="between" />
        <path :transform="`translate(${x(p.scores.lastYear)} ${y(i)})`" d="M0 -5L5 0L0 5L-5 0Z" class="last">
          <title>{{ words.t('proof.lastYear') }}: {{ words.t('proof.off', { n: p.scores.lastYear }) }}</title>
        </path>
        <circle :cx="x(p.scores.forecast)" :cy="y(i)" r="5" class="mine">
          <title>{{ words.t('proof.mine') }}: {{ words.t('proof.off', { n: p.scores.forecast }) }}</title>
        </circle>
      </g>
    </svg>
    <DateLegend />
  </div>
</template>

<style scoped>
svg {
  display: block;
}
text {
  font-size: 13px;
  fill: var(--char);
}
.axis {
  fill: var(--soft);
}
.grid {
  stroke: var(--hair);
}
.between {
  stroke: var(--bar);
  stroke-width: 2;
}
.mine {
  fill: var(--ember);
}
.last {
  fill: var(--paper);
  stroke: var(--soft);
  stroke-width: 1.6;
}
</style>
