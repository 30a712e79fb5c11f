<script setup lang="ts">
import { computed } from 'vue';
import type { PuttingBack } from '@emberfield/core/stand';
import HouseChart from '../charts/HouseChart.vue';
import { chartText, namesAxis, valueAxis } from '../charts/chart-look.ts';
import { isPhone, palette } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';

/** What was taken from the stand and what was put back, in plants and in plants that flower. */
const props = defineProps<{ told: PuttingBack }>();
const words = useWords();
const rows = computed(() => {
  const { killed, killedToFlower, putIn, toFlower } = props.told;
  return [
    { name: 'killed', plants: killed, colour: palette.value.loam },
    { name: 'killedToFlower', plants: killedToFlower, colour: palette.value.loam },
    { name: 'putIn', plants: putIn, colour: palette.value.moss },
    { name: 'toFlower', plants: toFlower, colour: palette.value.moss },
  ].map((r) => ({ ...r, name: words.value.t(`putBack.${r.name}`) }));
});
const shown = (n: number): string => words.value.format.number(n, n < 10 ? 1 : 0);
const said = computed(() => rows.value.map((r) => `${r.name}: ${shown(r.plants)}`).join('; '));
const option = computed(() => {
  const width = isPhone.value ? 140 : 190;
  return {
    grid: { left: width + 10, right: 50, top: 4, bottom: 4 },
    xAxis: { ...valueAxis(), min: 0, show: false },
    yAxis: {
      ...namesAxis(rows.value.map((r) => r.name)),
      axisLabel: { ...chartText(), color: palette.value.char, width, overflow: 'break' as const, lineHeight: 15 },
    },
    series: [
      {
        type: 'bar' as const,
        silent: true,
        barWidth: 14,
        data: rows.value.map((r) => ({ value: r.plants, itemStyle: { color: r.colour } })),
        label: {
          show: true,
          position: 'right' as const,
          ...chartText(),
          formatter: ({ dataIndex }: { readonly dataIndex: number }) => shown(rows.value[dataIndex]!.plants),
        },
      },
    ],
  };
});
</script>

<template>
  <HouseChart :option="option" :label="said" :height="(isPhone ? 36 : 28) * rows.length + 12" />
</template>
