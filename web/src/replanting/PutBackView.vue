<script setup lang="ts">
import { computed, ref } from 'vue';
import { PLANTING_WAYS, type PlantingWay } from '@emberfield/core/replanting';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import StandSubpage from '../stands/StandSubpage.vue';
import { useStandSubpage } from '../stands/use-stand-subpage.ts';
import BalanceBars from './BalanceBars.vue';
import MakeUp from './MakeUp.vue';
import PlantingForm from './PlantingForm.vue';
import PlantingList from './PlantingList.vue';
import TendingLog from './TendingLog.vue';
import { roughly } from './say-put-back.ts';
import { usePutBack } from './use-put-back.ts';

/** What is owed to a stand, how to make it up, and what became of what was planted. */
const words = useWords();
const { mayPick } = useGroup();
const page = useStandSubpage();
const { day } = page;
const { book, cohorts, known, none } = usePutBack(page.kit.data, day);
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
  <StandSubpage
    v-slot="{ stand }"
    :title="words.t('putBack.title')"
    :of="page"
    :ready="known !== null || none !== null">
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
        <PlantingList v-if="none !== 'invader' || cohorts.length" :stand="stand" :cohorts="cohorts" :day="day" />
        <TendingLog v-if="mayPick && book?.place.facts.tended" :stand="stand" />
      </div>
      <div>
        <MakeUp
          v-if="known"
          v-model:way="chosen"
          v-model:number="number"
          :told="known"
          :day="day"
          :latitude-deg="book!.place.latitudeDeg" />
        <PlantingForm v-if="mayPlant" :stand="stand" :ways="ways" :way="chosen" />
      </div>
    </div>
  </StandSubpage>
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
