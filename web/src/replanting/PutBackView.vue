<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import { PLANTING_WAYS, type PlantingWay } from '@emberfield/core/replanting';
import StateNote from '../kit/StateNote.vue';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { useStand, useStandKit } from '../stands/queries.ts';
import BalanceBars from './BalanceBars.vue';
import MakeUp from './MakeUp.vue';
import PlantingForm from './PlantingForm.vue';
import PlantingList from './PlantingList.vue';
import TendingLog from './TendingLog.vue';
import { roughly } from './say-put-back.ts';
import { usePutBack } from './use-put-back.ts';

/** What is owed to a stand, how to make it up, and what became of what was planted. */
const words = useWords();
const route = useRoute();
const { groupId, mayPick } = useGroup();
const { day, asked } = useDay();
const standId = computed(() => String(route.params['standId']));
const stand = useStand(groupId, standId, asked, ref(false));
const kit = useStandKit(groupId, standId);
const { book, cohorts, known, none } = usePutBack(kit.data, day);
const way = ref<PlantingWay | null>(null);
const chosen = computed<PlantingWay>({
  get: () => known.value?.ways.find((w) => w.way === way.value)?.way ?? known.value?.ways[0]?.way ?? 'youngPlant',
  set: (next) => (way.value = next),
});
const number = ref<number | null>(null);
/** Where nothing can be reckoned, all ways can still be noted; of an invader none. */
const ways = computed<readonly PlantingWay[]>(() => known.value?.ways.map((w) => w.way) ?? PLANTING_WAYS);
const mayPlant = computed(() => mayPick.value && none.value !== 'invader' && (known.value || none.value === 'tree'));
</script>

<template>
  <StateNote v-if="kit.isLoadingError.value" state="failed" :text="kit.error.value?.message" @retry="kit.refetch()" />
  <StateNote
    v-else-if="stand.isLoadingError.value"
    state="failed"
    :text="stand.error.value?.message"
    @retry="stand.refetch()" />
  <StateNote v-else-if="!book || !stand.data.value || !(known || none)" state="loading" />
  <div v-else class="page">
    <header>
      <h1>{{ words.t('putBack.title') }}</h1>
      <p class="soft">
        <RouterLink :to="{ name: 'stand', params: { standId } }"
          >{{ words.text(stand.data.value.plantName) }} · {{ stand.data.value.patchName }}</RouterLink
        >
      </p>
    </header>
    <p v-if="none" class="none">{{ words.t(`putBack.none.${none}`) }}</p>
    <div class="halves">
      <div>
        <section v-if="known">
          <h2>{{ words.t('putBack.balance') }}</h2>
          <p class="soft small">{{ words.t('putBack.balanceLead', { years: known.years }) }}</p>
          <BalanceBars :told="known" />
          <p>
            <b>{{
              known.owed < 0.5 ? words.t('putBack.owedNone') : words.t('putBack.owed', { n: roughly(known.owed) })
            }}</b>
          </p>
        </section>
        <PlantingList
          v-if="none !== 'invader' || cohorts.length"
          :stand="stand.data.value"
          :cohorts="cohorts"
          :day="day" />
        <TendingLog v-if="mayPick && book.place.facts.tended" :stand="stand.data.value" />
      </div>
      <div>
        <MakeUp
          v-if="known"
          v-model:way="chosen"
          v-model:number="number"
          :told="known"
          :day="day"
          :latitude-deg="book.place.latitudeDeg" />
        <PlantingForm v-if="mayPlant" :stand="stand.data.value" :ways="ways" :way="chosen" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.none {
  max-width: 640px;
}
.halves {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(360px, 100%), 1fr));
  gap: 0 40px;
}
</style>
