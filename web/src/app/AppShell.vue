<script setup lang="ts">
import { SearchOutlined } from '@ant-design/icons-vue';
import { Button } from 'ant-design-vue';
import { computed, defineAsyncComponent, onMounted, ref } from 'vue';
import { useRoute } from 'vue-router';
import { useBrowserNotices } from '../calendar/use-notices.ts';
import { useTour } from '../help/use-tour.ts';
import { useRibbon } from '../hearth/queries.ts';
import OutboxBar from '../offline/OutboxBar.vue';
import { afterPaint, breath } from '../platform/after-paint.ts';
import { isPhone } from '../platform/theme.ts';
import { useDay } from '../session/use-day.ts';
import { useFreshGroup, useGroup } from '../session/use-group.ts';
import { useLive } from '../session/use-live.ts';
import { useWords } from '../session/words.ts';
import { usePlanHere } from '../supply/use-plan-here.ts';
import { useWayLog } from '../way/kept-way.ts';
import DayTag from './DayTag.vue';
import RibbonStrip from './RibbonStrip.vue';
import { useFind } from './use-find.ts';
import { usePageTitle } from './use-page-title.ts';
import { useShortcuts } from './use-shortcuts.ts';
import ViewLinks from './ViewLinks.vue';

const BottomBar = afterPaint(() => import('./BottomBar.vue'));
const FindBox = afterPaint(() => import('./FindBox.vue'));
const KeyList = afterPaint(() => import('./KeyList.vue'));
const PersonMenu = afterPaint(() => import('./PersonMenu.vue'));
const TourSteps = defineAsyncComponent(() => import('../help/TourSteps.vue'));
/** With its solver it is large, and comes once the page stands. */
const PlanHere = defineAsyncComponent(() => import('../supply/PlanHere.vue'));
const WayRecorder = defineAsyncComponent(() => import('../way/WayRecorder.vue'));
const QuickLog = afterPaint(() => import('./QuickLog.vue'));

const words = useWords();
const route = useRoute();
const { groupId, mayPick } = useGroup();
const { day, today, asked, dayQuery, lookAt, step } = useDay();
useFreshGroup();
useBrowserNotices();
useLive();
const wayLog = useWayLog();
const ribbon = useRibbon(groupId, asked);
const hasPlan = usePlanHere();
const listing = ref(false);
const { touring } = useTour();
const { finding, text: findText, open: openFind } = useFind();
useShortcuts({
  openFind,
  openList: () => (listing.value = true),
  silent: () => finding.value || listing.value,
});
/** The frame stands before what is in it. */
const framed = ref(false);
onMounted(() => void breath().then(() => (framed.value = true)));
const content = ref<HTMLElement | null>(null);
usePageTitle(content);
/** In the field a form fills the phone and has its own way out. */
const bare = computed(
  () => isPhone.value && ['confirm', 'take', 'visit', 'find', 'placeLog', 'sort'].includes(String(route.name)),
);
/** Where only today counts, and every line of the screen. */
const outside = computed(() => isPhone.value && ['field', 'need'].includes(String(route.name)));
/** Where a thumb is likely to have just done something. */
const quick = computed(
  () => isPhone.value && mayPick.value && ['hearth', 'stand', 'patch', 'plants', 'year'].includes(String(route.name)),
);
</script>

<template>
  <a class="skip" href="#content">{{ words.t('common.skip') }}</a>
  <header v-if="!bare" class="shell no-print">
    <div class="bar">
      <template v-if="!isPhone">
        <RouterLink class="word" :to="{ name: 'hearth', query: dayQuery }">Emberfield</RouterLink>
        <ViewLinks />
      </template>
      <DayTag class="day" />
      <Button class="find" :type="isPhone ? 'text' : 'default'" :aria-label="words.t('nav.find')" @click="openFind">
        <template #icon><SearchOutlined aria-hidden="true" /></template>
        <template v-if="!isPhone" #default
          ><span class="word-find">{{ words.t('nav.find') }}</span> <kbd>/</kbd></template
        >
      </Button>
      <PersonMenu @keys="listing = true" />
    </div>
    <RibbonStrip v-if="!outside" :ribbon="ribbon.data.value" :day="day" :today="today" @look="lookAt" @step="step" />
  </header>
  <OutboxBar />
  <main id="content" ref="content" tabindex="-1" :class="{ over: isPhone && !bare }"><slot v-if="framed" /></main>
  <template v-if="isPhone && !bare"><QuickLog v-if="quick" /><BottomBar /></template>
  <FindBox v-if="finding" v-model="findText" @close="finding = false" />
  <TourSteps v-if="touring" />
  <PlanHere v-if="hasPlan" />
  <WayRecorder v-if="wayLog.on" />
  <KeyList v-if="listing" @close="listing = false" />
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: clamp(10px, 1.6vw, 24px);
  min-height: 54px;
  padding: 0 24px;
}
.word {
  font: 600 24px/1 var(--serif);
  color: var(--char);
  text-decoration: none;
}
.day {
  margin-left: auto;
}
.find {
  display: flex;
  align-items: center;
  gap: 6px;
  font-weight: 400;
  color: var(--soft);
}
.word-find {
  min-width: 60px;
  text-align: left;
}
.skip {
  position: absolute;
  inset-inline-start: -999px;
}
.skip:focus {
  inset-inline-start: 8px;
  top: 8px;
  background: var(--sheet);
  padding: 8px 14px;
  z-index: 50;
}
main:focus,
main :deep(h1:focus) {
  outline: none;
}
@media (max-width: 1240px) {
  .word-find,
  .find kbd {
    display: none;
  }
}
/* The first of the views leads there as well. */
@media (max-width: 1060px) {
  .word {
    display: none;
  }
}
@media (max-width: 900px) {
  .bar {
    min-height: 48px;
    padding: 0 6px 0 14px;
    gap: 2px;
  }
  .day {
    margin: 0 auto 0 0;
    min-width: 0;
  }
  .find {
    margin-left: 0;
  }
  /* What the bar at the foot covers can be scrolled into sight. */
  .over {
    padding-bottom: calc(72px + env(safe-area-inset-bottom));
  }
}
</style>
