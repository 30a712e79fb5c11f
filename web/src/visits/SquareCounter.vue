<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref, toRef } from 'vue';
import type { StandView } from '@emberfield/contract';
import type { VisitDraft } from '../entries/visit-draft.ts';
import { useWords } from '../session/words.ts';
import { NO_PLANTS, type Classes } from './class-count.ts';
import ClassCounter from './ClassCounter.vue';
import { useSpots } from './use-spots.ts';

/** Square by square: the one that is counted now and where it lies, and those that were. */
const props = defineProps<{ stand: StandView }>();
const visit = defineModel<VisitDraft>({ required: true });
const words = useWords();
const first = visit.value.squares.findIndex((n) => n === null);
const at = ref(first < 0 ? visit.value.squares.length - 1 : first);
const spots = useSpots(
  toRef(props, 'stand'),
  computed(() => visit.value.key.id),
);
const where = computed(() => {
  const spot = spots.value[at.value];
  if (!spot) return '';
  const { t, format } = words.value;
  return t('visit.spot', {
    up: t(spot.northM >= 0 ? 'visit.north' : 'visit.south', {
      way: format.distance(Math.round(Math.abs(spot.northM))),
    }),
    over: t(spot.eastM >= 0 ? 'visit.east' : 'visit.west', { way: format.distance(Math.round(Math.abs(spot.eastM))) }),
  });
});
const now = computed<Classes>({
  get: () => {
    const plants = visit.value.squares[at.value] ?? 0;
    return { ...NO_PLANTS, ...visit.value.squareClasses[at.value], plants };
  },
  set: ({ plants, mature, flowering }) => {
    visit.value.squares[at.value] = plants;
    visit.value.squareClasses[at.value] = { mature, flowering };
  },
});
function next(): void {
  // A square in which nothing stands was counted too.
  if (visit.value.squares[at.value] == null) now.value = NO_PLANTS;
  at.value = at.value + 1;
  if (at.value >= visit.value.squares.length) visit.value.squares.push(null);
}
</script>

<template>
  <div>
    <p>
      <b>{{ words.t('visit.squareNow', { n: at + 1 }) }}</b> <span v-if="where" class="soft">{{ where }}</span>
    </p>
    <ClassCounter :key="at" v-model="now" />
    <div class="squares">
      <Button
        v-for="(n, i) in visit.squares"
        :key="i"
        class="chip"
        :aria-pressed="i === at"
        :aria-label="words.t('visit.squareNow', { n: i + 1 })"
        @click="at = i"
        >{{ n ?? '–' }}</Button
      >
      <Button type="primary" class="chip" @click="next">{{ words.t('visit.nextSquare') }}</Button>
    </div>
  </div>
</template>

<style scoped>
.squares {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 10px;
}
</style>
