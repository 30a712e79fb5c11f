<script setup lang="ts">
import { computed } from 'vue';
import { isoDay } from '@emberfield/core/measure';
import HouseChart from '../charts/HouseChart.vue';
import { chartTip, valueAxis } from '../charts/chart-look.ts';
import { palette } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';
import { nameOf } from './say-year.ts';
import type { YearFrame } from './year-frame.ts';
import type { PartLine } from './year-lines.ts';
import { supplyOf, thinSpans } from './year-supply.ts';

const props = defineProps<{ lines: readonly PartLine[]; frame: YearFrame }>();
const words = useWords();
const HEIGHT = 38;
const steps = computed(() => supplyOf(props.lines, props.frame));
const most = computed(() => Math.max(1, ...steps.value.map((s) => s.open)));
const option = computed(() => {
  const { loam, rime, edge, paper } = palette.value;
  return {
    grid: { left: 0, right: 0, top: 4, bottom: 1 },
    tooltip: {
      ...chartTip(),
      formatter: ({ dataIndex }: { dataIndex: number }) => {
        const { first, open } = steps.value[dataIndex]!;
        return words.value.t('year.fullOn', { day: words.value.format.day(isoDay(first)), n: open });
      },
    },
    // As wide as the lines above: a bar stands under its days.
    xAxis: {
      type: 'category',
      data: steps.value.map((s) => s.first),
      axisLabel: { show: false },
      axisTick: { show: false },
      axisLine: { lineStyle: { color: edge } },
    },
    yAxis: { ...valueAxis(), show: false, min: 0, max: most.value },
    series: [
      {
        type: 'bar',
        barCategoryGap: 1.5,
        barMinHeight: 3,
        data: steps.value.map((s) => ({
          value: s.open === 0 ? null : s.open,
          // Thin times are hollow and broken: told without their colour.
          itemStyle: s.thin
            ? { color: paper, borderColor: rime, borderWidth: 1.5, borderType: 'dashed' }
            : { color: loam },
        })),
      },
    ],
  };
});
const MOST_SPANS = 5;
const MOST_NAMED = 2;
const thin = computed(() => {
  const { t, format } = words.value;
  const spans = thinSpans(props.lines, steps.value).slice(0, MOST_SPANS);
  if (spans.length === 0) return t('year.thinNone');
  return t('year.thin', {
    spans: spans
      .map(({ from, to, only }) => {
        const names = [...new Set(only.map((l) => nameOf(l, words.value)))];
        const parts = format.list([...names.slice(0, MOST_NAMED), ...(names.length > MOST_NAMED ? ['…'] : [])]);
        const days = { from: format.shortDay(from), to: format.shortDay(to) };
        return names.length ? t('year.thinOnly', { ...days, parts }) : t('year.thinNothing', days);
      })
      .join('; '),
  });
});
</script>

<template>
  <div class="supply">
    <b class="name">{{ words.t('year.full') }}</b>
    <div>
      <HouseChart :style="{ width: `${frame.width}px` }" :option="option" :height="HEIGHT" :label="thin" />
      <p class="soft small">{{ thin }}</p>
    </div>
  </div>
</template>

<style scoped>
.supply {
  display: flex;
  margin-top: 14px;
  break-inside: avoid;
}
.name {
  width: var(--names);
  flex: none;
  font-size: 14px;
  align-self: flex-start;
  padding-top: 12px;
}
p {
  margin-top: 4px;
}
@media (max-width: 900px) {
  .supply {
    display: block;
  }
}
</style>
