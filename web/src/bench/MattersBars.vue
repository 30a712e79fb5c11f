<script setup lang="ts">
import { computed } from 'vue';
import type { Matters } from '@emberfield/core/population';
import HouseChart from '../charts/HouseChart.vue';
import { chartText, namesAxis, valueAxis } from '../charts/chart-look.ts';
import { palette } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';

/** What the growth of the stand hangs on, as bars. */
const props = defineProps<{ matters: readonly Matters[] }>();
const words = useWords();
const LEAST_SHOWN = 0.005;
const shown = computed(() => props.matters.filter((m) => m.share >= LEAST_SHOWN));
const nameOf = (m: Matters): string =>
  words.value.t(m.kind === 'survival' ? `bench.survival.${m.stage}` : `bench.birth.${m.birth}`);
const percent = (m: Matters): string => `${Math.round(100 * m.share)} %`;
const said = computed(() => shown.value.map((m) => `${nameOf(m)}: ${percent(m)}`).join('; '));
const option = computed(() => ({
  grid: { left: 240, right: 54, top: 4, bottom: 4 },
  xAxis: { ...valueAxis(), min: 0, show: false },
  yAxis: {
    ...namesAxis(shown.value.map(nameOf)),
    axisLabel: { ...chartText(), color: palette.value.char, width: 230 },
  },
  series: [
    {
      type: 'bar' as const,
      silent: true,
      barWidth: 14,
      data: shown.value.map((m) => m.share),
      itemStyle: { color: palette.value.loam },
      label: {
        show: true,
        position: 'right' as const,
        ...chartText(),
        formatter: ({ dataIndex }: { readonly dataIndex: number }) => percent(shown.value[dataIndex]!),
      },
    },
  ],
}));
</script>

<template>
  <HouseChart :option="option" :label="said" :height="26 * shown.length + 12" />
</template>
