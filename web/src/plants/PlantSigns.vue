<script setup lang="ts">
import { computed } from 'vue';
import { signOf } from '@emberfield/contract';
import type { ShownSign } from '@emberfield/core/identity';
import SignDrawing from '../kit/SignDrawing.vue';
import { useWords } from '../session/words.ts';

/** The signs of a plant as drawn, with how often each shows and what a look costs. */
const props = defineProps<{ shows: readonly ShownSign[] }>();
const words = useWords();
const MOSTLY = 0.6;
const SELDOM = 0.15;
const rows = computed(() =>
  props.shows.map((x) => ({
    ...x,
    price: signOf(x.sign)?.price ?? 'glance',
    phases: x.when ?? signOf(x.sign)?.when ?? [],
    ordered: Object.entries(x.states).sort((a, b) => b[1] - a[1]),
  })),
);
const often = (f: number): string =>
  words.value.t(f >= MOSTLY ? 'plants.usually' : f >= SELDOM ? 'plants.sometimes' : 'plants.rarely');
</script>

<template>
  <section v-if="rows.length" class="section">
    <h2>
      {{ words.t('plants.shows') }} <span class="soft small">{{ words.t('plants.frequencies') }}</span>
    </h2>
    <ul>
      <li v-for="(r, i) in rows" :key="i">
        <b>{{ words.t(`sign.${r.sign}`) }}</b>
        <span class="soft small">{{
          [words.t(`plants.price.${r.price}`), ...r.phases.map((x) => words.t(`phase.${x}`))].join(' · ')
        }}</span>
        <span v-for="[state, f] in r.ordered" :key="state" class="state small">
          <SignDrawing :sign="r.sign" :state="state" :size="40" />
          <span
            >{{ words.t(`state.${r.sign}.${state}`) }} <i v-if="f < 1" class="soft">{{ often(f) }}</i></span
          >
        </span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 12px 20px;
}
b,
li > .soft {
  display: block;
}
.state {
  display: flex;
  gap: 8px;
  align-items: center;
}
</style>
