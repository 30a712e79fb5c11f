<script setup lang="ts">
import { computed } from 'vue';
import { lifeCycleOf, type Rates } from '@emberfield/core/population';
import HouseChart from '../charts/HouseChart.vue';
import { chartText } from '../charts/chart-look.ts';
import FoldUp from '../kit/FoldUp.vue';
import { palette } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';
import { arcNumber, sayArcs, sayLife } from './life-words.ts';

/** The life of the stand's plants as a graph, stage by stage, and what it comes to. */
const props = defineProps<{ rates: Rates; file: string }>();
const words = useWords();
const APART = 74;
const cycle = computed(() => lifeCycleOf(props.rates));
const said = computed(() => sayArcs(cycle.value, words.value));
const sentences = computed(() => sayLife(cycle.value, words.value));
const height = computed(() => APART * cycle.value.stages.length);
/** Onward on the left, back on the right; the farther an arc reaches the wider it swings, and names stand beyond the widest. */
const BEND = -0.4;
const beyond = computed(() => (-BEND / 2) * APART * (cycle.value.stages.length - 1) + 14);
const option = computed(() => {
  const { t, format } = words.value;
  return {
    grid: { left: 60, right: 0, top: 0, bottom: 0 },
    xAxis: { type: 'value' as const, min: 0, max: 1, show: false },
    yAxis: { type: 'value' as const, min: -0.5, max: cycle.value.stages.length - 0.5, inverse: true, show: false },
    series: [
      {
        type: 'graph' as const,
        coordinateSystem: 'cartesian2d' as const,
        silent: true,
        symbolSize: 20,
        edgeSymbol: ['none', 'arrow'] as const,
        edgeSymbolSize: 8,
        data: cycle.value.stages.map((s, i) => ({
          name: s.stage,
          value: [0, i],
          itemStyle: { color: palette.value.moss },
          label: {
            show: true,
            position: 'right' as const,
            distance: beyond.value,
            ...chartText(),
            lineHeight: 17,
            color: palette.value.char,
            formatter: t('bench.life.node', {
              stage: t(`bench.life.stage.${s.stage}`),
              n: format.number(Math.round(100 * s.standing)),
              stays: format.number(Math.round(100 * s.stays)),
            }),
          },
        })),
        links: cycle.value.arcs.map((a) => ({
          source: a.from,
          target: a.to,
          lineStyle: {
            color: a.kind === 'lives' ? palette.value.moss : palette.value.ember,
            type: a.kind === 'lives' ? ('solid' as const) : ('dashed' as const),
            width: 1.6,
            opacity: 1,
            curveness: BEND,
          },
          label: {
            show: true,
            ...chartText(),
            color: palette.value.char,
            opacity: 1,
            formatter: arcNumber(a, words.value),
          },
        })),
      },
    ],
  };
});
</script>

<template>
  <FoldUp :title="words.t('bench.life.title')">
    <p class="soft small">{{ words.t('bench.life.lead') }}</p>
    <HouseChart :option="option" :label="said" :height="height" :file="`${file}-life`" />
    <p v-for="sentence in sentences" :key="sentence">{{ sentence }}</p>
  </FoldUp>
</template>
