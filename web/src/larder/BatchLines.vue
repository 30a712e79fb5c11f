<script setup lang="ts">
import { computed } from 'vue';
import type { BatchView } from '@emberfield/contract';
import { useWords } from '../session/words.ts';
import { batchName, sayBatch, sayDrying } from './say-batch.ts';
import { dryingNow } from './shelf.ts';
import { useLarderClock } from './use-larder-clock.ts';

/** Batches, a line each: what it is, how it stands, and what to look at. */
const props = defineProps<{
  batches: readonly BatchView[];
  today: string;
  /** Those to be kept back. */
  doubtful?: ReadonlySet<string>;
}>();
const words = useWords();
const { now, dayAfter } = useLarderClock();
const rows = computed(() =>
  props.batches.map((batch) => {
    const dries = batch.state === 'drying' ? dryingNow(batch, now.value) : null;
    const said = dries && sayDrying(dries, words.value, (h) => words.value.format.day(dayAfter(batch.beganAt, h)));
    return {
      batch,
      drying: said && [said.about, ...(dries!.mould.level === 'low' ? [] : [said.mould])].join(' '),
      warns: dries?.mould.level === 'high',
    };
  }),
);
</script>

<template>
  <ul>
    <li v-for="{ batch: b, drying, warns } in rows" :key="b.id">
      <RouterLink :to="{ name: 'batch', params: { batchId: b.id } }"
        ><b>{{ batchName(b, words) }}</b></RouterLink
      >
      <span v-if="doubtful?.has(b.id)" class="warn">{{ words.t('larder.keepBack') }}</span>
      <span>{{ sayBatch(b, words, today) }}</span>
      <span v-if="drying" :class="warns ? 'warn' : 'soft'">{{ drying }}</span>
    </li>
  </ul>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 6px 0;
  padding: 0;
}
li {
  display: grid;
  gap: 2px;
  border-top: 1px solid var(--hair);
  padding: 8px 0;
}
</style>
