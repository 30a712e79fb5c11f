<script setup lang="ts">
import { computed } from 'vue';
import type { LedgerStand } from '@emberfield/contract';
import DataTable from '../kit/DataTable.vue';
import type { DataColumn } from '../kit/data-table.ts';
import { useWords } from '../session/words.ts';

/** How the stands do by their counts, and what was put back. */
const props = defineProps<{ stands: readonly LedgerStand[]; placeOf: (s: LedgerStand) => string; file: string }>();
const words = useWords();
const PERCENT = 100;
const MOST = 60;
const columns = computed((): readonly DataColumn<LedgerStand>[] => {
  const { t, text, format } = words.value;
  const percent = (share: number | null): string => (share === null ? '' : `${format.number(PERCENT * share)} %`);
  const plantings = (s: LedgerStand): string =>
    s.plantings
      .map(({ number, day, alive }) =>
        alive === null
          ? t('ledger.planting', { n: number, day: format.day(day) })
          : t('ledger.alive', { n: number, day: format.day(day), alive }),
      )
      .join('; ');
  return [
    {
      key: 'stand',
      title: t('ledger.stand'),
      text: (s) => `${text(s.plantName)}, ${props.placeOf(s)}`,
      sort: (s) => `${text(s.plantName)}, ${props.placeOf(s)}`,
    },
    {
      key: 'plants',
      title: t('ledger.plants'),
      text: (s) => String(s.plants ?? ''),
      sort: (s) => s.plants,
      number: true,
    },
    {
      key: 'lastCount',
      title: t('ledger.lastCount'),
      text: (s) => (s.lastCount ? format.dayAndYear(s.lastCount) : ''),
      sort: (s) => s.lastCount,
    },
    { key: 'counts', title: t('ledger.counts'), text: (s) => String(s.counts), sort: (s) => s.counts, number: true },
    { key: 'growth', title: t('ledger.growth'), text: (s) => percent(s.aYear), sort: (s) => s.aYear, number: true },
    {
      key: 'shrinks',
      title: t('ledger.shrinks'),
      text: (s) => percent(s.shrinks),
      sort: (s) => s.shrinks,
      number: true,
    },
    { key: 'plantings', title: t('ledger.plantings'), text: plantings },
  ];
});
</script>

<template>
  <DataTable
    :columns="columns"
    :rows="stands"
    :row-key="(s) => s.id"
    :label="words.t('ledger.stands')"
    :file="file"
    :most="MOST" />
</template>
