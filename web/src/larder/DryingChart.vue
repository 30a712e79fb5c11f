<script setup lang="ts">
import { computed } from 'vue';
import type { BatchView } from '@emberfield/contract';
import HouseChart from '../charts/HouseChart.vue';
import { chartTip, valueAxis } from '../charts/chart-look.ts';
import { palette } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';
import type { DryingNow } from './shelf.ts';

/** What it weighed, and how that is likely to go on. */
const props = defineProps<{ batch: BatchView; dries: DryingNow }>();
const words = useWords();
const [POINTS, BEYOND] = [40, 1.15];
const option = computed(() => {
  const { ember, glow, char } = palette.value;
  const { fit } = props.dries;
  const until = Math.max(props.batch.weighings.at(-1)!.hours, fit.dryHours.p90) * BEYOND;
  const curve = Array.from({ length: POINTS + 1 }, (_, i) => {
    const hours = (until * i) / POINTS;
    return { hours, ...fit.massG(hours) };
  });
  const band = (name: string, data: readonly (readonly [number, number])[], opacity: number) => ({
    ...{ type: 'line' as const, name, stack: 'band', symbol: 'none', silent: true, data: data.map((d) => [...d]) },
    lineStyle: { opacity: 0 },
    areaStyle: { color: glow, opacity },
  });
  return {
    grid: { left: 56, right: 18, top: 18, bottom: 40 },
    tooltip: { ...chartTip(), trigger: 'item' as const },
    xAxis: {
      ...valueAxis(),
      max: Math.ceil(until),
      name: words.value.t('larder.sinceHours', { n: '' }).trim(),
      nameLocation: 'middle' as const,
      nameGap: 26,
    },
    yAxis: { ...valueAxis(), name: words.value.t('larder.grams'), min: 0 },
    series: [
      band(
        'low',
        curve.map((c) => [c.hours, c.p10] as const),
        0,
      ),
      band(
        'high',
        curve.map((c) => [c.hours, c.p90 - c.p10] as const),
        0.35,
      ),
      {
        ...{ type: 'line' as const, symbol: 'none', data: curve.map((c) => [c.hours, c.p50]) },
        lineStyle: { color: ember, width: 2 },
      },
      {
        ...{ type: 'scatter' as const, symbolSize: 9, data: props.batch.weighings.map((w) => [w.hours, w.massG]) },
        itemStyle: { color: char },
      },
    ],
  };
});
</script>

<template>
  <HouseChart :option="option" :height="260" :label="words.t('larder.curveLabel')" file="drying" />
</template>
