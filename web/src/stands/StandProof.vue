<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, defineAsyncComponent, ref } from 'vue';
import type { StandView } from '@emberfield/contract';
import DataTable from '../kit/DataTable.vue';
import type { DataColumn } from '../kit/data-table.ts';
import StateNote from '../kit/StateNote.vue';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { missPlot } from './miss-plot.ts';
import { useStandProof } from './queries.ts';
import { sayMiss } from './say-miss.ts';

// Charts are heavy: the words stand before they come.
const MissPlot = defineAsyncComponent(() => import('./MissPlot.vue'));
const props = defineProps<{ stand: StandView }>();
const words = useWords();
const { groupId } = useGroup();
const proof = useStandProof(
  groupId,
  computed(() => props.stand.id),
);
const plot = computed(() => (proof.data.value ? missPlot(proof.data.value) : null));
const asTable = ref(false);
const said = computed(() => {
  const p = proof.data.value;
  if (!p?.scores) return null;
  const { t, format } = words.value;
  return t('stand.proofSaid', {
    seasons: t('stand.proofSeasons', { n: p.scores.seasons }),
    mine: format.number(p.scores.forecast, 1),
    before: format.number(p.daysBefore),
    lastYear: format.number(p.scores.lastYear, 1),
    meanDate: format.number(p.scores.meanDate, 1),
    covered: format.percent(p.scores.covered),
  });
});
type Trial = NonNullable<typeof proof.data.value>['trials'][number];
const columns = computed((): readonly DataColumn<Trial>[] => {
  const { t, format, text } = words.value;
  const between = ({ after, by }: Trial): string =>
    t('stand.proofCameBetween', { after: format.shortDay(after), by: format.shortDay(by) });
  const mine = ({ forecast, miss }: Trial): string =>
    [forecast.p50 ? format.shortDay(forecast.p50) : t('common.none'), miss === null ? '' : sayMiss(miss, words.value)]
      .filter(Boolean)
      .join(': ');
  return [
    { key: 'stage', title: t('stand.stage'), text: (r) => text(r.stageName), sort: (r) => text(r.stageName) },
    { key: 'season', title: t('stand.season'), text: (r) => String(r.season), sort: (r) => r.season },
    { key: 'came', title: t('stand.proofCame'), text: between },
    { key: 'mine', title: t('stand.proofMine'), text: mine, sort: (r) => r.miss },
    {
      key: 'last',
      title: t('stand.proofLastYear'),
      text: (r) => (r.lastYearMiss === null ? '' : sayMiss(r.lastYearMiss, words.value)),
      sort: (r) => r.lastYearMiss,
    },
  ];
});
</script>

<template>
  <section class="section">
    <div class="title">
      <h2>{{ words.t('stand.proof') }}</h2>
      <Button v-if="plot?.rows.length" type="link" class="no-print" :aria-pressed="asTable" @click="asTable = !asTable">
        {{ words.t('stand.stageTable') }}
      </Button>
    </div>
    <StateNote
      v-if="proof.isLoadingError.value"
      state="failed"
      :text="proof.error.value?.message"
      @retry="proof.refetch()" />
    <StateNote v-else-if="!proof.data.value || !plot" state="loading" />
    <template v-else>
      <p>{{ said ?? words.t('stand.proofNone') }}</p>
      <p v-for="d in proof.data.value.doubtful" :key="`${d.stage}${d.season}`" class="doubt">
        <b>{{ words.text(d.stageName) }} {{ d.season }}</b
        >: {{ words.t('stand.doubtful') }}
      </p>
      <template v-if="plot.rows.length">
        <DataTable
          v-if="asTable"
          :columns="columns"
          :rows="proof.data.value.trials"
          :row-key="(r) => r.stage + r.season"
          :label="words.t('stand.proof')"
          :file="words.t('stand.proofFile')" />
        <MissPlot v-else :plot="plot" />
        <p class="soft small">
          {{ words.t('stand.proofHow') }}
          <RouterLink :to="{ name: 'proof' }">{{ words.t('proof.toAll') }}</RouterLink>
        </p>
      </template>
    </template>
  </section>
</template>

<style scoped>
.title {
  display: flex;
  align-items: baseline;
  gap: 12px;
}
.title .ant-btn {
  margin-left: auto;
  min-height: 30px;
}
.doubt {
  padding-left: 10px;
  border-left: 3px solid var(--glow);
}
</style>
