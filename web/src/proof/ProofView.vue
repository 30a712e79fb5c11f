<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue';
import type { ProofScores } from '@emberfield/contract';
import DataTable from '../kit/DataTable.vue';
import type { DataColumn } from '../kit/data-table.ts';
import StateNote from '../kit/StateNote.vue';
import { useGroup } from '../session/use-group.ts';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { useProof } from './queries.ts';

// Charts are heavy: the words stand before they come.
const BandBars = defineAsyncComponent(() => import('./BandBars.vue'));
const OffPlot = defineAsyncComponent(() => import('./OffPlot.vue'));
const words = useWords();
const { groupId } = useGroup();
const { today } = useDay();
const proof = useProof(groupId);
const p = computed(() => proof.data.value);
/** Where most is known stands first. */
const plants = computed(() => [...(p.value?.plants ?? [])].sort((a, b) => b.scores.trials - a.scores.trials));
interface ScoreRow {
  readonly key: string;
  readonly plantKey: string;
  readonly plant: string;
  /** Empty where all stages of the plant are meant. */
  readonly stage: string;
  readonly scores: ProofScores;
}
const rows = computed(() =>
  plants.value.flatMap(({ plantKey, plantName, scores, stages }): readonly ScoreRow[] => {
    const plant = words.value.text(plantName);
    return [
      { key: plantKey, plantKey, plant, stage: '', scores },
      ...stages.map((x) => ({
        key: `${plantKey}:${x.stage}`,
        plantKey,
        plant,
        stage: words.value.text(x.stageName),
        scores: x.scores,
      })),
    ];
  }),
);
const FIGURES = [
  ['trials', 'trials', 0],
  ['mine', 'forecast', 1],
  ['lastYear', 'lastYear', 1],
  ['meanDate', 'meanDate', 1],
] as const;
const columns = computed((): readonly DataColumn<ScoreRow>[] => {
  const { t, format } = words.value;
  return [
    { key: 'plant', title: t('proof.plant'), sort: (r) => r.plant },
    { key: 'stage', title: t('stand.stage'), text: (r) => r.stage, sort: (r) => r.stage },
    ...FIGURES.map(([key, of, digits]) => ({
      key,
      title: t(`proof.${key}`),
      number: true,
      text: (r: ScoreRow) => format.number(r.scores[of], digits),
      sort: (r: ScoreRow) => r.scores[of],
    })),
    {
      key: 'covered',
      title: t('proof.covered'),
      number: true,
      text: (r) => `${format.percent(r.scores.covered)} %`,
      sort: (r) => r.scores.covered,
    },
  ];
});
const said = computed(() => {
  const all = p.value?.all;
  const { t, format } = words.value;
  return all
    ? t('proof.said', {
        trials: format.number(all.trials),
        mine: format.number(all.forecast, 1),
        lastYear: format.number(all.lastYear, 1),
        meanDate: format.number(all.meanDate, 1),
      })
    : t('proof.none');
});
</script>

<template>
  <StateNote
    v-if="proof.isLoadingError.value"
    state="failed"
    :text="proof.error.value?.message"
    @retry="proof.refetch()" />
  <StateNote v-else-if="!p" state="loading" />
  <div v-else class="page">
    <h1>{{ words.t('proof.title') }}</h1>
    <p class="lead">
      <b>{{ said }}</b>
    </p>
    <p class="soft">{{ words.t('proof.lead', { days: p.daysBefore }) }}</p>
    <p v-if="p.waiting" class="soft" role="status">{{ words.t('proof.waiting', { n: p.waiting }) }}</p>
    <div class="halves">
      <div>
        <OffPlot v-if="plants.length" :plants="plants" />
        <section v-if="p.calibration" class="section">
          <h2>{{ words.t('proof.bands') }}</h2>
          <p class="soft small">{{ words.t('proof.bandsLead') }}</p>
          <BandBars :shares="p.calibration" />
        </section>
      </div>
      <section class="section">
        <h2>{{ words.t('proof.looks') }}</h2>
        <p class="soft small">{{ words.t(p.looks.length ? 'proof.looksLead' : 'proof.noLooks') }}</p>
        <ol class="looks">
          <li v-for="l in p.looks" :key="l.patchId">
            <RouterLink :to="{ name: 'patch', params: { patchId: l.patchId } }">{{
              words.t('proof.look', {
                day: words.format.day(l.day, today),
                place: l.patchName,
                plant: words.text(l.plantName),
                stage: words.text(l.stageName),
              })
            }}</RouterLink>
            <span class="soft small">{{
              words.t('proof.lookGain', { n: l.windows, days: words.format.number(l.days, 1) })
            }}</span>
          </li>
        </ol>
      </section>
    </div>
    <DataTable
      v-if="plants.length"
      :columns="columns"
      :rows="rows"
      :row-key="(r) => r.key"
      :label="words.t('proof.title')"
      :file="words.t('proof.title')">
      <template #plant="{ row }">
        <RouterLink v-if="!row.stage" :to="{ name: 'plant', params: { plantKey: row.plantKey } }">
          <b>{{ row.plant }}</b></RouterLink
        ><span v-else class="soft">{{ row.plant }}</span>
      </template>
    </DataTable>
  </div>
</template>

<style scoped>
.lead {
  font-size: 17px;
  margin-top: 8px;
}
.halves {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
  gap: 10px 48px;
  margin: 16px 0;
}
.looks {
  margin: 0;
  padding-left: 20px;
}
.looks li {
  margin-bottom: 10px;
}
.looks span {
  display: block;
}
.stage {
  padding-left: 16px !important;
}
@media (max-width: 900px) {
  .halves {
    display: block;
  }
  .looks a {
    display: inline-block;
    padding: 8px 0;
  }
}
</style>
