<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { isoDay, dayNumber } from '@emberfield/core/measure';
import CoalLegend from '../kit/CoalLegend.vue';
import WindowStroke from '../kit/WindowStroke.vue';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { topicsAbout } from './topics.ts';
import { useTour } from './use-tour.ts';

/** What everything means and how it is done, with a field to search it by. */
const words = useWords();
const router = useRouter();
const { day } = useDay();
const { touring } = useTour();
const typed = ref('');
const topics = computed(() => topicsAbout(typed.value, words.value.t));
/** An example: it opened some days ago and closes in some weeks. */
const days = (p10: number, p50: number, p90: number) => ({
  p10: isoDay(dayNumber(day.value) + p10),
  p50: isoDay(dayNumber(day.value) + p50),
  p90: isoDay(dayNumber(day.value) + p90),
});
async function showRound(): Promise<void> {
  await router.push({ name: 'hearth' });
  touring.value = true;
}
</script>

<template>
  <div class="page narrow">
    <h1>{{ words.t('help.title') }}</h1>
    <div class="tools no-print">
      <Input
        v-model:value="typed"
        type="search"
        :placeholder="words.t('help.search')"
        :aria-label="words.t('help.search')" />
      <Button @click="showRound">{{ words.t('help.tour') }}</Button>
    </div>
    <template v-if="!typed.trim()">
      <section class="section">
        <h2>{{ words.t('help.coals') }}</h2>
        <CoalLegend />
      </section>
      <section class="section">
        <h2>{{ words.t('help.strokes') }}</h2>
        <WindowStroke
          class="stroke"
          :opens="days(-20, -14, -6)"
          :closes="days(20, 30, 44)"
          :separable="null"
          :day="day"
          :label="words.t('help.strokeLabel')" />
        <p>{{ words.t('help.stroke') }}</p>
      </section>
    </template>
    <section v-for="topic in topics" :id="topic.key" :key="topic.key" class="section">
      <h2>{{ topic.title }}</h2>
      <p>{{ topic.text }}</p>
    </section>
    <p v-if="!topics.length" class="soft" role="status">{{ words.t('help.none') }}</p>
    <p class="soft small">{{ words.t('common.caution') }}</p>
  </div>
</template>

<style scoped>
.narrow {
  max-width: 760px;
}
.tools {
  display: flex;
  gap: 10px;
  margin: 12px 0 18px;
}
.stroke {
  width: min(320px, 100%);
  height: 26px;
}
</style>
