<script setup lang="ts">
import { computed } from 'vue';
import { goneBy, SANDBOX_FIRST_YEAR, type SandboxStand } from '@emberfield/core/sandbox';
import HouseChart from '../charts/HouseChart.vue';
import { chartTip, valueAxis } from '../charts/chart-look.ts';
import { palette } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';

/** Year by year: how many there truly were, as a line, and what was counted, as lozenges. */
const props = defineProps<{ stand: SandboxStand; name: string }>();
const words = useWords();
const option = computed(() => {
  const { ember, char, paper } = palette.value;
  const years = props.stand.trueYears.map((_, i) => i + 1);
  const counted = years.map((n) => goneBy(props.stand, SANDBOX_FIRST_YEAR + n - 1)?.plants.value ?? null);
  return {
    grid: { left: 48, right: 18, top: 14, bottom: 40 },
    tooltip: { ...chartTip(), trigger: 'axis' as const },
    xAxis: {
      ...{ ...valueAxis(), type: 'category' as const, data: years.map(String) },
      ...{ name: words.value.t('sandbox.chartYear'), nameLocation: 'middle' as const, nameGap: 26 },
    },
    yAxis: { ...valueAxis(), min: 0 },
    series: [
      {
        ...{ type: 'line' as const, data: [...props.stand.trueYears], symbol: 'circle', symbolSize: 7 },
        ...{ lineStyle: { color: ember, width: 2 }, itemStyle: { color: ember } },
      },
      {
        ...{ type: 'scatter' as const, data: counted, symbol: 'diamond', symbolSize: 12 },
        itemStyle: { color: paper, borderColor: char, borderWidth: 1.6 },
      },
    ],
  };
});
</script>

<template>
  <HouseChart :option="option" :height="200" :label="`${name}: ${words.t('sandbox.chart')}`" file="years" />
</template>
