<script setup lang="ts">
import { computed } from 'vue';
import CoalMark from '../kit/CoalMark.vue';
import HazardList from '../kit/HazardList.vue';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import type { GroundPlace } from './ground-places.ts';

/** A place in the list beside the map: what is hottest, and once chosen everything that grows there. */
const props = defineProps<{ place: GroundPlace; day: string; chosen: boolean }>();
const emit = defineEmits<{ choose: [] }>();
const words = useWords();
const { dayQuery } = useDay();
const hot = computed(() => props.place.hottest);
const said = computed(() =>
  hot.value
    ? `${words.value.text(hot.value.stand.plantName)} · ${words.value.text(hot.value.outlook.partName)}: ${words.value.window(hot.value.outlook, props.day)}`
    : words.value.t('patch.nothingHere'),
);
</script>

<template>
  <li :class="{ chosen }">
    <button type="button" :aria-pressed="chosen" @click="emit('choose')">
      <CoalMark
        v-if="hot"
        :readiness="hot.outlook.readiness"
        :thorns="hot.outlook.thorns"
        :size="hot.outlook.thorns ? 34 : 28"
        :label="words.coal(hot.outlook.readiness, hot.outlook.thorns)" />
      <span>
        <b>{{ place.patch.name }}</b>
        <small>{{ said }}</small>
      </span>
    </button>
    <div v-if="chosen" class="more">
      <RouterLink
        v-for="l in place.lines"
        :key="l.stand.id + l.outlook.part + l.outlook.use"
        :to="{ name: 'stand', params: { standId: l.stand.id }, query: dayQuery }">
        {{ words.text(l.stand.plantName) }} · {{ words.text(l.outlook.partName) }}
      </RouterLink>
      <HazardList :hazards="place.patch.hazards" />
      <p v-if="place.patch.neighbours">{{ place.patch.neighbours }}</p>
      <p v-if="place.patch.blurred" class="soft">{{ words.t('patch.blurred') }}</p>
      <RouterLink :to="{ name: 'patch', params: { patchId: place.patch.id } }">{{
        words.t('stand.toPatch')
      }}</RouterLink>
    </div>
  </li>
</template>

<style scoped>
li {
  border-top: 1px solid var(--hair);
}
li.chosen {
  background: var(--paper);
  box-shadow: inset 3px 0 0 var(--ember);
}
button {
  display: grid;
  grid-template-columns: 40px 1fr;
  align-items: center;
  width: 100%;
  min-height: 52px;
  padding: 6px 8px;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
button > span {
  grid-column: 2;
}
b,
small {
  display: block;
}
small {
  color: var(--soft);
  font-size: 13.5px;
}
.more {
  display: grid;
  gap: 4px;
  padding: 2px 8px 12px 48px;
  font-size: 14px;
}
.more p {
  margin: 0;
}
@media (max-width: 900px) {
  .more a {
    padding: 12px 0;
  }
}
</style>
