<script setup lang="ts">
import { computed } from 'vue';
import type { GroupProof } from '@emberfield/contract';
import HouseChart from '../charts/HouseChart.vue';
import { chartTip, dateMarks, namesAxis, valueAxis, type DrawnMark } from '../charts/chart-look.ts';
import DateLegend from '../kit/DateLegend.vue';
import { palette } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';

/** Mean days off by plant: a dot for Emberfield, a lozenge for last year's date, a line between them. */
const props = defineProps<{ plants: GroupProof['plants'] }>();
const words = useWords();
const ROW = 27;
const names = computed(() => props.plants.map((p) => words.value.text(p.plantName)));
const option = computed(() => {
  const marks = dateMarks();
  const series = (name: string, by: 'forecast' | 'lastYear', look: object) => ({
    type: 'scatter',
    name,
    data: props.plants.map((p, i) => [p.scores[by], i]),
    z: 3,
    ...look,
  });
  return {
    grid: { left: 8, right: 20, top: 6, bottom: 24, containLabel: true },
    tooltip: {
      ...chartTip(),
      formatter: ({ seriesName, value }: { seriesName: string; value: readonly [number, number] }) =>
        `${names.value[value[1]]} · ${seriesName}: ${words.value.t('proof.off', { n: value[0] })}`,
    },
    xAxis: { ...valueAxis(), min: 0, minInterval: 2 },
    yAxis: namesAxis(names.value),
    series: [
      {
        type: 'custom',
        silent: true,
        data: props.plants.map((p, i) => [p.scores.forecast, i, p.scores.lastYear]),
        renderItem: (_: unknown, api: DrawnMark) => {
          const [x1, y] = api.coord([api.value(0), api.value(1)]);
          const [x2] = api.coord([api.value(2), api.value(1)]);
          return {
            type: 'line',
            shape: { x1, y1: y, x2, y2: y },
            style: { stroke: palette.value.bar, lineWidth: 2 },
          };
        },
      },
      series(words.value.t('proof.lastYear'), 'lastYear', marks.lastYear),
      series(words.value.t('proof.mine'), 'forecast', marks.mine),
    ],
  };
});
</script>

<template>
  <HouseChart
    :option="option"
    :height="plants.length * ROW + 34"
    :label="words.t('proof.picture')"
    :file="words.t('proof.title')" />
  <DateLegend />
</template>
