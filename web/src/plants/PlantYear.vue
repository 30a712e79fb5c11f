<script setup lang="ts">
import { computed } from 'vue';
import type { PlantProfile } from '@emberfield/contract';
import { useWords } from '../session/words.ts';
import { yearBars } from './plant-year.ts';

const props = defineProps<{ profile: PlantProfile }>();
const words = useWords();
const WIDTH = 780;
const LEFT = 130;
const ROW = 26;
const parts = computed(() => [...new Set(props.profile.windows.map((w) => w.part))]);
const bars = computed(() => yearBars(props.profile));
const height = computed(() => 30 + parts.value.length * ROW + 30);
const x = (share: number): number => LEFT + share * (WIDTH - LEFT - 6);
const stages = computed(() =>
  props.profile.stages.map((s) => ({
    key: s.key,
    x: x(((s.calendar.value - 1) % 365) / 365),
    name: words.value.text(s.name),
  })),
);
const leafy = ['leaf', 'shoot', 'tip', 'root'];
const nameOf = (part: string): string =>
  words.value.text(props.profile.parts.find((p) => p.key === part)?.name ?? { en: part });
</script>

<template>
  <div class="scroll" tabindex="0" role="group" :aria-label="words.t('plants.yearOf')">
    <svg :viewBox="`0 0 ${WIDTH} ${height}`" role="img" :aria-label="words.t('plants.yearOf')">
      <g v-for="m in 12" :key="m">
        <path :d="`M${x((m - 1) / 12)} 18V${height - 22}`" class="grid" />
        <text :x="x((m - 1) / 12) + 4" y="13">{{ words.format.month(m - 1) }}</text>
      </g>
      <g v-for="(p, i) in parts" :key="p">
        <text :x="LEFT - 10" :y="30 + i * ROW + 14" text-anchor="end" class="name">{{ nameOf(p) }}</text>
        <rect
          v-for="(b, k) in bars.filter((z) => z.part === p)"
          :key="k"
          :x="x(b.from)"
          :y="30 + i * ROW + 4"
          :width="Math.max(4, x(b.to) - x(b.from))"
          height="13"
          rx="6"
          :class="leafy.includes(p) ? 'moss' : 'ember'">
          <title>{{ nameOf(p) }}: {{ b.use }}</title>
        </rect>
      </g>
      <path :d="`M${LEFT} ${height - 16}H${WIDTH - 6}`" class="grid" />
      <g v-for="s in stages" :key="s.key">
        <circle :cx="s.x" :cy="height - 16" r="4.5" class="stage">
          <title>{{ s.name }}</title>
        </circle>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
svg {
  width: 100%;
  min-width: 640px;
  max-width: 860px;
  display: block;
}
.grid {
  stroke: var(--hair);
}
text {
  font-size: 13px;
  fill: var(--soft);
}
.name {
  fill: var(--char);
}
.ember {
  fill: var(--ember);
}
.moss {
  fill: var(--moss);
}
.stage {
  fill: var(--sheet);
  stroke: var(--loam);
  stroke-width: 2;
}
</style>
