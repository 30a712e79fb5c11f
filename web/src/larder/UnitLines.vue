<script setup lang="ts">
import type { UnitLearned } from '@emberfield/contract';
import type { LearnedMass } from '@emberfield/core/larder';
import { useWords } from '../session/words.ts';

/** What one of each weighs in these hands, and what a handful or a bag holds. */
defineProps<{ units: readonly UnitLearned[] }>();
const words = useWords();
const figures = ({ value, low, high }: LearnedMass) => {
  // A tip is a gram and a root a hundred: as many figures as tell something.
  const places = low < 1 ? 2 : low < 20 ? 1 : 0;
  const [mass, from, to] = [value, low, high].map((n) => words.value.format.number(n, places));
  return { mass: mass!, n: mass!, low: from!, high: to! };
};
const each = ({ each: learned }: UnitLearned): string =>
  learned.n === 1
    ? words.value.t('larder.unitEachFirst', figures(learned))
    : words.value.t('larder.unitEach', { ...figures(learned), n: learned.n });
</script>

<template>
  <p class="soft small">{{ words.t('larder.unitsLead') }}</p>
  <ul class="rows">
    <li v-for="u in units" :key="`${u.plantKey}:${u.part}`">
      <b>{{ words.text(u.plantName) }} · {{ words.text(u.partName) }}</b>
      {{ each(u) }}
      <template v-for="v in u.vessels" :key="v.vessel">
        {{ words.t(`larder.vessel.${v.vessel}`, figures(v.holds)) }}</template
      >
    </li>
  </ul>
</template>

<style scoped>
li {
  border-top: 1px solid var(--hair);
  padding: 7px 0;
}
</style>
