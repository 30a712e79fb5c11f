<script setup lang="ts">
import { Button, Space } from 'ant-design-vue';
import { csvOf, type DataColumn } from '../kit/data-table.ts';
import { useWords } from '../session/words.ts';
import type { HearthRow } from './sections.ts';
import type { Marks } from './use-marks.ts';

/** What can be done with the lines that were marked: seen alone, and so printed, or taken along as a table. */
const props = defineProps<{ marks: Marks; day: string }>();
const words = useWords();
async function takeAlong(): Promise<void> {
  const { t, text } = words.value;
  const columns: readonly DataColumn<HearthRow>[] = [
    { key: 'place', title: t('year.place'), text: (r) => r.stand.patchName },
    { key: 'where', title: t('stand.where'), text: (r) => r.stand.where },
    { key: 'plant', title: t('patch.plant'), text: (r) => text(r.stand.plantName) },
    { key: 'part', title: t('stand.part'), text: (r) => text(r.outlook.partName) },
    { key: 'when', title: t('hearth.whyNow'), text: (r) => words.value.window(r.outlook, props.day) },
    { key: 'much', title: t('hearth.howMuch'), text: (r) => words.value.allowance(r.outlook.allowance) },
  ];
  const { saveText } = await import('../platform/save-text.ts');
  saveText(`${t('hearth.listFile')}-${props.day}.csv`, await csvOf(columns, props.marks.marked.value), 'text/csv');
}
</script>

<template>
  <Space v-if="marks.marked.value.length" wrap class="no-print" role="status">
    <b>{{ words.t('hearth.marked', { n: marks.marked.value.length }) }}</b>
    <Button type="link" @click="marks.toggleOnly()">
      {{ words.t(marks.only.value ? 'hearth.allAgain' : 'hearth.onlyMarked') }}
    </Button>
    <Button type="link" @click="takeAlong">{{ words.t('common.csv') }}</Button>
    <Button type="link" @click="marks.clear()">{{ words.t('hearth.unmark') }}</Button>
  </Space>
</template>
