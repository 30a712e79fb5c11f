<script setup lang="ts">
import { computed } from 'vue';
import type { ProofScores } from '@emberfield/contract';
import StateNote from '../kit/StateNote.vue';
import { useGroup } from '../session/use-group.ts';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import BandBars from './BandBars.vue';
import OffPlot from './OffPlot.vue';
import { useProof } from './queries.ts';

const words = useWords();
const { groupId } = useGroup();
const { today } = useDay();
const proof = useProof(groupId);
const p = computed(() => proof.data.value);
/** Where most is known stands first. */
const plants = computed(() => [...(p.value?.plants ?? [])].sort((a, b) => b.scores.trials - a.scores.trials));
const cells = (s: ProofScores): readonly string[] => {
  const { format } = words.value;
  return [
    format.number(s.trials),
    format.number(s.forecast, 1),
    format.number(s.lastYear, 1),
    format.number(s.meanDate, 1),
    `${format.percent(s.covered)} %`,
  ];
};
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
const HEADS = ['trials', 'mine', 'lastYear', 'meanDate', 'covered'] as const;
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
    <table v-if="plants.length" class="plain">
      <thead>
        <tr>
          <th scope="col">{{ words.t('proof.plant') }}</th>
          <th v-for="h in HEADS" :key="h" scope="col">{{ words.t(`proof.${h}`) }}</th>
        </tr>
      </thead>
      <tbody v-for="plant in plants" :key="plant.plantKey">
        <tr>
          <th scope="rowgroup">
            <RouterLink :to="{ name: 'plant', params: { plantKey: plant.plantKey } }">{{
              words.text(plant.plantName)
            }}</RouterLink>
          </th>
          <td v-for="(c, i) in cells(plant.scores)" :key="i">
            <b>{{ c }}</b>
          </td>
        </tr>
        <tr v-for="s in plant.stages" :key="s.stage">
          <td class="stage">{{ words.text(s.stageName) }}</td>
          <td v-for="(c, i) in cells(s.scores)" :key="i">{{ c }}</td>
        </tr>
      </tbody>
    </table>
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
