<script setup lang="ts">
import { DownOutlined, UpOutlined } from '@ant-design/icons-vue';
import { useElementSize } from '@vueuse/core';
import { Button } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
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
  return {
    clocks: format.list(turns.map(({ clock }) => clock)),
    levels: turns.map(({ clock, levelM }) => t('conditions.lowWaterAt', { clock, level: format.number(levelM, 1) })),
  };
});
/** One line; where it does not fit, the rest opens. */
const box = ref<HTMLElement | null>(null);
const { width } = useElementSize(box);
const open = ref(false);
const more = ref(false);
watch(
  [width, c],
  () => (more.value = open.value || (box.value !== null && box.value.scrollWidth > box.value.clientWidth + 1)),
  { flush: 'post', immediate: true },
);
</script>

<template>
  <div class="strip">
    <div ref="box" class="facts" :class="{ open }">
      <template v-if="c.source !== 'none'">
        <span
          ><b>{{ words.temperatures(c) }}</b>
          <span v-if="c.source !== 'measured'" class="soft"> {{ words.t(`conditions.${c.source}`) }}</span></span
        >
        <ReasonText v-if="c.lead" :reasons="words.leadReasons(c.lead, c.stationName, day)">{{
          words.yearLead(c.lead.daysAhead)
        }}</ReasonText>
      </template>
      <RouterLink v-else :to="{ name: 'weather' }">{{ words.t('hearth.weatherMissing') }}</RouterLink>
      <span v-if="ground">{{ ground }}</span>
      <span v-if="c.sunrise && c.sunset">{{ words.t('conditions.light', { from: c.sunrise, to: c.sunset }) }}</span>
      <ReasonText v-if="lows.levels.length" :reasons="[c.tide?.name ?? '', ...lows.levels].filter(Boolean)">{{
        words.t('conditions.lowWater', { times: lows.clocks })
      }}</ReasonText>
      <span v-if="c.rainMm !== null">{{ words.t('conditions.rain', { amount: words.format.rain(c.rainMm) }) }}</span>
      <RouterLink v-if="c.stationName && c.stationLastDay" class="soft last" :to="{ name: 'weather' }">{{
        words.t('conditions.station', { station: c.stationName, day: words.format.day(c.stationLastDay, day) })
      }}</RouterLink>
    </div>
    <Button
      v-if="more"
      type="text"
      size="small"
      class="no-print"
      :aria-label="words.t(open ? 'conditions.less' : 'conditions.more')"
      :aria-expanded="open"
      @click="open = !open">
      <template #icon><UpOutlined v-if="open" aria-hidden="true" /><DownOutlined v-else aria-hidden="true" /></template>
    </Button>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  align-items: center;
  background: var(--band);
  border-bottom: 1px solid var(--hair);
  padding-right: 8px;
  font-size: 14.5px;
}
.facts {
  flex: 1;
  min-width: 0;
  display: flex;
  gap: 4px 24px;
  align-items: baseline;
  padding: 7px 16px 7px 24px;
  white-space: nowrap;
  overflow: hidden;
}
.facts > * {
  flex: none;
}
.facts :deep(.why) {
  white-space: nowrap;
}
.facts.open {
  flex-wrap: wrap;
  white-space: normal;
}
.last {
  margin-left: auto;
}
@media (max-width: 900px) {
  .facts {
    padding: 0 4px 0 14px;
    gap: 2px 16px;
    line-height: 40px;
  }
  .facts.open {
    line-height: 1.5;
    padding-block: 8px;
  }
  .last {
    margin: 0;
  }
}
</style>
