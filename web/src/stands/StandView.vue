<script setup lang="ts">
import { Button, Checkbox } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import CoalMark from '../kit/CoalMark.vue';
import StageLadder from '../kit/StageLadder.vue';
import PhotoStrip from '../photos/PhotoStrip.vue';
import StateNote from '../kit/StateNote.vue';
import { useGroup } from '../session/use-group.ts';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import EntryList from './EntryList.vue';
import MarkEditor from './MarkEditor.vue';
import type { SightingView } from '../kit/sighting-view.ts';
import { outlooksByHeat } from './heats.ts';
import { useOwnSeason } from './use-own-season.ts';
import { useStand, useStandKit } from './queries.ts';
import RestForm from './RestForm.vue';
import SeasonTable from './SeasonTable.vue';
import StageTable from './StageTable.vue';
import StandAllowance from './StandAllowance.vue';
import StandEnd from './StandEnd.vue';
import StandFacts from './StandFacts.vue';
import StandIdentity from './StandIdentity.vue';
import StandProof from './StandProof.vue';
import { standSubtitle } from './stand-subtitle.ts';

const words = useWords();
const route = useRoute();
const { groupId, isKeeper } = useGroup();
const { day, today, asked } = useDay();
const asThen = ref(false);
const stand = useStand(
  groupId,
  computed(() => String(route.params['standId'])),
  asked,
  asThen,
);
const standId = computed(() => String(route.params['standId']));
const { stand: s, isOwn } = useOwnSeason(stand.data, useStandKit(groupId, standId).data, {
  standId,
  today,
});
const outlooks = computed(() => outlooksByHeat(s.value?.outlooks ?? []));
const picked = ref(0);
// Another day or stand may have fewer parts than the one picked.
const chosen = computed({
  get: () => Math.max(0, Math.min(picked.value, outlooks.value.length - 1)),
  set: (index) => (picked.value = index),
});
const main = computed(() => outlooks.value[chosen.value]);
const asTable = ref(false);
const markId = ref<string | null>(null);
const mark = computed(() =>
  s.value?.entries.find(
    (e): e is SightingView => e.kind === 'stageSighting' && e.standing === 'valid' && e.id === markId.value,
  ),
);
const chooseMark = (id: string): void => void (markId.value = markId.value === id ? null : id);
</script>

<template>
  <StateNote
    v-if="stand.isLoadingError.value"
    state="failed"
    :text="stand.error.value?.message"
    @retry="stand.refetch()" />
  <StateNote v-else-if="!s" state="loading" />
  <div v-else class="two" :aria-busy="stand.isPlaceholderData.value">
    <header class="top">
      <div class="head">
        <CoalMark
          v-if="main"
          :readiness="main.readiness"
          :thorns="main.thorns"
          :size="54"
          :label="words.coal(main.readiness, main.thorns)" />
        <div>
          <h1>{{ words.text(s.plantName) }} · {{ s.patchName }}</h1>
          <p class="soft">{{ standSubtitle(words, s) }}</p>
        </div>
      </div>
      <p v-if="s.retiredOn" class="banner">
        <b>{{ words.t('end.retired', { day: words.format.dayAndYear(s.retiredOn) }) }}</b> {{ s.retiredWhy }}
      </p>
      <p v-if="s.deadlyLookAlikes.length && s.identity !== 'confirmed'" class="warn banner">
        {{ words.t('hearth.notRuledOut', { names: words.format.list(s.deadlyLookAlikes.map((l) => words.text(l))) }) }}
      </p>
    </header>
    <div class="front">
      <div class="title">
        <h2>{{ words.t('stand.yearOf') }}</h2>
        <span class="soft small">{{ words.t('stand.ladderNote') }}</span>
        <Button type="link" :aria-pressed="asTable" @click="asTable = !asTable">
          {{ words.t('stand.stageTable') }}
        </Button>
      </div>
      <Checkbox v-if="day < today" v-model:checked="asThen" class="no-print">{{
        words.t('stand.asThen', { day: words.format.day(day, today) })
      }}</Checkbox>
      <p v-if="isOwn" class="soft" role="status">{{ words.t('stand.ownSeason') }}</p>
      <p v-if="!main" class="soft">{{ words.t('stand.onlyKnown') }}</p>
      <StageTable v-if="asTable" :stand="s" :day="day" />
      <StageLadder v-else :stand="s" :day="day" :chosen="markId" @choose="chooseMark" />
      <MarkEditor v-if="mark && !asTable" :key="mark.id" :stand="s" :entry="mark" @close="markId = null" />
      <SeasonTable v-if="main" :stand="s" :day="day" />
      <StandProof :stand="s" />
      <section class="section">
        <h2>{{ words.t('stand.record') }}</h2>
        <EntryList :stand="s" />
      </section>
    </div>
    <aside class="side">
      <StandAllowance v-if="main" v-model="chosen" :stand="s" :outlooks="outlooks" :day="day" />
      <StandIdentity :stand="s" :day="day" />
      <StandFacts :stand="s" :day="day" />
      <PhotoStrip :patch-id="s.patchId" :stand-id="s.id" />
      <section v-if="isKeeper" class="section no-print">
        <h2>{{ words.t('stand.rules') }}</h2>
        <RestForm :stand="s" />
      </section>
      <StandEnd :stand="s" />
      <p class="no-print">
        <RouterLink :to="{ name: 'patch', params: { patchId: s.patchId } }">{{ words.t('stand.toPatch') }}</RouterLink>
        ·
        <RouterLink :to="{ name: 'plant', params: { plantKey: s.plantKey } }">{{ words.text(s.plantName) }}</RouterLink>
      </p>
    </aside>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  gap: 14px;
  align-items: center;
}
.head p {
  margin: 2px 0 0;
}
.title {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: baseline;
  margin-top: 14px;
}
.title .ant-btn {
  margin-left: auto;
  min-height: 30px;
}
.then {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 34px;
}
.banner {
  margin: 12px 0 0;
  padding: 8px 12px;
  border-left: 4px solid var(--ember);
  background: var(--band);
}
.two {
  grid-template: auto 1fr / minmax(0, 1fr) 400px;
}
.top {
  padding: 14px 20px 0 24px;
}
.side {
  grid-area: 1 / 2 / 3;
}
.front {
  grid-area: 2 / 1;
}
/* On the phone: what it is, then how much, then all the rest. */
@media (max-width: 900px) {
  .two {
    display: flex;
    flex-direction: column;
  }
  .top {
    padding: 14px 16px;
  }
  .front {
    order: 1;
  }
}
</style>
