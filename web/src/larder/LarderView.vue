<script setup lang="ts">
import { computed } from 'vue';
import { doubtfulOf } from '@emberfield/core/larder';
import FoldUp from '../kit/FoldUp.vue';
import GoButton from '../kit/GoButton.vue';
import StateNote from '../kit/StateNote.vue';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import TastesToAsk from '../tastes/TastesToAsk.vue';
import BatchLines from './BatchLines.vue';
import { shelves } from './shelf.ts';
import UnitLines from './UnitLines.vue';
import { useLarderHere } from './use-larder-here.ts';

/** What was taken and is not sorted yet, what dries, and what is kept, first what should be used first. */
const words = useWords();
const { mayPick } = useGroup();
const { today } = useDay();
const { query, larder } = useLarderHere();
const on = computed(() => shelves(larder.value?.batches ?? []));
const table = computed(() => [...(larder.value?.table ?? [])].sort((a, b) => b.day.localeCompare(a.day)));
const doubtful = computed(() => doubtfulOf(larder.value?.batches ?? []));
const isEmpty = computed(() => table.value.length + (larder.value?.batches.length ?? 0) === 0);
</script>

<template>
  <StateNote
    v-if="query.isLoadingError.value"
    state="failed"
    :text="query.error.value?.message"
    @retry="query.refetch()" />
  <StateNote v-else-if="!larder" state="loading" />
  <div v-else class="page larder">
    <h1>{{ words.t('larder.title') }}</h1>
    <p class="soft">{{ words.t('larder.lead') }}</p>
    <StateNote v-if="isEmpty" state="empty" :title="words.t('larder.none')" :text="words.t('larder.noneText')" />
    <TastesToAsk :batches="larder.batches" />
    <p class="no-print">
      <GoButton :to="{ name: 'season' }">{{ words.t('nav.season') }}</GoButton>
    </p>
    <section v-if="table.length">
      <h2>{{ words.t('larder.table') }}</h2>
      <p class="soft small">{{ words.t('larder.tableLead') }}</p>
      <ul>
        <li v-for="t in table" :key="t.id">
          <span
            ><b>{{ words.text(t.plantName) }} · {{ words.text(t.partName) }}</b> {{ words.amount(t.amount, t.unit) }}
            <small class="soft">{{ t.patchName }}, {{ words.format.day(t.day, today) }}, {{ t.by }}</small></span
          >
          <GoButton v-if="mayPick" :to="{ name: 'sort', params: { takeId: t.id } }">{{
            words.t('larder.sort')
          }}</GoButton>
        </li>
      </ul>
    </section>
    <section v-for="state in ['drying', 'kept'] as const" v-show="on[state].length" :key="state">
      <h2>{{ words.t(`larder.${state}`) }}</h2>
      <BatchLines :batches="on[state]" :today="today" :doubtful="doubtful" />
    </section>
    <FoldUp v-if="larder.units.length" :title="words.t('larder.units')"><UnitLines :units="larder.units" /></FoldUp>
    <FoldUp v-if="on.gone.length" :title="words.t('larder.gone')">
      <BatchLines :batches="on.gone" :today="today" />
    </FoldUp>
  </div>
</template>

<style scoped>
.larder {
  max-width: 760px;
}
section {
  margin-top: 16px;
}
ul {
  list-style: none;
  margin: 6px 0;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  justify-content: space-between;
  align-items: center;
  border-top: 1px solid var(--hair);
  padding: 8px 0;
}
small {
  display: block;
  font-size: 14px;
}
</style>
