<script setup lang="ts">
import { computed } from 'vue';
import type { ProfilePart, StandView } from '@emberfield/contract';
import DataTable from '../kit/DataTable.vue';
import type { DataColumn } from '../kit/data-table.ts';
import { useWords } from '../session/words.ts';
import { seasonRows, type SeasonRow } from './season-rows.ts';

/** Every part that is taken, season by season: when it opened, what was taken of what was allowed, how many were counted. */
const props = defineProps<{ stand: StandView; day: string }>();
const words = useWords();
interface Row extends SeasonRow {
  readonly part: ProfilePart;
}
const rows = computed(() =>
  props.stand.profile.parts
    .filter((p) => props.stand.profile.windows.some((w) => w.part === p.key))
    .flatMap((part) => seasonRows(props.stand, part.key).map((r): Row => ({ ...r, part })))
    .sort((a, b) => b.season - a.season),
);
const opened = ({ opens, ahead }: SeasonRow): string => {
  if (opens === null) return '';
  const day = words.value.format.day(opens);
  return ahead ? words.value.t('stand.opensAhead', { day }) : day;
};
const columns = computed((): readonly DataColumn<Row>[] => {
  const { t, format, text } = words.value;
  return [
    { key: 'season', title: t('stand.season'), text: (r) => String(r.season), sort: (r) => r.season },
    { key: 'part', title: t('stand.part'), text: (r) => text(r.part.name), sort: (r) => text(r.part.name) },
    { key: 'opens', title: t('stand.openedShort'), text: opened, sort: (r) => r.opens },
    { key: 'taken', title: t('stand.taken'), sort: (r) => r.taken },
    {
      key: 'allowed',
      title: t('stand.allowed'),
      number: true,
      text: (r) => (r.allowed === null ? '' : format.number(r.allowed)),
      sort: (r) => r.allowed,
    },
    {
      key: 'counted',
      title: t('stand.counted'),
      number: true,
      text: (r) => (r.counted === null ? '' : format.number(r.counted)),
      sort: (r) => r.counted,
    },
  ];
});
</script>

<template>
  <DataTable
    :columns="columns"
    :rows="rows"
    :row-key="(r) => `${r.season}${r.part.key}`"
    :label="words.t('stand.seasonTable')"
    :file="`${words.text(stand.plantName)} ${stand.patchName}`">
    <template #taken="{ row }">
      <template v-if="Number.isNaN(row.taken)">?</template>
      <template v-else-if="row.taken > 0 || row.allowed !== null">{{
        words.amount(row.taken, row.part.unit)
      }}</template>
      <b v-if="row.over" class="warn">{{ words.t('stand.over') }}</b>
    </template>
  </DataTable>
</template>
