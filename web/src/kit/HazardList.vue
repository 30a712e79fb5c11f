<script setup lang="ts">
import type { Hazard } from '@emberfield/contract';
import { useWords } from '../session/words.ts';

/** What is wrong with a place, and what to do about each. */
defineProps<{ hazards: readonly Hazard[] }>();
const words = useWords();
</script>

<template>
  <ul v-if="hazards.length" class="hazards">
    <li v-for="h in hazards" :key="h">
      <b class="warn">{{ words.t(`patch.hazard.${h}`) }}</b>: {{ words.t(`patch.hazardAdvice.${h}`) }}
    </li>
  </ul>
</template>

<style scoped>
.hazards {
  list-style: none;
  margin: 4px 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
</style>
