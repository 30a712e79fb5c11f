<script setup lang="ts">
import CoalMark from './CoalMark.vue';
import { COALS } from './coal-examples.ts';
import { useWords } from '../session/words.ts';

/** Every coal with what it means. */
const words = useWords();
</script>

<template>
  <ul class="rows coals">
    <li v-for="(c, i) in COALS" :key="i">
      <CoalMark :readiness="c.readiness" :thorns="c.thorns" :size="36" label="" />
      {{ c.thorns ? words.t('coal.thorns') : words.coal(c.readiness, false) }}
    </li>
    <slot />
  </ul>
</template>

<style scoped>
.coals {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 6px 16px;
}
.coals :slotted(li),
.coals li {
  display: flex;
  gap: 10px;
  align-items: center;
}
</style>
