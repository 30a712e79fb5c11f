<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { useWords } from '../session/words.ts';
import type { PlaceToVisit } from './places.ts';

/** Places that are open and not on the round, each with why. */
defineProps<{ others: readonly { readonly place: PlaceToVisit; readonly why: string }[] }>();
defineEmits<{ put: [patchId: string] }>();
const words = useWords();
</script>

<template>
  <section class="no-print">
    <h2>{{ words.t('round.others') }}</h2>
    <ul>
      <li v-for="{ place, why } in others" :key="place.patch.id">
        <span
          ><b>{{ place.patch.name }}</b> <span class="soft">{{ why }}</span></span
        >
        <Button @click="$emit('put', place.patch.id)">{{ words.t('round.putOn', { place: place.patch.name }) }}</Button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  margin-top: 18px;
}
ul {
  list-style: none;
  margin: 8px 0;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  justify-content: space-between;
  align-items: center;
  border-top: 1px solid var(--hair);
  padding: 6px 0;
}
</style>
