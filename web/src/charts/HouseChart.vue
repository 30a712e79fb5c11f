<script setup lang="ts">
import { DownloadOutlined } from '@ant-design/icons-vue';
import { Button } from 'ant-design-vue';
import { BarChart, CustomChart, GraphChart, LineChart, ScatterChart } from 'echarts/charts';
import { GridComponent, MarkAreaComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { computed, ref } from 'vue';
import VChart from 'vue-echarts';
import { useWords } from '../session/words.ts';
import { chartText, type ChartOption } from './chart-look.ts';

/**
 * A chart in the look of the house: drawn as vectors, so that it prints, with what it says for whoever does not see it. A mark says
 * what it is under the pointer; the picture can be taken along.
 */
use([
  BarChart,
  CustomChart,
  GraphChart,
  LineChart,
  ScatterChart,
  GridComponent,
  MarkAreaComponent,
  MarkLineComponent,
  TooltipComponent,
  SVGRenderer,
]);
const props = defineProps<{ option: ChartOption; label: string; height: number; file?: string }>();
const words = useWords();
const chart = ref<InstanceType<typeof VChart> | null>(null);
const whole = computed(() => ({ animation: false, textStyle: chartText(), ...props.option }));
async function takeAlong(): Promise<void> {
  const svg = decodeURIComponent(String(chart.value?.getDataURL({ type: 'svg' })).replace(/^data:[^,]*,/, ''));
  const { saveText } = await import('../platform/save-text.ts');
  saveText(`${props.file}.svg`, svg, 'image/svg+xml');
}
</script>

<template>
  <div class="house-chart">
    <VChart
      ref="chart"
      :option="whole"
      :init-options="{ renderer: 'svg' }"
      :style="{ height: `${height}px` }"
      autoresize
      role="img"
      :aria-label="label" />
    <Button v-if="file" type="link" class="no-print" @click="takeAlong">
      <template #icon><DownloadOutlined aria-hidden="true" /></template>{{ words.t('common.picture') }}
    </Button>
  </div>
</template>
