<script setup lang="ts">
import { computed } from 'vue';
import { dayNumber } from '@emberfield/core/measure';
import type { Conditions } from '@emberfield/contract';
import ReasonText from '../kit/ReasonText.vue';
import { useWords } from '../session/words.ts';

const props = defineProps<{ conditions: Conditions; day: string }>();
const words = useWords();
const c = computed(() => props.conditions);
/** An end of the ground's openness is said when it is near enough to plan by. */
const NEAR_DAYS = 60;
const ground = computed(() => {
  const { t, format } = words.value;
  const g = c.value.ground;
  if (!g) return '';
  if (g.frozen)
    return g.openFrom
      ? t('conditions.groundFrozenUntil', { day: format.day(g.openFrom, props.day) })
      : t('conditions.groundFrozen');
  const near = g.frozenFrom !== null && dayNumber(g.frozenFrom) - dayNumber(props.day) <= NEAR_DAYS;
  return near
    ? t('conditions.groundOpenUntil', { day: format.day(g.frozenFrom!, props.day) })
    : t('conditions.groundOpen');
});
const lows = computed(() => {
  const { t, format } = words.value;
  const turns = c.value.tide?.turns.filter((turn) => !turn.high) ?? [];
  return format.list(
    turns.map(({ clock, levelM }) => t('conditions.lowWaterAt', { clock, level: format.number(levelM, 1) })),
  );
});
</script>

<template>
  <div class="strip">
    <template v-if="c.source !== 'none'">
      <span
        ><b>{{ words.temperatures(c) }}</b> <span class="soft">{{ words.t(`conditions.${c.source}`) }}</span></span
      >
      <ReasonText v-if="c.lead" :reasons="words.leadReasons(c.lead, c.stationName, day)"
        ><b>{{ words.yearLead(c.lead.daysAhead) }}</b></ReasonText
      >
    </template>
    <RouterLink v-else :to="{ name: 'weather' }">{{ words.t('hearth.weatherMissing') }}</RouterLink>
    <span v-if="ground">{{ ground }}</span>
    <span v-if="c.sunrise && c.sunset">{{ words.t('conditions.light', { from: c.sunrise, to: c.sunset }) }}</span>
    <span v-if="lows" :title="c.tide?.name">{{ words.t('conditions.lowWater', { times: lows }) }}</span>
    <span v-if="c.rainMm !== null">{{ words.t('conditions.rain', { amount: words.format.rain(c.rainMm) }) }}</span>
    <RouterLink v-if="c.stationName && c.stationLastDay" class="soft last" :to="{ name: 'weather' }">{{
      words.t('conditions.station', { station: c.stationName, day: words.format.day(c.stationLastDay, day) })
    }}</RouterLink>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 30px;
  padding: 9px 24px;
  background: var(--band);
  border-bottom: 1px solid var(--hair);
  align-items: baseline;
}
b {
  font: 560 16px var(--serif);
}
.last {
  margin-left: auto;
  text-decoration: none;
  border-bottom: 1px dotted;
}
@media (max-width: 900px) {
  .strip {
    padding-inline: 14px;
    gap: 4px 18px;
  }
  .last {
    margin: 0;
  }
}
</style>
