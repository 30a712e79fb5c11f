<script setup lang="ts">
import { useWords } from '../session/words.ts';

/** What the two marks mean wherever dates are held against what came. */
const words = useWords();
</script>

<template>
  <p class="soft small legend">
    <svg width="14" height="12" aria-hidden="true"><circle cx="7" cy="6" r="4.6" class="mine" /></svg>
    {{ words.t('stand.proofMine') }}
    <svg width="14" height="12" aria-hidden="true"><path d="M7 1L12 6L7 11L2 6Z" class="last" /></svg>
    {{ words.t('stand.proofLastYear') }}
  </p>
</template>

<style scoped>
.legend {
  display: flex;
  gap: 4px;
  align-items: center;
}
.legend svg:nth-of-type(2) {
  margin-left: 12px;
}
.mine {
  fill: var(--ember);
}
.last {
  fill: none;
  stroke: var(--soft);
  stroke-width: 1.6;
}
</style>
