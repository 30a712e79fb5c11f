<script setup lang="ts">
import { computed } from 'vue';
import type { LedgerStand } from '@emberfield/contract';
import DataTable from '../kit/DataTable.vue';
import type { DataColumn } from '../kit/data-table.ts';
import { useWords } from '../session/words.ts';
import type { LedgerRow } from './ledger-rows.ts';

/** Windows of which nothing was taken, and why. */
const props = defineProps<{ rows: readonly LedgerRow[]; placeOf: (s: LedgerStand) => string; file: string }>();
const words = useWords();
const MOST = 30;
const columns = computed((): readonly DataColumn<LedgerRow>[] => {
  const { t, text, format, ceiling } = words.value;
  const why = ({ line }: LedgerRow): string =>
    line.kind === 'none' && line.held
      ? t('ledger.missedHeld', { why: ceiling(line.held, line.unit) })
      : t('ledger.missedFree');
  const day = (iso: string | null): string => (iso ? format.day(iso) : '');
  return [
    {
      key: 'stand',
      title: t('ledger.stand'),
      text: (r) => `${text(r.stand.plantName)}, ${props.placeOf(r.stand)}`,
      sort: (r) => `${text(r.stand.plantName)}, ${props.placeOf(r.stand)}`,
    },
    { key: 'part', title: t('ledger.part'), text: (r) => text(r.line.partName) },
    {
      key: 'days',
      title: t('ledger.days'),
      text: (r) => `${day(r.line.opens.p50)} – ${day(r.line.closes.p50)}`,
      sort: (r) => r.line.opens.p50,
    },
    { key: 'why', title: t('season.why'), text: why, sort: why },
  ];
});
</script>

<template>
  <p class="soft small">{{ words.t('ledger.missedLead') }}</p>
  <DataTable
    :columns="columns"
    :rows="rows"
    :row-key="(r) => r.key"
    :label="words.t('ledger.missed')"
    :file="file"
    :most="MOST" />
</template>
