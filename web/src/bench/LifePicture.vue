<script setup lang="ts">
import { computed } from 'vue';
import { lifeCycleOf, type LifeArc, type Rates } from '@emberfield/core/population';
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
const place = (stage: string): number => cycle.value.stages.findIndex((s) => s.stage === stage);
/** Onward on the right, back on the left, the farther the wider: so no arc lies on another or on a name. */
const bend = ({ from, to }: LifeArc): number => -0.25 - 0.12 * Math.abs(place(to) - place(from));
const option = computed(() => {
  const { t, format } = words.value;
  return {
    grid: { left: 70, right: 210, top: 0, bottom: 0 },
    xAxis: { type: 'value' as const, min: -1, max: 1, show: false },
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
            distance: 84,
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
            curveness: bend(a),
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
