<script setup lang="ts">
import { computed } from 'vue';
import type { PatchView } from '@emberfield/contract';
import NamedPick from '../kit/NamedPick.vue';
import PickMany from '../kit/PickMany.vue';
import { useWords } from '../session/words.ts';
import { useOwnPace } from '../way/kept-way.ts';
import type { PlaceToVisit } from './places.ts';
import { PACES, type Wish } from './round.ts';
import { clockOf } from '../platform/clock.ts';

/** From where, when off and back, how fast, and for which plants. */
const props = defineProps<{ places: readonly PatchView[]; open: readonly PlaceToVisit[] }>();
const wish = defineModel<Wish>({ required: true });
const words = useWords();
const set = (over: Partial<Wish>): void => void (wish.value = { ...wish.value, ...over });
const plants = computed(() => {
  const all = new Map(props.open.flatMap((p) => p.lines.map((l) => [l.stand.plantKey, l.stand.plantName])));
  return [...all].map(([value, name]) => ({ value, label: words.value.text(name) }));
});
const ownPace = useOwnPace();
const paces = computed(() => [
  ...(Object.keys(PACES) as Wish['pace'][]).map((value) => ({ value, label: words.value.t(`round.paces.${value}`) })),
  ...(ownPace.value === null
    ? []
    : [
        {
          value: 'own' as const,
          label: words.value.t('round.ownPace', { percent: words.value.format.percent(ownPace.value) }),
        },
      ]),
]);
const hows = computed(() =>
  (['only', 'first'] as const).map((value) => ({ value, label: words.value.t(`round.hows.${value}`) })),
);
/** Kilograms that can be chosen; the first: as much as there is. */
const LOADS = [0, 2, 4, 6, 8, 10, 15, 20];
const loads = computed(() =>
  LOADS.map((kg) => ({ value: kg, label: kg ? words.value.format.mass(1000 * kg) : words.value.t('round.anyLoad') })),
);
const [EARLIEST, HALF_AN_HOUR, UNTIL_MIDNIGHT] = [5 * 60, 30, 38];
const times = Array.from({ length: UNTIL_MIDNIGHT }, (_, i) => EARLIEST + HALF_AN_HOUR * i).map((value) => ({
  value,
  label: clockOf(value),
}));
</script>

<template>
  <div class="choices no-print">
    <NamedPick
      :model-value="wish.from"
      :label="words.t('round.from')"
      :placeholder="words.t('round.fromWhere')"
      :options="places.map((p) => ({ value: p.id, label: p.name }))"
      @update:model-value="set({ from: $event })" />
    <NamedPick
      :model-value="wish.leavesAt"
      :label="words.t('round.leaves')"
      :options="times"
      @update:model-value="$event !== null && set({ leavesAt: $event })" />
    <NamedPick
      :model-value="wish.backBy"
      :label="words.t('round.back')"
      :options="times"
      @update:model-value="$event !== null && set({ backBy: $event })" />
    <NamedPick
      :model-value="wish.pace"
      :label="words.t('round.pace')"
      :options="paces"
      @update:model-value="$event && set({ pace: $event })" />
    <NamedPick
      :model-value="wish.carriesKg ?? 0"
      :label="words.t('round.carries')"
      :options="loads"
      @update:model-value="set({ carriesKg: $event || null })" />
    <PickMany
      class="plants"
      :model-value="wish.plants"
      :label="words.t('round.plants')"
      :placeholder="words.t('round.allPlants')"
      :options="plants"
      @update:model-value="set({ plants: $event })" />
    <NamedPick
      v-if="wish.plants.length"
      :model-value="wish.how"
      :label="words.t('round.howWanted')"
      :options="hows"
      @update:model-value="$event && set({ how: $event })" />
  </div>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: center;
}
.plants {
  flex: 1 1 220px;
}
</style>
