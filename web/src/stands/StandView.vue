<script setup lang="ts">
import { TabPane, Tabs } from 'ant-design-vue';
import { computed, defineAsyncComponent, ref, shallowRef, watch } from 'vue';
import { useRoute } from 'vue-router';
import type { PartOutlook } from '@emberfield/contract';
import CoalMark from '../kit/CoalMark.vue';
import StateNote from '../kit/StateNote.vue';
import { isPhone } from '../platform/theme.ts';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useQueryTab } from '../session/use-query.ts';
import { useWords } from '../session/words.ts';
import { outlooksByHeat } from './heats.ts';
import { useStand, useStandKit } from './queries.ts';
import StandAllowance from './StandAllowance.vue';
import StandCare from './StandCare.vue';
import { standSubtitle } from './stand-subtitle.ts';
import StandYear from './StandYear.vue';
import { useOwnSeason } from './use-own-season.ts';

// What is behind a tab comes when it is opened.
const EntryList = defineAsyncComponent(() => import('./EntryList.vue'));
const PhotoStrip = defineAsyncComponent(() => import('../photos/PhotoStrip.vue'));
const StandIdentity = defineAsyncComponent(() => import('./StandIdentity.vue'));
const StandProof = defineAsyncComponent(() => import('./StandProof.vue'));
const StandSettings = defineAsyncComponent(() => import('./StandSettings.vue'));
const StandTaken = defineAsyncComponent(() => import('./StandTaken.vue'));

/** A stand: what may be taken, first; then its year, and behind tabs all else that is known of it. */
const words = useWords();
const route = useRoute();
const { groupId } = useGroup();
const { day, today, asked, dayQuery } = useDay();
const asThen = ref(false);
const standId = computed(() => String(route.params['standId']));
const stand = useStand(groupId, standId, asked, asThen);
const { stand: s, isOwn } = useOwnSeason(stand.data, useStandKit(groupId, standId).data, {
  standId,
  today,
  asked,
});
const outlooks = computed(() => outlooksByHeat(s.value?.outlooks ?? []));
/** The part that was picked, wherever it comes to stand among the others; without one, or where it is not there, the first. */
const picked = shallowRef<Pick<PartOutlook, 'part' | 'use'> | null>(null);
const chosen = computed({
  get: () => {
    const { part, use } = picked.value ?? {};
    return Math.max(
      0,
      outlooks.value.findIndex((o) => o.part === part && o.use === use),
    );
  },
  set: (index) => (picked.value = outlooks.value[index] ?? null),
});
// What was picked at one stand says nothing of the next.
watch(standId, () => (picked.value = null));
const main = computed(() => outlooks.value[chosen.value]);
const stay = (): void => void (picked.value = main.value ?? null);
const TABS = ['year', 'taken', 'what', 'dates', 'record', 'settings'] as const;
type Tab = (typeof TABS)[number];
const tab = useQueryTab<Tab>(() => TABS);
const nameOf = (t: Tab): string => words.value.t(`stand.${isPhone.value ? 'tabShort' : 'tab'}.${t}`);
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
          :size="48"
          :label="words.coal(main.readiness, main.thorns)" />
        <div>
          <h1>
            <RouterLink :to="{ name: 'plant', params: { plantKey: s.plantKey } }">{{
              words.text(s.plantName)
            }}</RouterLink>
            ·
            <RouterLink :to="{ name: 'patch', params: { patchId: s.patchId }, query: dayQuery }">{{
              s.patchName
            }}</RouterLink>
          </h1>
          <p class="soft subtitle">{{ standSubtitle(words, s) }}</p>
        </div>
      </div>
      <p v-if="s.retiredOn" class="banner">
        <b>{{ words.t('end.retired', { day: words.format.dayAndYear(s.retiredOn) }) }}</b> {{ s.retiredWhy }}
      </p>
      <p v-if="s.deadlyLookAlikes.length && s.identity !== 'confirmed'" class="warn banner">
        {{ words.t('hearth.notRuledOut', { names: words.format.list(s.deadlyLookAlikes.map((l) => words.text(l))) }) }}
      </p>
    </header>
    <aside class="side">
      <StandAllowance v-if="main" v-model="chosen" :stand="s" :outlooks="outlooks" :day="day" @stay="stay" />
      <StandCare class="care" :stand="s" />
    </aside>
    <Tabs v-model:active-key="tab" class="front" :tab-bar-gutter="isPhone ? 14 : 22">
      <TabPane key="year" :tab="nameOf('year')">
        <StandYear v-model:as-then="asThen" :stand="s" :is-own="isOwn" />
      </TabPane>
      <TabPane key="taken" :tab="nameOf('taken')"><StandTaken :stand="s" :day="day" /></TabPane>
      <TabPane key="what" :tab="nameOf('what')"><StandIdentity :stand="s" :day="day" /></TabPane>
      <TabPane key="dates" :tab="nameOf('dates')"><StandProof :stand="s" /></TabPane>
      <TabPane key="record" :tab="nameOf('record')">
        <PhotoStrip :patch-id="s.patchId" :stand-id="s.id" />
        <EntryList :stand="s" />
      </TabPane>
      <TabPane key="settings" :tab="nameOf('settings')"><StandSettings :stand="s" /></TabPane>
    </Tabs>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  gap: 14px;
  align-items: center;
}
h1 a {
  color: inherit;
  text-decoration: underline 1px var(--edge);
}
.head p {
  margin: 2px 0 0;
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
.two > .front {
  grid-area: 2 / 1;
  padding-top: 4px;
}
/* On the phone: what it is, how much, its year and the rest, and what to take care of. */
@media (max-width: 900px) {
  .two {
    display: flex;
    flex-direction: column;
  }
  .side {
    display: contents;
  }
  .side > :deep(*) {
    margin: 0;
    padding: 8px 16px;
  }
  .side > .care {
    order: 3;
  }
  .front {
    order: 2;
  }
  .top {
    padding: 8px 16px 0;
  }
  h1 {
    font-size: 21px;
  }
  .subtitle {
    display: -webkit-box;
    -webkit-line-clamp: 1;
    -webkit-box-orient: vertical;
    overflow: hidden;
    font-size: 14px;
  }
}
</style>
