<script setup lang="ts">
import { computed } from 'vue';
import type { FutureTold } from '@emberfield/core/population';
import DataTable from '../kit/DataTable.vue';
import type { DataColumn } from '../kit/data-table.ts';
import FoldUp from '../kit/FoldUp.vue';
import { useWords } from '../session/words.ts';
import type { PlanKey } from './plans.ts';
import { tableOf, type BenchRow } from './table.ts';

/** Every figure of the pictures, to be read or taken along. */
const props = defineProps<{ told: ReadonlyMap<PlanKey, FutureTold>; firstYear: number; file: string }>();
const words = useWords();
const rows = computed(() => tableOf(props.told, props.firstYear, (key) => words.value.t(`bench.plan.${key}`)));
const COLUMNS = ['plan', 'year', 'low', 'lower', 'middle', 'upper', 'high', 'below'] as const;
const columns = computed(() =>
  COLUMNS.map((key): DataColumn<BenchRow> => ({
    key,
    title: words.value.t(`bench.column.${key}`),
    text: (row) => String(row[key]),
  })),
);
</script>

<template>
  <FoldUp :title="words.t('bench.table')">
    <DataTable
      :columns="columns"
      :rows="rows"
      :row-key="(r) => `${r.plan}${r.year}`"
      :label="words.t('bench.table')"
      :file="file" />
  </FoldUp>
</template>
