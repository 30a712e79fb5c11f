<script setup lang="ts">
import { computed } from 'vue';
import type { GroupProof } from '@emberfield/contract';
import { useWords } from '../session/words.ts';

/** Where the real days lay in the bands, beside what honest bands give. */
const props = defineProps<{ shares: NonNullable<GroupProof['calibration']> }>();
const words = useWords();
const WHERE = ['early', 'lower', 'upper', 'late'] as const;
const MEANT = [0.1, 0.4, 0.4, 0.1] as const;
const WIDTH = 88;
const HEIGHT = 120;
const most = computed(() => Math.max(0.5, ...props.shares));
const bars = computed(() =>
  WHERE.map((where, i) => {
    const share = props.shares[i]!;
    const { t, format } = words.value;
    const name = t(`proof.band.${where}`);
    return {
      name,
      x: i * WIDTH,
      height: (share / most.value) * HEIGHT,
      meant: HEIGHT - (MEANT[i]! / most.value) * HEIGHT,
      percent: `${format.percent(share)} %`,
      said: t('proof.bandSaid', { where: name, percent: format.percent(share), meant: format.percent(MEANT[i]!) }),
    };
  }),
);
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH * 4} ${HEIGHT + 62}`" role="img" :aria-label="bars.map((b) => b.said).join('; ')">
    <g v-for="b in bars" :key="b.name" :transform="`translate(${b.x} 20)`">
      <title>{{ b.said }}</title>
      <rect x="10" :y="HEIGHT - b.height" :width="WIDTH - 20" :height="b.height" class="bar" />
      <path :d="`M2 ${b.meant}H${WIDTH - 2}`" class="meant" />
      <text :x="WIDTH / 2" :y="Math.min(HEIGHT - b.height, b.meant) - 6" text-anchor="middle" class="percent">
        {{ b.percent }}
      </text>
      <foreignObject x="0" :y="HEIGHT + 4" :width="WIDTH" height="38">
        <div class="name">{{ b.name }}</div>
      </foreignObject>
    </g>
    <path :d="`M0 ${HEIGHT + 20}H${WIDTH * 4}`" class="ground" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 420px;
}
.bar {
  fill: var(--glow);
}
.meant {
  stroke: var(--char);
  stroke-width: 2;
  stroke-dasharray: 5 3;
}
.ground {
  stroke: var(--edge);
}
.percent {
  font-size: 13px;
  fill: var(--char);
}
.name {
  font-size: 13px;
  line-height: 1.15;
  text-align: center;
  color: var(--soft);
}
</style>
