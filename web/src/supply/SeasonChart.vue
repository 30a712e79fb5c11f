<script setup lang="ts">
import { computed } from 'vue';
import { weekOf } from '@emberfield/core/supply';
import HouseChart from '../charts/HouseChart.vue';
import { chartText, chartTip } from '../charts/chart-look.ts';
import { isPhone, palette } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';
import { weekMarks, type WeekMark } from './week-marks.ts';
import type { Planned } from './use-season-plan.ts';

/** The plan over its weeks: of each want how large a share comes when, in a usual spring, and in an early or a late one. */
const props = defineProps<{ planned: Planned }>();
const words = useWords();
const MS_PER_DAY = 86_400_000;
const [LEAST, MOST] = [7, 26];
const ROW = 44;
const names = computed(() => (isPhone.value ? 100 : 150));
const marks = computed(() => weekMarks(props.planned));
const at = (week: number): number => weekOf(props.planned.laid.task, week).first * MS_PER_DAY;
const option = computed(() => {
  const { ember, rime, paper } = palette.value;
  const { t, format } = words.value;
  const ofSpring = (spring: number, symbol: string, color: string, name: string) => ({
    ...{ type: 'scatter' as const, symbol, name },
    data: marks.value
      .filter((m) => m.spring === spring)
      .map((m: WeekMark) => ({
        value: [at(m.week), m.row],
        symbolSize: LEAST + (MOST - LEAST) * Math.sqrt(Math.min(1, m.share)),
        said: t('season.mark', {
          spring: name,
          day: format.day(m.monday),
          share: format.percent(m.share),
          name: m.name,
        }),
      })),
    itemStyle: spring === 1 ? { color } : { color: paper, borderColor: color, borderWidth: 2 },
  });
  const weeks = marks.value.map((m) => m.week);
  const [first, last] = [Math.min(0, ...weeks), Math.max(4, ...weeks)];
  return {
    grid: { left: names.value, right: 20, top: 8, bottom: 30 },
    tooltip: { ...chartTip(), formatter: ({ data }: { data: { said: string } }) => data.said },
    xAxis: {
      ...{ type: 'time' as const, min: at(first - 1), max: at(last + 1) },
      axisLabel: {
        ...chartText(),
        hideOverlap: true,
        formatter: (ms: number) => format.shortDay(new Date(ms).toISOString().slice(0, 10)),
      },
      splitLine: { show: true, lineStyle: { color: palette.value.hair } },
    },
    yAxis: {
      ...{ type: 'category' as const, inverse: true, data: props.planned.laid.wants.map((w) => w.terms.name) },
      axisLabel: { ...chartText(), width: names.value - 15, overflow: 'truncate' as const },
    },
    series: [
      ofSpring(0, 'triangle', rime, t('season.springs.early')),
      ofSpring(2, 'diamond', rime, t('season.springs.late')),
      ofSpring(1, 'circle', ember, t('season.springs.usual')),
    ],
  };
});
const height = computed(() => 50 + ROW * props.planned.laid.wants.length);
</script>

<template>
  <HouseChart :option="option" :height="height" :label="words.t('season.chart')" :file="words.t('season.file')" />
  <p class="small soft">
    ● {{ words.t('season.springs.usual') }} · △ {{ words.t('season.springs.early') }} · ◇
    {{ words.t('season.springs.late') }}; {{ words.t('season.sizes') }}
  </p>
</template>
