<script setup lang="ts">
import { computed } from 'vue';
import type { LedgerStand } from '@emberfield/contract';
import DataTable from '../kit/DataTable.vue';
import type { DataColumn } from '../kit/data-table.ts';
import { useWords } from '../session/words.ts';
import { isOver, type LedgerRow } from './ledger-rows.ts';

/** What was taken: of how much, by whom, at what cost, and how it was. */
const props = defineProps<{ rows: readonly LedgerRow[]; placeOf: (s: LedgerStand) => string; file: string }>();
const words = useWords();
const PERCENT = 100;
const MOST = 60;
const columns = computed((): readonly DataColumn<LedgerRow>[] => {
  const { t, text, amount, format, ceiling } = words.value;
  const allowed = ({ line }: LedgerRow): string => {
    if (line.allowed !== null) return amount(line.allowed, line.unit);
    if (line.kind === 'none' && line.held) return t('ledger.barredNow', { why: ceiling(line.held, line.unit) });
    return t(line.kind === 'all' ? 'ledger.noLimit' : 'ledger.notCounted');
  };
  const share = (r: LedgerRow): string => (r.share === null ? '' : `${format.number(PERCENT * r.share)} %`);
  const people = ({ line }: LedgerRow): string =>
    line.people.map((p) => `${p.by} ${amount(p.amount, line.unit)}`).join(', ');
  const each = ({ line: { timed } }: LedgerRow): number | null =>
    timed.takes > 0 ? timed.minutes / timed.amount : null;
  const quality = ({ line }: LedgerRow): string =>
    Object.entries(line.qualities)
      .map(([q, n]) => `${t(`take.qualities.${q}`)} ${n}`)
      .join(', ');
  const all: readonly DataColumn<LedgerRow>[] = [
    {
      key: 'stand',
      title: t('ledger.stand'),
      text: (r) => `${text(r.stand.plantName)}, ${props.placeOf(r.stand)}`,
      sort: (r) => `${text(r.stand.plantName)}, ${props.placeOf(r.stand)}`,
    },
    { key: 'part', title: t('ledger.part'), text: (r) => text(r.line.partName) },
    { key: 'taken', title: t('ledger.taken'), text: (r) => amount(r.line.amount, r.line.unit), number: true },
    { key: 'allowed', title: t('ledger.allowed'), text: allowed, number: true },
    { key: 'share', title: t('ledger.share'), text: share, number: true },
    { key: 'people', title: t('ledger.people'), text: people },
    {
      key: 'takes',
      title: t('ledger.takes'),
      sort: (r) => r.line.takes,
      text: (r) => String(r.line.takes),
      number: true,
    },
    {
      key: 'each',
      title: t('ledger.each'),
      text: (r) => (each(r) === null ? '' : format.number(each(r)!, 2)),
      sort: each,
      number: true,
    },
    {
      key: 'waste',
      title: t('ledger.waste'),
      text: (r) => (r.line.wasteShare === null ? '' : `${format.number(PERCENT * r.line.wasteShare)} %`),
      number: true,
    },
    { key: 'quality', title: t('ledger.quality'), text: quality },
  ];
  // What nobody noted of any take needs no column.
  return all.filter((c) => !['each', 'waste', 'quality'].includes(c.key) || props.rows.some((r) => c.text!(r) !== ''));
});
</script>

<template>
  <DataTable
    :columns="columns"
    :rows="rows"
    :row-key="(r) => r.key"
    :label="words.t('ledger.lines')"
    :file="file"
    :most="MOST">
    <template #stand="{ row: r }">
      <RouterLink :to="{ name: 'stand', params: { standId: r.stand.id } }"
        >{{ words.text(r.stand.plantName) }}, {{ placeOf(r.stand) }}</RouterLink
      >
    </template>
    <template #share="{ row: r }">
      <b v-if="isOver(r)" class="warn"
        >{{ words.format.number(PERCENT * r.share!) }} %, {{ words.t('ledger.overAllowed') }}</b
      >
      <template v-else-if="r.share !== null">{{ words.format.number(PERCENT * r.share) }} %</template>
    </template>
  </DataTable>
</template>
