<script setup lang="ts">
import { computed } from 'vue';
import HouseChart from '../charts/HouseChart.vue';
import { chartText, chartTip } from '../charts/chart-look.ts';
import type { StationDayView } from '@emberfield/contract';
import { useGroup } from '../session/use-group.ts';
import { palette } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';
import { chartSeries } from './chart-series.ts';

const props = defineProps<{ days: readonly StationDayView[] }>();
const words = useWords();
const { group } = useGroup();
const option = computed(() => {
  const imperial = group.value?.units === 'imperial';
  const s = chartSeries(props.days, imperial);
  const { soft: ink, hair, ember, rime, ash: band } = palette.value;
  const text = chartText();
  const line = (name: string, data: readonly (number | null)[], color: string) => ({
    type: 'line' as const,
    name,
    data: [...data],
    showSymbol: false,
    connectNulls: false,
    lineStyle: { width: 1.4, color },
    itemStyle: { color },
  });
  return {
    grid: { left: 44, right: 44, top: 30, bottom: 30 },
    tooltip: { ...chartTip(), trigger: 'axis' as const },
    xAxis: {
      type: 'category' as const,
      data: s.days.map((d) => words.value.format.shortDay(d)),
      axisLabel: text,
      axisLine: { lineStyle: { color: ink } },
    },
    yAxis: [
      {
        type: 'value' as const,
        name: imperial ? '°F' : '°C',
        nameTextStyle: text,
        axisLabel: text,
        splitLine: { lineStyle: { color: hair } },
      },
      {
        type: 'value' as const,
        name: imperial ? 'in' : 'mm',
        nameTextStyle: text,
        axisLabel: text,
        splitLine: { show: false },
        max: (v: { max: number }) => Math.max(imperial ? 1.2 : 30, Math.ceil((v.max * 3) / 10) * 10),
      },
    ],
    series: [
      {
        ...line(words.value.t('weather.highest'), s.max, ember),
        ...(s.outlookFrom !== null
          ? {
              markArea: {
                silent: true,
                itemStyle: { color: band, opacity: 0.6 },
                label: { ...text, position: ['0%', -16], align: 'right' as const, padding: [0, 14, 0, 0] },
                data: [
                  [{ name: words.value.t('weather.outlookMark'), xAxis: s.outlookFrom }, { xAxis: s.days.length - 1 }],
                ] as never,
              },
            }
          : {}),
      },
      line(words.value.t('weather.lowest'), s.min, rime),
      {
        type: 'bar' as const,
        name: words.value.t('weather.rain'),
        data: [...s.rain],
        yAxisIndex: 1,
        itemStyle: { color: rime, opacity: 0.35 },
      },
    ],
  };
});
</script>

<template>
  <HouseChart :option="option" :height="260" :label="words.t('weather.chart')" :file="words.t('weather.title')" />
</template>
