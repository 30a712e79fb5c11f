<script setup lang="ts">
import type { LookAlikeView } from '@emberfield/contract';
import CatalogueText from '../kit/CatalogueText.vue';
import HarmfulName from '../kit/HarmfulName.vue';
import { useWords } from '../session/words.ts';

/** Each look-alike of a stand: how it differs, whether anybody looked for it, and when it shows. */
defineProps<{ lookAlikes: readonly LookAlikeView[]; day: string }>();
const words = useWords();
const FOUND = { here: 'lookAlike.found', place: 'lookAlike.foundPlace', near: 'lookAlike.foundNear' } as const;
const searched = (l: LookAlikeView): string =>
  words.value.t(l.where ? FOUND[l.where] : l.canBeAbsent ? `lookAlike.${l.search}` : 'lookAlike.neverAbsent', {
    day: l.since ? words.value.format.dayAndYear(l.since) : '',
    until: l.until ? words.value.format.dayAndYear(l.until) : '',
  });
/** What was seen stands there, whatever the calendar says of it. */
const isSought = (l: LookAlikeView): boolean => l.search !== 'absent' && l.search !== 'found' && l.canBeAbsent;
const shows = (l: LookAlikeView, day: string): string =>
  l.showsNow
    ? words.value.t('lookAlike.showsNow')
    : l.showsNext
      ? words.value.t('lookAlike.showsFrom', { day: words.value.format.day(l.showsNext, day) })
      : '';
</script>

<template>
  <ul class="small">
    <li v-for="l in lookAlikes" :key="l.name['en'] + l.severity">
      <HarmfulName :name="l.name" :severity="l.severity" :plant-key="l.plantKey" />
      <CatalogueText v-if="words.text(l.separatedBy)" :text="l.separatedBy" />
      <span class="state" :class="{ warn: l.search === 'found' }">
        {{ [searched(l), isSought(l) ? shows(l, day) : ''].filter(Boolean).join(' · ') }}
      </span>
    </li>
  </ul>
</template>

<style scoped>
ul {
  padding-left: 18px;
  margin: 4px 0;
}
li {
  margin: 6px 0;
}
.state {
  display: block;
}
.state:not(.warn) {
  color: var(--soft);
}
</style>
