<script setup lang="ts">
import { computed } from 'vue';
import type { WantView } from '@emberfield/contract';
import DataTable from '../kit/DataTable.vue';
import type { DataColumn } from '../kit/data-table.ts';
import { useSeasonWants } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { sayWanted } from '../supply/say-season.ts';

/** What the year should bring, and what it brought so far. */
defineProps<{ file: string }>();
const words = useWords();
const { groupId } = useGroup();
const wants = useSeasonWants(groupId);
const columns = computed((): readonly DataColumn<WantView>[] => {
  const { t } = words.value;
  const said = (w: WantView, amount: number): string => sayWanted(w, amount, words.value);
  const got = (w: WantView): string =>
    w.terms.weekly ? t('season.gotWeek', { amount: said(w, w.taken) }) : said(w, w.taken);
  return [
    { key: 'name', title: t('season.name'), text: (w) => w.terms.name, sort: (w) => w.terms.name },
    {
      key: 'wanted',
      title: t('ledger.wanted'),
      text: (w) =>
        w.terms.weekly ? t('season.perWeek', { amount: said(w, w.terms.amount) }) : said(w, w.terms.amount),
      number: true,
    },
    { key: 'got', title: t('ledger.got'), text: got, number: true },
  ];
});
</script>

<template>
  <section v-if="wants.data.value?.length" class="section">
    <h2>{{ words.t('ledger.wants') }}</h2>
    <DataTable
      :columns="columns"
      :rows="wants.data.value"
      :row-key="(w) => w.id"
      :label="words.t('ledger.wants')"
      :file="file" />
    <p class="no-print">
      <RouterLink :to="{ name: 'season' }">{{ words.t('nav.season') }}</RouterLink>
    </p>
  </section>
</template>
