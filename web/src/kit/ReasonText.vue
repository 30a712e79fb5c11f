<script setup lang="ts">
import { ref, useId } from 'vue';

/** A statement with a dotted line under it, that opens into its reasons. */
defineProps<{ reasons: readonly string[] }>();
const open = ref(false);
const id = useId();
</script>

<template>
  <span class="reason">
    <button type="button" class="why" :aria-expanded="open" :aria-controls="id" @click="open = !open"><slot /></button>
    <ul v-show="open" :id="id" class="small">
      <li v-for="(r, i) in reasons" :key="i">{{ r }}</li>
    </ul>
  </span>
</template>

<style scoped>
.why {
  background: none;
  border: 0;
  border-bottom: 1px dotted var(--soft);
  padding: 0;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
}
ul {
  margin: 6px 0 8px;
  padding: 8px 12px 8px 28px;
  background: var(--band);
  border-radius: 4px;
  color: var(--char);
  font-weight: 400;
}
li {
  margin: 2px 0;
}
/* A thumb in a glove. */
@media (max-width: 900px) {
  .why {
    padding: 10px 0 4px;
    margin-top: -6px;
  }
}
</style>
