<script setup lang="ts">
import { computed } from 'vue';
import HouseChart from '../charts/HouseChart.vue';
import { chartText, dateMarks, namesAxis, tipOfMarks, valueAxis } from '../charts/chart-look.ts';
import DateLegend from '../kit/DateLegend.vue';
import { palette } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';
import type { MissMark, MissPlot } from './miss-plot.ts';
import { sayMiss } from './say-miss.ts';

/** Days off by stage: to the left too early, to the right too late, in the middle the day it came. */
const props = defineProps<{ plot: MissPlot }>();
const words = useWords();
const ROW = 28;
/** Marks on one place stand a little apart, so that each can be seen. */
const apart = (marks: readonly MissMark[], k: number): number => (marks.length < 2 ? 0 : ((k % 3) - 1) * 4);
const say = (m: MissMark): string =>
  words.value.t('stand.proofMiss', {
    stage: words.value.text(m.trial.stageName),
    season: m.trial.season,
    who: words.value.t(m.by === 'forecast' ? 'stand.proofMine' : 'stand.proofLastYear'),
    miss: sayMiss(m.by === 'forecast' ? m.trial.miss! : m.trial.lastYearMiss!, words.value),
  });
const option = computed(() => {
  const { char, soft } = palette.value;
  const { reach, rows } = props.plot;
  const looks = dateMarks();
  const ends: Readonly<Record<number, string>> = {
    [-reach]: words.value.t('stand.proofEarly', { n: reach }),
    0: words.value.t('stand.proofOn'),
    [reach]: words.value.t('stand.proofLate', { n: reach }),
  };
  return {
    grid: { left: 8, right: 40, top: 6, bottom: 26, containLabel: true },
    tooltip: tipOfMarks(),
    xAxis: {
      ...valueAxis(),
      min: -reach,
      max: reach,
      interval: reach,
      axisLabel: { ...chartText(), formatter: (at: number) => ends[at] ?? '' },
      splitLine: { show: false },
    },
    yAxis: { ...namesAxis(rows.map((r) => words.value.text(r.stageName))), splitLine: { show: true } },
    series: [
      {
        type: 'scatter',
        data: rows.flatMap((r, row) =>
          r.marks.map((m, k) => ({
            value: [m.at * reach, row],
            said: say(m),
            ...(m.by === 'forecast' ? looks.mine : looks.lastYear),
            symbolOffset: [0, apart(r.marks, k)],
            // Further off than the scale reaches: an arrow in its place.
            ...(m.beyond ? { symbol: 'triangle', symbolRotate: m.at < 0 ? 90 : -90, itemStyle: { color: soft } } : {}),
          })),
        ),
        markLine: {
          silent: true,
          symbol: 'none',
          label: { show: false },
          lineStyle: { color: char, width: 1.4, type: 'solid' },
          data: [{ xAxis: 0 }],
        },
      },
    ],
  };
});
</script>

<template>
  <HouseChart
    :option="option"
    :height="plot.rows.length * ROW + 36"
    :label="words.t('stand.proof')"
    :file="words.t('stand.proofFile')" />
  <DateLegend />
</template>
