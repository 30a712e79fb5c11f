<script setup lang="ts">
import { computed } from 'vue';
import type { PlantProfile } from '@emberfield/contract';
import { sayUse } from '@emberfield/words';
import HouseChart from '../charts/HouseChart.vue';
import { chartText, namesAxis, tipOfMarks, valueAxis, type DrawnMark } from '../charts/chart-look.ts';
import { palette } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';
import { yearBars } from './plant-year.ts';

/** The usual year of a plant: when its parts can be taken, and below them its stages. */
const props = defineProps<{ profile: PlantProfile }>();
const words = useWords();
const ROW = 28;
const THICK = 13;
const leafy = ['leaf', 'shoot', 'tip', 'root'];
const nameOf = (part: string): string =>
  words.value.text(props.profile.parts.find((p) => p.key === part)?.name ?? { en: part });
const parts = computed(() => [...new Set(props.profile.windows.map((w) => w.part))]);
const bars = computed(() => yearBars(props.profile));
const option = computed(() => {
  const { ember, moss, sheet, loam } = palette.value;
  const stagesRow = parts.value.length;
  return {
    grid: { left: 8, right: 12, top: 24, bottom: 8, containLabel: true },
    tooltip: tipOfMarks(),
    xAxis: {
      ...valueAxis(),
      position: 'top',
      min: 0,
      max: 12,
      interval: 1,
      axisLabel: {
        ...chartText(),
        align: 'left',
        hideOverlap: true,
        formatter: (month: number) => (month < 12 ? words.value.format.month(month) : ''),
      },
    },
    yAxis: namesAxis([...parts.value.map(nameOf), words.value.t('plants.stages')]),
    series: [
      {
        type: 'custom',
        encode: { x: [0, 1], y: 2 },
        data: bars.value.map((b) => ({
          value: [b.from * 12, b.to * 12, parts.value.indexOf(b.part as (typeof parts.value)[number])],
          itemStyle: { color: leafy.includes(b.part) ? moss : ember },
          said: `${nameOf(b.part)}: ${sayUse(words.value.t, b.use)}`,
        })),
        renderItem: (_: unknown, api: DrawnMark) => {
          const [left, y] = api.coord([api.value(0), api.value(2)]);
          const [right] = api.coord([api.value(1), api.value(2)]);
          return {
            type: 'rect',
            shape: { x: left, y: y - THICK / 2, width: Math.max(4, right - left), height: THICK, r: 6 },
            style: { fill: api.visual('color') },
          };
        },
      },
      {
        type: 'scatter',
        symbolSize: 10,
        itemStyle: { color: sheet, borderColor: loam, borderWidth: 2 },
        data: props.profile.stages.map((s) => ({
          value: [(((s.calendar.value - 1) % 365) / 365) * 12, stagesRow],
          said: words.value.text(s.name),
        })),
      },
    ],
  };
});
</script>

<template>
  <HouseChart class="year" :option="option" :height="(parts.length + 1) * ROW + 40" :label="words.t('plants.yearOf')" />
</template>

<style scoped>
.year {
  max-width: 860px;
}
</style>
