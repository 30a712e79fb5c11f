<script setup lang="ts">
import { computed } from 'vue';
import type { StandView } from '@emberfield/contract';
import { sayMethod } from '../entries/say-method.ts';
import DataTable from '../kit/DataTable.vue';
import GoButton from '../kit/GoButton.vue';
import type { DataColumn } from '../kit/data-table.ts';
import ReasonText from '../kit/ReasonText.vue';
import { useWords } from '../session/words.ts';
import SeasonTable from './SeasonTable.vue';

/** What was taken of each part and how many were counted, through the seasons. */
const props = defineProps<{ stand: StandView; day: string }>();
const words = useWords();
type Count = StandView['counts'][number];
const counts = computed(() => [...props.stand.counts].reverse());
/** What counts by several ways come to together. */
const weighed = computed(() => {
  const { count } = props.stand;
  if (!count?.weighedWith.length) return '';
  const { t, format } = words.value;
  return t('stand.countWeighed', {
    value: format.number(count.value),
    low: format.number(count.low),
    high: format.number(count.high),
    how: format.list([count.method, ...count.weighedWith].map((m) => sayMethod(m, words.value))),
  });
});
const columns = computed((): readonly DataColumn<Count>[] => {
  const { t, format } = words.value;
  return [
    { key: 'day', title: t('stand.countDay'), text: (c) => format.day(c.day, props.day), sort: (c) => c.day },
    { key: 'value', title: t('stand.counted'), sort: (c) => c.value },
    {
      key: 'how',
      title: t('stand.countHow'),
      text: (c) => sayMethod(c.method, words.value),
    },
    { key: 'by', title: t('stand.countBy'), text: (c) => c.by, sort: (c) => c.by },
  ];
});
</script>

<template>
  <p class="no-print">
    <GoButton :to="{ name: 'bench', params: { standId: stand.id } }">{{ words.t('bench.open') }}</GoButton>
    <span class="soft small"> {{ words.t('bench.openLead') }}</span>
  </p>
  <p class="no-print">
    <GoButton :to="{ name: 'putBack', params: { standId: stand.id } }">{{ words.t('putBack.open') }}</GoButton>
    <span class="soft small"> {{ words.t('putBack.openLead') }}</span>
  </p>
  <SeasonTable :stand="stand" :day="day" />
  <h2>{{ words.t('stand.countTitle') }}</h2>
  <p v-if="weighed">{{ weighed }}</p>
  <p v-if="!counts.length" class="soft">{{ words.t('stand.neverCounted') }}</p>
  <DataTable
    v-else
    :columns="columns"
    :rows="counts"
    :row-key="(c) => `${c.day}${c.by}${c.value}`"
    :label="words.t('stand.countTitle')"
    :file="words.t('stand.countFile')">
    <template #value="{ row: c }">
      <ReasonText :reasons="words.countReasons(c)"
        ><b>{{ words.format.number(c.value) }}</b> ({{ words.format.number(c.low) }}–{{
          words.format.number(c.high)
        }})</ReasonText
      >
    </template>
  </DataTable>
</template>
