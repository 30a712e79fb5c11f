<script setup lang="ts">
import { computed } from 'vue';
import DataTable from '../kit/DataTable.vue';
import type { DataColumn } from '../kit/data-table.ts';
import { useWords } from '../session/words.ts';
import { nameOf, sayMark, sayRange, sayWindows } from './say-year.ts';
import type { PartLine } from './year-lines.ts';

const props = defineProps<{
  lines: readonly PartLine[];
  pastYears: readonly number[];
  query: Record<string, string>;
}>();
const words = useWords();
/** The last few say enough; the stand's page has them all. */
const MOST_MARKS = 4;
const columns = computed((): readonly DataColumn<PartLine>[] => {
  const { t } = words.value;
  const past = (line: PartLine, year: number): string => {
    const found = line.row.past.find((p) => p.year === year);
    return found?.windows.length ? sayWindows({ ...line.row, ...found }, words.value) : '';
  };
  return [
    { key: 'place', title: t('year.place'), text: (l) => l.stand.patchName, sort: (l) => l.stand.patchName },
    { key: 'what', title: t('year.what'), sort: (l) => nameOf(l, words.value) },
    { key: 'opens', title: t('year.opens'), sort: (l) => l.row.windows[0]?.opens.p50 ?? null },
    { key: 'closes', title: t('year.closes'), sort: (l) => l.row.windows[0]?.closes.p50 ?? null },
    ...props.pastYears.map((y) => ({ key: String(y), title: String(y), text: (l: PartLine) => past(l, y) })),
    { key: 'noted', title: t('year.noted') },
  ];
});
</script>

<template>
  <DataTable
    :columns="columns"
    :rows="lines"
    :row-key="(l) => l.key"
    :label="words.t('year.asTable')"
    :file="words.t('nav.year')">
    <template #what="{ row: l }">
      <RouterLink :to="{ name: 'stand', params: { standId: l.stand.id }, query }">{{ nameOf(l, words) }}</RouterLink>
    </template>
    <template #opens="{ row: l }">
      <div v-for="(w, i) in l.row.windows" :key="i">{{ sayRange(w.opens, words) }}</div>
      <span v-if="!l.row.windows.length" class="soft">{{ words.t('year.noWindow') }}</span>
    </template>
    <template #closes="{ row: l }">
      <div v-for="(w, i) in l.row.windows" :key="i">{{ sayRange(w.closes, words) }}</div>
    </template>
    <template #noted="{ row: l }">
      <div v-for="(m, i) in l.row.marks.slice(-MOST_MARKS)" :key="i">{{ sayMark(m, words) }}</div>
    </template>
  </DataTable>
</template>
