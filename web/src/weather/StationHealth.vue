<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import { dayNumber } from '@emberfield/core/measure';
import { ROUTES, type StationView } from '@emberfield/contract';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { call } from '../platform/api.ts';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';

/** How a station does: how old its last day is, what is missing, what looks like a fault, what the service said. */
const props = defineProps<{ station: StationView }>();
const words = useWords();
const { groupId, group, isKeeper } = useGroup();
const { today } = useDay();
const OLD_DAYS = 3;
const lines = computed(() => {
  const { t, format } = words.value;
  const { lastDay, missingDays, odd, source, fetchedAt, fetchProblem } = props.station;
  const old = lastDay === null ? null : dayNumber(today.value) - dayNumber(lastDay);
  return [
    ...(lastDay === null ? [{ warn: true, text: t('weather.noDays') }] : []),
    ...(old !== null && old > OLD_DAYS ? [{ warn: true, text: t('weather.health.old', { n: old }) }] : []),
    ...(missingDays > 0 ? [{ warn: false, text: t('weather.health.missing', { n: missingDays }) }] : []),
    ...odd.map((o) => ({
      warn: true,
      text: t(`weather.health.${o.why}`, { day: format.dayAndYear(o.day) }),
    })),
    ...(source === 'service' && fetchProblem ? [{ warn: true, text: t(`weather.health.fetch.${fetchProblem}`) }] : []),
    ...(source === 'service' && fetchedAt
      ? [
          {
            warn: false,
            text: t('weather.health.fetched', { when: format.instant(fetchedAt, group.value?.zone ?? 'UTC') }),
          },
        ]
      : []),
  ];
});
const fetching = useChange(() =>
  call(ROUTES.fetchStation, { params: { groupId: groupId.value!, stationId: props.station.id } }),
);
</script>

<template>
  <section class="section">
    <h2>{{ words.t('weather.health.title') }}: {{ station.name }}</h2>
    <ul v-if="lines.length">
      <li v-for="l in lines" :key="l.text" :class="{ warn: l.warn }">{{ l.text }}</li>
    </ul>
    <p v-else class="soft">{{ words.t('weather.health.well') }}</p>
    <template v-if="station.source === 'service' && isKeeper">
      <p v-if="fetching.error.value" class="warn" role="alert">{{ fetching.error.value.message }}</p>
      <Button :disabled="fetching.isPending.value" @click="fetching.mutate(undefined)">
        {{ words.t(fetching.isPending.value ? 'weather.health.fetching' : 'weather.health.fetchNow') }}
      </Button>
    </template>
  </section>
</template>

<style scoped>
ul {
  margin: 0 0 8px;
  padding-left: 20px;
}
</style>
