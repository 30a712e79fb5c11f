<script setup lang="ts">
import { computed } from 'vue';
import type { GroupProof } from '@emberfield/contract';
import HouseChart from '../charts/HouseChart.vue';
import { chartText, chartTip, valueAxis } from '../charts/chart-look.ts';
import { palette } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';

/** Where the real days lay in the bands, beside what honest bands give. */
const props = defineProps<{ shares: NonNullable<GroupProof['calibration']> }>();
const words = useWords();
const WHERE = ['early', 'lower', 'upper', 'late'] as const;
const MEANT = [0.1, 0.4, 0.4, 0.1] as const;
const names = computed(() => WHERE.map((where) => words.value.t(`proof.band.${where}`)));
const percent = (share: number): string => `${words.value.format.percent(share)} %`;
const said = computed(() =>
  names.value.map((where, i) =>
    words.value.t('proof.bandSaid', {
      where,
      percent: words.value.format.percent(props.shares[i]!),
      meant: words.value.format.percent(MEANT[i]!),
    }),
  ),
);
const option = computed(() => {
  const { glow, char, edge } = palette.value;
  return {
    grid: { left: 8, right: 8, top: 24, bottom: 44 },
    tooltip: { ...chartTip(), formatter: ({ dataIndex }: { dataIndex: number }) => said.value[dataIndex] },
    xAxis: {
      type: 'category',
      data: names.value,
      axisLabel: { ...chartText(), interval: 0, width: 84, overflow: 'break', lineHeight: 15 },
      axisLine: { lineStyle: { color: edge } },
      axisTick: { show: false },
    },
    yAxis: { ...valueAxis(), min: 0, max: Math.max(0.5, ...props.shares), show: false },
    series: [
      {
        type: 'bar',
        data: [...props.shares],
        barWidth: '76%',
        itemStyle: { color: glow },
        label: {
          ...chartText(),
          show: true,
          position: 'top',
          color: char,
          formatter: ({ value }: { value: number }) => percent(value),
        },
      },
      // What honest bands give: a line across each bar.
      { type: 'scatter', data: [...MEANT], symbol: 'rect', symbolSize: [76, 3], itemStyle: { color: char } },
    ],
  };
});
</script>

<template>
  <HouseChart class="bands" :option="option" :height="190" :label="said.join('; ')" />
</template>

<style scoped>
.bands {
  max-width: 440px;
}
</style>
