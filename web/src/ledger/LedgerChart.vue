<script setup lang="ts">
import { computed } from 'vue';
import HouseChart from '../charts/HouseChart.vue';
import { chartText, chartTip, valueAxis } from '../charts/chart-look.ts';
import { isPhone, palette } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';
import { isOver, type LedgerRow } from './ledger-rows.ts';

/** Of what was allowed, how much was taken; the fullest first. */
const props = defineProps<{ rows: readonly LedgerRow[]; nameOf: (row: LedgerRow) => string; file: string }>();
const words = useWords();
const [ROW, MOST, PERCENT] = [26, 24, 100];
const names = computed(() => (isPhone.value ? 130 : 230));
const bars = computed(() =>
  props.rows
    .filter((r) => r.share !== null)
    .sort((a, b) => b.share! - a.share!)
    .slice(0, MOST),
);
const option = computed(() => {
  const { ember, moss, char } = palette.value;
  return {
    grid: { left: names.value, right: 50, top: 6, bottom: 26 },
    tooltip: chartTip(),
    xAxis: { ...valueAxis(), min: 0, axisLabel: { ...chartText(), formatter: '{value} %' } },
    yAxis: {
      ...{ type: 'category' as const, inverse: true, data: bars.value.map(props.nameOf) },
      axisLabel: { ...chartText(), width: names.value - 15, overflow: 'truncate' as const },
      axisTick: { show: false },
    },
    series: [
      {
        type: 'bar' as const,
        barWidth: 12,
        data: bars.value.map((r) => ({
          value: Math.round(PERCENT * r.share!),
          itemStyle: { color: isOver(r) ? ember : moss, borderColor: char, borderWidth: isOver(r) ? 1.5 : 0 },
        })),
        label: { ...chartText(), show: true, position: 'right' as const, formatter: '{c} %' },
      },
    ],
  };
});
</script>

<template>
  <HouseChart
    v-if="bars.length"
    :option="option"
    :height="40 + ROW * bars.length"
    :label="words.t('ledger.chart')"
    :file="file" />
</template>
