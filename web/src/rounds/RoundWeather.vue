<script setup lang="ts">
import { computed } from 'vue';
import type { Conditions } from '@emberfield/contract';
import { useWords } from '../session/words.ts';

/** What the sky does on the day, as far as anybody knows, and how long the way back is: said before they end the round. */
const props = defineProps<{ conditions: Conditions; wayBack: number }>();
const words = useWords();
/** From here on it is no drizzle, mm a day. An estimate. */
const WET_MM = 5;
const rain = computed(() => props.conditions.rainMm ?? 0);
const warnings = computed(() => [
  ...(rain.value >= WET_MM ? [words.value.t('round.wet')] : []),
  ...((props.conditions.minC ?? 1) <= 0 ? [words.value.t('round.cold')] : []),
]);
</script>

<template>
  <p class="soft">
    <template v-if="conditions.source !== 'none'"
      >{{ words.temperatures(conditions)
      }}<template v-if="conditions.rainMm !== null"
        >, {{ words.t('round.rain', { mm: words.format.rain(rain) }) }}</template
      >
      <template v-if="conditions.source !== 'measured'"> ({{ words.t(`conditions.${conditions.source}`) }})</template> ·
    </template>
    {{ words.t('round.wayBack', { n: wayBack }) }}
  </p>
  <p v-for="w in warnings" :key="w" class="warn">{{ w }}</p>
</template>

<style scoped>
p {
  margin: 4px 0;
}
</style>
